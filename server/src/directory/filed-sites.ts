/** Listed sites by their keys, for the routes and for the thread that searches them. */
import { correct } from '@relay/core/lists/corrections';
import type { FiledSite } from '@relay/core/lists/filed';
import type { ListedSite } from '@relay/core/lists/types';

/** A statement with its values; answers the rows. */
export type Query = (statement: string, values?: unknown[]) => Promise<unknown>;

/** What tells a site from others, over versions of a list. */
export type SiteName = Pick<ListedSite, 'callSign' | 'module' | 'txHz'>;

export interface SiteKey {
  listId: string;
  line: number;
}

export const keyText = ({ listId, line }: SiteKey): string => `${listId}/${line}`;

/** As the lists say it, corrections beside. */
export async function filedSites(query: Query, keys: readonly SiteKey[]): Promise<Map<string, FiledSite>> {
  const rows = (await query(
    `SELECT s.list_id AS "listId", s.line, l.name AS "listName", s.call_sign AS "callSign", s.module, s.name,
      s.place, s.lat, s.lon, s.tx_hz::float8 AS "txHz", s.rx_hz::float8 AS "rxHz", s.modes,
       s.color_code AS "colorCode", s.tone, s.tone_out AS "toneOut", s.width_hz AS "widthHz", s.status,
         s.confirmed_on::text AS "confirmedOn", s.notes, s.nac, s.group_id AS "groupId", s.networks, s.linked,
         s.country, l.issued_on::text AS "listIssuedOn",
       coalesce((SELECT json_agg(json_build_object('slot', nullif(g.slot, 0), 'number', g.number, 'static',
         g.is_static) ORDER BY g.slot, g.number) FROM directory_group g WHERE g.list_id = s.list_id
         AND g.line = s.line), '[]') AS groups,
       coalesce((SELECT json_agg(json_build_object('field', c.field, 'text', c.text, 'was', c.was, 'who', c.who,
         'why', c.why, 'madeAt', c.made_at) ORDER BY c.field) FROM directory_correction c
         WHERE c.list_id = s.list_id AND c.call_sign = s.call_sign AND c.module = s.module
         AND c.tx_hz = s.tx_hz), '[]') AS corrections
     FROM unnest($1::uuid[], $2::int[]) AS wanted (list_id, line)
       JOIN directory_site s USING (list_id, line) JOIN directory_list l ON l.id = s.list_id`,
    [keys.map((one) => one.listId), keys.map((one) => one.line)],
  )) as FiledSite[];
  return new Map(rows.map((row) => [keyText(row), row]));
}

/** The same with the corrections made. */
export async function sitesAsCorrected(query: Query, keys: readonly SiteKey[]): Promise<Map<string, FiledSite>> {
  const found = await filedSites(query, keys);
  return new Map([...found].map(([key, site]) => [key, correct(site, site.corrections)]));
}
