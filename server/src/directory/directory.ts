/** Imported lists of sites, and what is near. A list goes in whole or not at all. */
import { randomUUID } from 'node:crypto';
import type { DataSource } from 'typeorm';
import { type NearestIndex, nearestIndex } from '@relay/core/units/geo/nearest';
import {
  type CorrectableField,
  correct,
  CORRECTIONS,
  type ListDifference,
  differenceOf,
  siteKey,
} from '@relay/core/lists/corrections';
import type {
  Correction,
  FiledSite,
  ListSummary,
  NearSite,
  SiteCorrection,
  SiteMap,
  Trip,
} from '@relay/core/lists/filed';
import { type ColumnField, LISTED_MODES, type ListedMode, type ListedSite } from '@relay/core/lists/types';
import type { Band } from '@relay/core/units/bands';
import type { Position } from '@relay/core/plan/types';
import { InvalidRequest, NotFound } from '../errors';
import { insertSites } from './insert';
import type { ListReader } from './reader';
import type { ReadEnd } from './reading';

export interface NewList {
  name: string;
  source: string;
  licence: string;
  issuedOn: string | null;
}

/** What is not asked for is `null`. */
export interface SiteFilter {
  mode: ListedMode | null;
  /** What the site sends on, Hz, both ends included: a band of somebody's licence. */
  sends: Band | null;
  /** Part of the name of a network, family or room network it reaches. */
  network: string | null;
  status: ListedSite['status'] | null;
}

export interface NearQuery extends SiteFilter {
  from: Position;
  limit: number;
  withinM: number;
}

export interface TripQuery extends SiteFilter {
  /** At least two. */
  points: Position[];
  widthM: number;
}

interface Spot extends Position {
  listId: string;
  line: number;
  modes: ListedMode[];
  txHz: number;
  status: ListedSite['status'];
  networks: string[];
  linked: string;
}

const MOST_ALONG = 500;

const LIST_COLUMNS =
  'id, name, source, licence, issued_on::text AS "issuedOn", layout, site_count AS sites, imported_at AS "importedAt"';

/** Which spots are asked for; `undefined` when all are. */
function keeper(
  spots: readonly Spot[],
  { mode, sends, network, status }: SiteFilter,
): ((at: number) => boolean) | undefined {
  if (mode === null && sends === null && network === null && status === null) return undefined;
  const wanted = network?.toLowerCase();
  return (at) => {
    const spot = spots[at]!;
    if (mode !== null && !spot.modes.includes(mode)) return false;
    if (sends !== null && (spot.txHz < sends.lowHz || spot.txHz > sends.highHz)) return false;
    if (status !== null && spot.status !== status) return false;
    return wanted === undefined || [...spot.networks, spot.linked].some((name) => name.toLowerCase().includes(wanted));
  };
}

export class Directory {
  private index: { stamp: string; spots: Spot[]; nearest: NearestIndex } | null = null;

  constructor(private readonly source: DataSource) {}

  async lists(): Promise<ListSummary[]> {
    return this.source.query(`SELECT ${LIST_COLUMNS} FROM directory_list ORDER BY name, id`);
  }

  /**
   * A list of the same name is replaced, corrections stay. The database takes one chunk while the next is read.
   * @param progress told the lines that are stored, after each chunk
   * @param signal ends the import with nothing changed
   * @throws InvalidRequest when the list holds no site
   */
  async add(
    list: NewList,
    reader: ListReader,
    signal: AbortSignal,
    progress: (lines: number, of: number) => void = () => undefined,
  ): Promise<{ list: ListSummary } & ReadEnd> {
    const head = await reader.head();
    return this.source.transaction(async (manager) => {
      const [{ id }] = (await manager.query(
        `INSERT INTO directory_list (id, name, source, licence, issued_on, layout, site_count) VALUES ($1, $2, $3, $4, $5, $6, 0)
         ON CONFLICT (name) DO UPDATE SET source = excluded.source, licence = excluded.licence, issued_on = excluded.issued_on, layout = excluded.layout, imported_at = now()
         RETURNING id`,
        [randomUUID(), list.name, list.source, list.licence, list.issuedOn, head.layout],
      )) as [{ id: string }];
      await manager.query('DELETE FROM directory_group WHERE list_id = $1', [id]);
      await manager.query('DELETE FROM directory_site WHERE list_id = $1', [id]);
      for (let chunk = await reader.next(); chunk !== null;) {
        signal.throwIfAborted();
        const following = reader.next();
        // A failure of the database is told; the thread's, should it come too, is then of no interest.
        following.catch(() => undefined);
        await insertSites(manager, id, chunk);
        progress(chunk.lines, head.lines);
        chunk = await following;
      }
      signal.throwIfAborted();
      const end = await reader.end();
      if (end.counts.good === 0)
        throw new InvalidRequest([
          {
            pointer: '',
            found: `${head.lines} lines, none with a call sign and a frequency`,
            expected: 'a list of sites',
          },
        ]);
      // Without fresh figures the next import would look through all groups for each site that it takes away.
      await manager.query('ANALYZE directory_site, directory_group');
      await manager.query('UPDATE directory_list SET site_count = $2 WHERE id = $1', [id, end.counts.good]);
      const [summary] = (await manager.query(`SELECT ${LIST_COLUMNS} FROM directory_list WHERE id = $1`, [
        id,
      ])) as ListSummary[];
      return { list: summary!, ...end };
    });
  }

  /** What a newer version would change in the list of that name; `null` when there is none. */
  async difference(name: string, after: ReadEnd['said']): Promise<ListDifference | null> {
    const before = (await this.source.query(
      `SELECT s.call_sign AS "callSign", s.module, s.tx_hz::float8 AS "txHz", s.fingerprint AS said FROM directory_site s JOIN directory_list l ON l.id = s.list_id WHERE l.name = $1 ORDER BY s.line`,
      [name],
    )) as { callSign: string; module: string; txHz: number; said: string }[];
    return before.length === 0
      ? null
      : differenceOf(
          before.map((one) => ({ key: siteKey(one), callSign: one.callSign, said: one.said })),
          after,
        );
  }

  /** Which of these sites a list still holds, in their order. @throws NotFound for a list that is not there */
  async held(listId: string, sites: readonly Pick<ListedSite, 'callSign' | 'module' | 'txHz'>[]): Promise<boolean[]> {
    const known = (await this.source.query('SELECT 1 FROM directory_list WHERE id = $1', [listId])) as unknown[];
    if (known.length === 0) throw new NotFound('The list');
    const rows = (await this.source.query(
      `SELECT EXISTS (SELECT 1 FROM directory_site s WHERE s.list_id = $1 AND s.call_sign = wanted.call_sign AND s.module = wanted.module AND s.tx_hz = wanted.tx_hz) AS held
       FROM unnest($2::text[], $3::text[], $4::bigint[]) WITH ORDINALITY AS wanted (call_sign, module, tx_hz, place) ORDER BY place`,
      [listId, sites.map((one) => one.callSign), sites.map((one) => one.module), sites.map((one) => one.txHz)],
    )) as { held: boolean }[];
    return rows.map((one) => one.held);
  }

  /** What columns were taken for in lists of the same look. */
  async recipes(): Promise<Record<string, ColumnField[]>> {
    const rows = (await this.source.query(
      'SELECT signature, fields FROM directory_recipe ORDER BY used_at DESC LIMIT 500',
    )) as { signature: string; fields: ColumnField[] }[];
    return Object.fromEntries(rows.map((one) => [one.signature, one.fields]));
  }

  async remember(signature: string, fields: readonly ColumnField[]): Promise<void> {
    await this.source.query(
      'INSERT INTO directory_recipe (signature, fields) VALUES ($1, $2) ON CONFLICT (signature) DO UPDATE SET fields = excluded.fields, used_at = now()',
      [signature.slice(0, 4000), fields],
    );
  }

  /** The sites of one list, as corrected, in its order. */
  async sitesOfList(listId: string, limit: number): Promise<FiledSite[]> {
    const keys = (await this.source.query(
      'SELECT list_id AS "listId", line FROM directory_site WHERE list_id = $1 ORDER BY line LIMIT $2',
      [listId, limit],
    )) as { listId: string; line: number }[];
    return [...(await this.sitesOf(keys)).values()].sort((x, y) => x.line - y.line);
  }

  /** Every site that has a position, as columns of numbers: what a map needs of tens of thousands. */
  async map(): Promise<SiteMap> {
    const { spots } = await this.current();
    const lists = [...new Set(spots.map((spot) => spot.listId))];
    const place = new Map(lists.map((id, at) => [id, at]));
    return {
      lists,
      list: spots.map((spot) => place.get(spot.listId)!),
      line: spots.map((spot) => spot.line),
      lat: spots.map((spot) => round5(spot.lat)),
      lon: spots.map((spot) => round5(spot.lon)),
      txHz: spots.map((spot) => spot.txHz),
      modes: spots.map((spot) =>
        LISTED_MODES.reduce((bits, mode, at) => bits | (spot.modes.includes(mode) ? 1 << at : 0), 0),
      ),
    };
  }

  /** @throws NotFound for a line that the list has not */
  async correct(listId: string, line: number, correction: Omit<Correction, 'was' | 'madeAt'>): Promise<void> {
    const site = (await this.filed([{ listId, line }])).get(`${listId}/${line}`);
    if (!site) throw new NotFound('The site');
    await this.source.query(
      `INSERT INTO directory_correction (list_id, call_sign, module, tx_hz, field, text, was, who, why) VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9)
       ON CONFLICT (list_id, call_sign, module, tx_hz, field) DO UPDATE SET text = excluded.text, was = excluded.was, who = excluded.who, why = excluded.why, made_at = now()`,
      [
        listId,
        site.callSign,
        site.module,
        site.txHz,
        correction.field,
        correction.text,
        CORRECTIONS[correction.field].show(site),
        correction.who,
        correction.why,
      ],
    );
  }

  /** The list’s own value holds again. */
  async uncorrect(listId: string, line: number, field: CorrectableField): Promise<void> {
    await this.source.query(
      'DELETE FROM directory_correction c USING directory_site s WHERE c.list_id = $1 AND s.list_id = $1 AND s.line = $2 AND c.call_sign = s.call_sign AND c.module = s.module AND c.tx_hz = s.tx_hz AND c.field = $3',
      [listId, line, field],
    );
  }

  /** For the list’s keeper: every correction of a list, with who, when and why. */
  async corrections(listId: string): Promise<SiteCorrection[]> {
    return this.source.query(
      'SELECT call_sign AS "callSign", module, tx_hz::float8 AS "txHz", field, text, was, who, why, made_at AS "madeAt" FROM directory_correction WHERE list_id = $1 ORDER BY call_sign, module, tx_hz, field',
      [listId],
    );
  }

  async remove(id: string): Promise<void> {
    const [, count] = (await this.source.query('DELETE FROM directory_list WHERE id = $1', [id])) as [unknown, number];
    if (count === 0) throw new NotFound('The list');
  }

  /** Nearest first. The index is made again when lists came or went, by whichever process. */
  async near({ from, limit, withinM, ...filter }: NearQuery): Promise<NearSite[]> {
    const { spots, nearest } = await this.current();
    const found = nearest.nearest(from, limit, keeper(spots, filter), withinM);
    if (found.length === 0) return [];
    const keys = found.map(({ at }) => spots[at]!);
    const rows = await this.sitesOf(keys);
    return found.flatMap(({ at, distanceM, bearingDeg }): NearSite[] => {
      const site = rows.get(`${spots[at]!.listId}/${spots[at]!.line}`);
      // Gone since the index was made.
      return site ? [{ ...site, distanceM, bearingDeg }] : [];
    });
  }

  /** Sites along a trip, in the order of travel; the first `MOST_ALONG` of them. */
  async along({ points, widthM, ...filter }: TripQuery): Promise<Trip> {
    const { spots, nearest } = await this.current();
    const { lengthM, beside, empty } = nearest.along(points, widthM, keeper(spots, filter));
    const shown = beside.slice(0, MOST_ALONG);
    const rows =
      shown.length === 0 ? new Map<string, FiledSite>() : await this.sitesOf(shown.map(({ at }) => spots[at]!));
    return {
      lengthM,
      empty,
      sites: shown.flatMap(({ at, alongM, offM }) => {
        const site = rows.get(`${spots[at]!.listId}/${spots[at]!.line}`);
        return site ? [{ ...site, alongM, offM }] : [];
      }),
    };
  }

  private async current(): Promise<NonNullable<Directory['index']>> {
    const [{ stamp }] = (await this.source.query(
      "SELECT count(*) || ' ' || coalesce(max(imported_at)::text, '') AS stamp FROM directory_list",
    )) as [{ stamp: string }];
    if (this.index?.stamp === stamp) return this.index;
    const spots = (await this.source.query(
      'SELECT list_id AS "listId", line, lat, lon, modes, tx_hz::float8 AS "txHz", status, networks, linked FROM directory_site WHERE lat IS NOT NULL AND lon IS NOT NULL ORDER BY list_id, line',
    )) as Spot[];
    this.index = { stamp, spots, nearest: nearestIndex(spots) };
    return this.index;
  }

  private async sitesOf(keys: readonly { listId: string; line: number }[]): Promise<Map<string, FiledSite>> {
    const found = await this.filed(keys);
    return new Map([...found].map(([key, site]) => [key, correct(site, site.corrections)]));
  }

  /** As the lists say it, corrections beside. */
  private async filed(keys: readonly { listId: string; line: number }[]): Promise<Map<string, FiledSite>> {
    const rows = (await this.source.query(
      `SELECT s.list_id AS "listId", s.line, l.name AS "listName", s.call_sign AS "callSign", s.module, s.name, s.place, s.lat, s.lon, s.tx_hz::float8 AS "txHz", s.rx_hz::float8 AS "rxHz", s.modes,
         s.color_code AS "colorCode", s.tone, s.tone_out AS "toneOut", s.width_hz AS "widthHz", s.status, s.confirmed_on::text AS "confirmedOn", s.notes, s.nac, s.group_id AS "groupId", s.networks, s.linked, l.issued_on::text AS "listIssuedOn",
         coalesce((SELECT json_agg(json_build_object('slot', nullif(g.slot, 0), 'number', g.number, 'static', g.is_static) ORDER BY g.slot, g.number) FROM directory_group g WHERE g.list_id = s.list_id AND g.line = s.line), '[]') AS groups,
         coalesce((SELECT json_agg(json_build_object('field', c.field, 'text', c.text, 'was', c.was, 'who', c.who, 'why', c.why, 'madeAt', c.made_at) ORDER BY c.field) FROM directory_correction c WHERE c.list_id = s.list_id AND c.call_sign = s.call_sign AND c.module = s.module AND c.tx_hz = s.tx_hz), '[]') AS corrections
       FROM unnest($1::uuid[], $2::int[]) AS wanted (list_id, line) JOIN directory_site s USING (list_id, line) JOIN directory_list l ON l.id = s.list_id`,
      [keys.map((one) => one.listId), keys.map((one) => one.line)],
    )) as FiledSite[];
    return new Map(rows.map((row) => [`${row.listId}/${row.line}`, row]));
  }
}

const round5 = (degrees: number) => Math.round(degrees * 1e5) / 1e5;
