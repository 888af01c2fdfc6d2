/** Numbers and call signs in files of a radio that say whose radio it is. */
import { CALL_SIGN } from '../lists/cells';
import type { FileTable } from '../tables/table-file';
import { plainTitle } from './plain';

const OWN =
  /radio ?id|own id|my (id|call|call ?sign)|eigene|^my$|mon (id|indicatif)|mi (id|indicativo)|operator|station|owner|dmr ?id|id radio|radioid/;
const STATION_ID = /^\d{7}$/;
/** Whose it is stands in a table of few rows, or is the same in all of them. */
const MOST = 4;

/** Of tables that are not understood, and of columns that are carried along: what is titled as the owner's. */
export function ownersIn(tables: readonly { table: FileTable; isKnown: (column: number) => boolean }[]): string[] {
  const found = new Set<string>();
  for (const { table, isKnown } of tables) {
    for (let at = 0; at < table.width; at += 1) {
      const title = plainTitle(table.header?.[at] ?? '');
      if (isKnown(at) || !OWN.test(title)) continue;
      const texts = new Set(table.rows.map(({ cells }) => (cells[at] ?? '').trim().toUpperCase()));
      const telling = [...texts].filter((text) => STATION_ID.test(text) || CALL_SIGN.test(text));
      if (telling.length <= MOST) for (const text of telling) found.add(text);
    }
  }
  return [...found];
}
