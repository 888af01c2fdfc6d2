/** Sites as the reading thread gives them, into the tables. */
import type { EntityManager } from 'typeorm';
import type { ReadChunk } from './reading';

/** Columns of `directory_site` as JSON records give them, each with its type. */
const SITE_RECORD = [
  'line integer, call_sign text, module text, name text, place text, country text',
  'lat double precision, lon double precision, tx_hz bigint, rx_hz bigint, modes text[]',
  'color_code smallint, tone text, tone_out text, width_hz integer, nac text, group_id text',
  'status text, confirmed_on date, notes text, networks text[], linked text, fingerprint text',
].join(', ');
const SITE_COLUMNS = SITE_RECORD.split(', ')
  .map((column) => column.split(' ')[0])
  .join(', ');

export async function insertSites(
  manager: EntityManager,
  listId: string,
  { sites, groups }: Pick<ReadChunk, 'sites' | 'groups'>,
): Promise<void> {
  await manager.query(
    `INSERT INTO directory_site (list_id, ${SITE_COLUMNS}) SELECT $1, ${SITE_COLUMNS}
      FROM json_to_recordset($2) AS record (${SITE_RECORD})`,
    [listId, sites],
  );
  if (groups !== '[]')
    await manager.query(
      `INSERT INTO directory_group (list_id, line, slot, number, is_static)
        SELECT $1, line, slot, number, is_static
        FROM json_to_recordset($2) AS record (line integer, slot smallint, number integer,
        is_static boolean) ON CONFLICT DO NOTHING`,
      [listId, groups],
    );
}
