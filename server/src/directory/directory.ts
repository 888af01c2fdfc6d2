/** Imported lists of sites, and their corrections. A list goes in whole or not at all. */
import { randomUUID } from 'node:crypto';
import type { DataSource } from 'typeorm';
import { type CorrectableField, CORRECTIONS, type ListDifference } from '@relay/core/lists/corrections';
import type { Correction, ListSummary, SiteCorrection } from '@relay/core/lists/filed';
import type { ColumnField } from '@relay/core/lists/types';
import { InvalidRequest, NotFound } from '../errors';
import { filedSites, keyText, type Query, type SiteName } from './filed-sites';
import { insertSites } from './insert';
import type { ListReader } from './reader';
import type { ReadEnd } from './reading';

export interface ListUse {
  /** Names of plans. */
  plans: string[];
  corrections: number;
}

/** A list of which this share of the sites is known under another name is probably a newer version of that. */
const LEAST_ALIKE = 0.5;
const KEPT_DAYS = 30;

export interface NewList {
  name: string;
  source: string;
  licence: string;
  issuedOn: string | null;
}

const LIST_COLUMNS = `id, name, source, licence, issued_on::text AS "issuedOn", layout, site_count AS sites, countries,
    imported_at AS "importedAt"`;

/** Sites of the present list that are held against a newer one at a time. */
const DIFFERENCE_PART = 10_000;

/** Taking a list of half a million sites away is one statement. */
const IMPORT_STATEMENT_MS = 180_000;

/** Whoever holds an index of the lists makes it anew. */
const NEW_STAMP = 'UPDATE directory_stamp SET stamp = stamp + 1';

export class Directory {
  constructor(private readonly source: DataSource) {}

  private readonly query: Query = (statement, values) => this.source.query(statement, values);

  /** By name; the forgotten ones are those that can be brought back. */
  async lists(forgotten = false): Promise<ListSummary[]> {
    return this.source.query(
      `SELECT ${LIST_COLUMNS} FROM directory_list WHERE (forgotten_at IS NOT NULL) = $1
        AND site_count > 0 ORDER BY name, id`,
      [forgotten],
    );
  }

  /** Who would miss a list: plans that took sites from it, and how many corrections it has. @throws NotFound */
  async use(id: string): Promise<ListUse> {
    const [list] = (await this.source.query('SELECT name FROM directory_list WHERE id = $1', [id])) as {
      name: string;
    }[];
    if (!list) throw new NotFound('The list');
    const plans = (await this.source.query(
      `SELECT name FROM plan WHERE deleted_at IS NULL
        AND jsonb_path_exists(document, '$.sites.byId.*.listing.list ? (@.name == $name)',
        jsonb_build_object('name', $1::text)) ORDER BY name`,
      [list.name],
    )) as { name: string }[];
    const [{ count }] = (await this.source.query(
      'SELECT count(*)::int AS count FROM directory_correction WHERE list_id = $1',
      [id],
    )) as [{ count: number }];
    return { plans: plans.map((one) => one.name), corrections: count };
  }

  /** The list, of another name, that holds most of these sites already; `null` where none holds half of them. */
  async alike(name: string, sites: readonly SiteName[]): Promise<{ name: string; share: number } | null> {
    if (sites.length === 0) return null;
    const [most] = (await this.source.query(
      `SELECT l.name, count(*)::int AS count
        FROM unnest($1::text[], $2::text[], $3::bigint[]) AS wanted (call_sign, module, tx_hz)
         JOIN directory_site s ON s.call_sign = wanted.call_sign AND s.module = wanted.module AND s.tx_hz = wanted.tx_hz
         JOIN directory_list l ON l.id = s.list_id AND l.forgotten_at IS NULL
       WHERE l.name <> $4 GROUP BY l.name ORDER BY count DESC, l.name LIMIT 1`,
      [sites.map((one) => one.callSign), sites.map((one) => one.module), sites.map((one) => one.txHz), name],
    )) as { name: string; count: number }[];
    const share = most ? most.count / sites.length : 0;
    return most && share >= LEAST_ALIKE ? { name: most.name, share: Math.min(1, share) } : null;
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
      await manager.query(`SET LOCAL statement_timeout = '${IMPORT_STATEMENT_MS}'`);
      // Another import of the same list, also one that was given up just now, is waited for: it holds the name until
      // it ends.
      await manager.query(`SET LOCAL lock_timeout = '${IMPORT_STATEMENT_MS}'`);
      const [{ id }] = (await manager.query(
        `INSERT INTO directory_list (id, name, source, licence, issued_on, layout, site_count)
          VALUES ($1, $2, $3, $4, $5, $6, 0)
         ON CONFLICT (name) DO UPDATE SET source = excluded.source, licence = excluded.licence,
           issued_on = excluded.issued_on, layout = excluded.layout, imported_at = now(), forgotten_at = NULL
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
      await manager.query(
        `UPDATE directory_list SET site_count = $2, countries = ARRAY(SELECT DISTINCT country
          FROM directory_site WHERE list_id = $1 AND country <> '' ORDER BY country) WHERE id = $1`,
        [id, end.counts.good],
      );
      // Last, since it holds up other imports until this one is over.
      await manager.query(NEW_STAMP);
      const [summary] = (await manager.query(`SELECT ${LIST_COLUMNS} FROM directory_list WHERE id = $1`, [
        id,
      ])) as ListSummary[];
      return { list: summary!, ...end };
    });
  }

  /** What a newer version would change in the list of that name; `null` when there is none. */
  async difference(name: string, reader: ListReader): Promise<ListDifference | null> {
    let after = 0;
    // A part at a time: a long list as one text would hold up everybody else.
    for (;;) {
      const [{ said, last }] = (await this.source.query(
        `SELECT json_agg(json_build_object('callSign', call_sign, 'key',
          call_sign || '|' || module || '|' || tx_hz, 'said', fingerprint)
          ORDER BY line)::text AS said, max(line) AS last
         FROM (SELECT s.* FROM directory_site s JOIN directory_list l ON l.id = s.list_id WHERE l.name = $1
           AND s.line > $2 ORDER BY s.line LIMIT ${DIFFERENCE_PART}) part`,
        [name, after],
      )) as [{ said: string | null; last: number | null }];
      if (said === null || last === null) return after === 0 ? null : reader.difference();
      await reader.takeBefore(said);
      after = last;
    }
  }

  /** @throws NotFound for a list that is not there */
  async check(listId: string): Promise<void> {
    const known = (await this.source.query('SELECT 1 FROM directory_list WHERE id = $1 AND forgotten_at IS NULL', [
      listId,
    ])) as unknown[];
    if (known.length === 0) throw new NotFound('The list');
  }

  /** Which of these sites a list still holds, in their order. @throws NotFound for a list that is not there */
  async held(listId: string, sites: readonly SiteName[]): Promise<boolean[]> {
    await this.check(listId);
    const rows = (await this.source.query(
      `SELECT EXISTS (SELECT 1 FROM directory_site s WHERE s.list_id = $1 AND s.call_sign = wanted.call_sign
        AND s.module = wanted.module AND s.tx_hz = wanted.tx_hz) AS held
       FROM unnest($2::text[], $3::text[], $4::bigint[]) WITH ORDINALITY AS wanted (call_sign, module, tx_hz,
         place) ORDER BY place`,
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
      `INSERT INTO directory_recipe (signature, fields) VALUES ($1, $2) ON CONFLICT (signature)
        DO UPDATE SET fields = excluded.fields, used_at = now()`,
      [signature.slice(0, 4000), fields],
    );
  }

  /** @throws NotFound for a line that the list has not */
  /** Where a list names a call sign first; `null` where it does not. */
  async lineOf(listId: string, callSign: string): Promise<number | null> {
    const [found] = (await this.source.query(
      'SELECT min(line) AS line FROM directory_site WHERE list_id = $1 AND call_sign = $2',
      [listId, callSign],
    )) as { line: number | null }[];
    return found?.line ?? null;
  }

  async correct(listId: string, line: number, correction: Omit<Correction, 'was' | 'madeAt'>): Promise<void> {
    const key = { listId, line };
    const site = (await filedSites(this.query, [key])).get(keyText(key));
    if (!site) throw new NotFound('The site');
    await this.source.query(
      `INSERT INTO directory_correction (list_id, call_sign, module, tx_hz, field, text, was, who, why)
        VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9)
       ON CONFLICT (list_id, call_sign, module, tx_hz, field)
         DO UPDATE SET text = excluded.text, was = excluded.was, who = excluded.who, why = excluded.why,
         made_at = now()`,
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
      `DELETE FROM directory_correction c USING directory_site s WHERE c.list_id = $1 AND s.list_id = $1
        AND s.line = $2 AND c.call_sign = s.call_sign AND c.module = s.module AND c.tx_hz = s.tx_hz AND c.field = $3`,
      [listId, line, field],
    );
  }

  /** For the list’s keeper: every correction of a list, with who, when and why. */
  async corrections(listId: string): Promise<SiteCorrection[]> {
    return this.source.query(
      `SELECT call_sign AS "callSign", module, tx_hz::float8 AS "txHz", field, text, was, who, why,
        made_at AS "madeAt" FROM directory_correction WHERE list_id = $1 ORDER BY call_sign, module, tx_hz, field`,
      [listId],
    );
  }

  /** Forgets a list, or brings it back. Corrections stay either way. @throws NotFound */
  async setForgotten(id: string, forgotten: boolean): Promise<void> {
    const [, count] = (await this.source.query(
      `UPDATE directory_list SET forgotten_at = CASE WHEN $2 THEN now() END WHERE id = $1
        AND (forgotten_at IS NULL) = $2 AND site_count > 0`,
      [id, forgotten],
    )) as [unknown, number];
    if (count === 0) throw new NotFound('The list');
    await this.source.query(NEW_STAMP);
  }

  /** Lets go of the sites of lists that nobody brought back. */
  async clear(): Promise<void> {
    await this.source.transaction(async (manager) => {
      const old = (await manager.query(
        `SELECT id FROM directory_list WHERE forgotten_at < now() - interval '${KEPT_DAYS} days'
          AND site_count > 0 FOR UPDATE`,
      )) as { id: string }[];
      for (const { id } of old) {
        await manager.query('DELETE FROM directory_group WHERE list_id = $1', [id]);
        await manager.query('DELETE FROM directory_site WHERE list_id = $1', [id]);
        await manager.query('UPDATE directory_list SET site_count = 0 WHERE id = $1', [id]);
      }
    });
  }
}
