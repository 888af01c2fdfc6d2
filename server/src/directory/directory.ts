/** Imported lists of sites, and what is near. A list goes in whole or not at all. */
import { randomUUID } from 'node:crypto';
import type { DataSource, EntityManager } from 'typeorm';
import { type NearestIndex, nearestIndex } from '@relay/core/geo/nearest';
import { type CorrectableField, correct, CORRECTIONS, type ListDifference, differenceOf } from '@relay/core/lists/corrections';
import type { Correction, FiledSite, ListSummary, NearSite, SiteCorrection, Trip } from '@relay/core/lists/filed';
import type { ListedMode } from '@relay/core/lists/types';
import type { ReadSites } from '@relay/core/lists/read-sites';
import type { Position } from '@relay/core/plan/types';
import { NotFound } from '../errors';

export interface NewList {
  name: string;
  source: string;
  licence: string;
  issuedOn: string | null;
  layout: string;
}

export interface NearQuery {
  from: Position;
  limit: number;
  mode: ListedMode | null;
  withinM: number;
}

export interface TripQuery {
  /** At least two. */
  points: Position[];
  widthM: number;
  mode: ListedMode | null;
}

interface Spot extends Position {
  listId: string;
  line: number;
  modes: ListedMode[];
}

const CHUNK = 2000;
const MOST_ALONG = 500;

/** Columns of `directory_site` as JSON records give them. */
const SITE_RECORD = 'line integer, call_sign text, module text, name text, place text, lat double precision, lon double precision, tx_hz bigint, rx_hz bigint, modes text[], color_code smallint, ctcss_hz double precision, dcs text, status text, confirmed_on date, notes text';
const SITE_COLUMNS = SITE_RECORD.split(', ').map((column) => column.split(' ')[0]).join(', ');
const LIST_COLUMNS = 'id, name, source, licence, issued_on::text AS "issuedOn", layout, site_count AS sites, imported_at AS "importedAt"';

/** A null character is no text for the database, and no letter of anybody's name. */
const clean = (text: string) => text.replaceAll('\u0000', '');

function siteRecord({ line, site }: ReadSites['sites'][number]): object {
  return {
    line,
    call_sign: clean(site.callSign),
    module: clean(site.module),
    name: clean(site.name),
    place: clean(site.place),
    lat: site.lat,
    lon: site.lon,
    tx_hz: site.txHz,
    rx_hz: site.rxHz !== null && site.rxHz > 0 ? site.rxHz : null,
    modes: site.modes,
    color_code: site.colorCode,
    ctcss_hz: site.ctcssHz,
    dcs: site.dcs,
    status: site.status,
    confirmed_on: site.confirmedOn,
    notes: clean(site.notes),
  };
}

export class Directory {
  private index: { stamp: string; spots: Spot[]; nearest: NearestIndex } | null = null;

  constructor(private readonly source: DataSource) {}

  async lists(): Promise<ListSummary[]> {
    return this.source.query(`SELECT ${LIST_COLUMNS} FROM directory_list ORDER BY name, id`);
  }

  /**
   * A list of the same name is replaced, corrections stay.
   * @param signal ends the import with nothing changed
   */
  async add(list: NewList, sites: ReadSites['sites'], signal: AbortSignal): Promise<ListSummary> {
    return this.source.transaction(async (manager) => {
      const [{ id }] = (await manager.query(
        `INSERT INTO directory_list (id, name, source, licence, issued_on, layout, site_count) VALUES ($1, $2, $3, $4, $5, $6, $7)
         ON CONFLICT (name) DO UPDATE SET source = excluded.source, licence = excluded.licence, issued_on = excluded.issued_on, layout = excluded.layout, site_count = excluded.site_count, imported_at = now()
         RETURNING id`,
        [randomUUID(), list.name, list.source, list.licence, list.issuedOn, list.layout, sites.length],
      )) as [{ id: string }];
      await manager.query('DELETE FROM directory_site WHERE list_id = $1', [id]);
      for (let at = 0; at < sites.length; at += CHUNK) {
        signal.throwIfAborted();
        await insertChunk(manager, id, sites.slice(at, at + CHUNK));
      }
      signal.throwIfAborted();
      const [summary] = (await manager.query(`SELECT ${LIST_COLUMNS} FROM directory_list WHERE id = $1`, [id])) as ListSummary[];
      return summary!;
    });
  }

  /** What a newer version would change in the list of that name; `null` when there is none. */
  async difference(name: string, sites: ReadSites['sites']): Promise<ListDifference | null> {
    const lines = (await this.source.query('SELECT s.list_id AS "listId", s.line FROM directory_site s JOIN directory_list l ON l.id = s.list_id WHERE l.name = $1', [name])) as { listId: string; line: number }[];
    if (lines.length === 0) return null;
    const before = [...(await this.filed(lines)).values()].sort((a, b) => a.line - b.line);
    return differenceOf(before, sites.map((one) => one.site));
  }

  /** @throws NotFound for a line that the list has not */
  async correct(listId: string, line: number, correction: Omit<Correction, 'was' | 'madeAt'>): Promise<void> {
    const site = (await this.filed([{ listId, line }])).get(`${listId}/${line}`);
    if (!site) throw new NotFound('The site');
    await this.source.query(
      `INSERT INTO directory_correction (list_id, call_sign, module, tx_hz, field, text, was, who, why) VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9)
       ON CONFLICT (list_id, call_sign, module, tx_hz, field) DO UPDATE SET text = excluded.text, was = excluded.was, who = excluded.who, why = excluded.why, made_at = now()`,
      [listId, site.callSign, site.module, site.txHz, correction.field, correction.text, CORRECTIONS[correction.field].show(site), correction.who, correction.why],
    );
  }

  /** The list’s own value holds again. */
  async uncorrect(listId: string, line: number, field: CorrectableField): Promise<void> {
    await this.source.query('DELETE FROM directory_correction c USING directory_site s WHERE c.list_id = $1 AND s.list_id = $1 AND s.line = $2 AND c.call_sign = s.call_sign AND c.module = s.module AND c.tx_hz = s.tx_hz AND c.field = $3', [listId, line, field]);
  }

  /** For the list’s keeper: every correction of a list, with who, when and why. */
  async corrections(listId: string): Promise<SiteCorrection[]> {
    return this.source.query('SELECT call_sign AS "callSign", module, tx_hz::float8 AS "txHz", field, text, was, who, why, made_at AS "madeAt" FROM directory_correction WHERE list_id = $1 ORDER BY call_sign, module, tx_hz, field', [listId]);
  }

  async remove(id: string): Promise<void> {
    const [, count] = (await this.source.query('DELETE FROM directory_list WHERE id = $1', [id])) as [unknown, number];
    if (count === 0) throw new NotFound('The list');
  }

  /** Nearest first. The index is made again when lists came or went, by whichever process. */
  async near({ from, limit, mode, withinM }: NearQuery): Promise<NearSite[]> {
    const { spots, nearest } = await this.current();
    const found = nearest.nearest(from, limit, mode === null ? undefined : (at) => spots[at]!.modes.includes(mode), withinM);
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
  async along({ points, widthM, mode }: TripQuery): Promise<Trip> {
    const { spots, nearest } = await this.current();
    const { lengthM, beside, empty } = nearest.along(points, widthM, mode === null ? undefined : (at) => spots[at]!.modes.includes(mode));
    const shown = beside.slice(0, MOST_ALONG);
    const rows = shown.length === 0 ? new Map<string, FiledSite>() : await this.sitesOf(shown.map(({ at }) => spots[at]!));
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
    const [{ stamp }] = (await this.source.query("SELECT count(*) || ' ' || coalesce(max(imported_at)::text, '') AS stamp FROM directory_list")) as [{ stamp: string }];
    if (this.index?.stamp === stamp) return this.index;
    const spots = (await this.source.query('SELECT list_id AS "listId", line, lat, lon, modes FROM directory_site WHERE lat IS NOT NULL AND lon IS NOT NULL ORDER BY list_id, line')) as Spot[];
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
         s.color_code AS "colorCode", s.ctcss_hz AS "ctcssHz", s.dcs, s.status, s.confirmed_on::text AS "confirmedOn", s.notes,
         coalesce((SELECT json_agg(json_build_object('slot', g.slot, 'number', g.number) ORDER BY g.slot, g.number) FROM directory_group g WHERE g.list_id = s.list_id AND g.line = s.line), '[]') AS groups,
         coalesce((SELECT json_agg(json_build_object('field', c.field, 'text', c.text, 'was', c.was, 'who', c.who, 'why', c.why, 'madeAt', c.made_at) ORDER BY c.field) FROM directory_correction c WHERE c.list_id = s.list_id AND c.call_sign = s.call_sign AND c.module = s.module AND c.tx_hz = s.tx_hz), '[]') AS corrections
       FROM unnest($1::uuid[], $2::int[]) AS wanted (list_id, line) JOIN directory_site s USING (list_id, line) JOIN directory_list l ON l.id = s.list_id`,
      [keys.map((one) => one.listId), keys.map((one) => one.line)],
    )) as FiledSite[];
    return new Map(rows.map((row) => [`${row.listId}/${row.line}`, row]));
  }
}

async function insertChunk(manager: EntityManager, listId: string, sites: ReadSites['sites']): Promise<void> {
  await manager.query(`INSERT INTO directory_site (list_id, ${SITE_COLUMNS}) SELECT $1, ${SITE_COLUMNS} FROM json_to_recordset($2) AS record (${SITE_RECORD})`, [listId, JSON.stringify(sites.map(siteRecord))]);
  const groups = sites.flatMap(({ line, site }) => site.groups.map(({ slot, number }) => ({ line, slot, number })));
  if (groups.length > 0) await manager.query('INSERT INTO directory_group (list_id, line, slot, number) SELECT $1, line, slot, number FROM json_to_recordset($2) AS record (line integer, slot smallint, number integer) ON CONFLICT DO NOTHING', [listId, JSON.stringify(groups)]);
}
