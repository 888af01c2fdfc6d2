import type { Id, Table } from './types';

/** A table without rows. */
export function emptyTable<T>(): Table<T> {
  return { byId: {}, order: [] };
}

/** A table of rows, in their order. */
export function tableOf<T extends { id: Id }>(rows: readonly T[]): Table<T> {
  return { byId: Object.fromEntries(rows.map((row) => [row.id, row])), order: rows.map((row) => row.id) };
}

/** Rows in the order people see. Iterate tables only through this: a database does not keep the order of keys. */
export function rows<T>(table: Table<T>): T[] {
  const found: T[] = [];
  for (const id of table.order) {
    const row = table.byId[id];
    if (row !== undefined) found.push(row);
  }
  return found;
}

/** Adds a row at the end, or replaces the one with the same id in place. */
export function putRow<T extends { id: Id }>(table: Table<T>, row: T): void {
  if (!(row.id in table.byId)) table.order.push(row.id);
  table.byId[row.id] = row;
}

/** Takes a row out of a table of a draft; an id that is no row changes nothing. */
export function removeRow<T>(table: Table<T>, id: Id): void {
  delete table.byId[id];
  const at = table.order.indexOf(id);
  if (at >= 0) table.order.splice(at, 1);
}

/** Makes `order` hold each key of `byId` once: kept order first, strays at the end by id. */
export function healOrder<T>(table: Table<T>): void {
  const seen = new Set<Id>();
  const kept = table.order.filter((id) => id in table.byId && !seen.has(id) && seen.add(id));
  const strays = Object.keys(table.byId)
    .filter((id) => !seen.has(id))
    .sort();
  if (kept.length !== table.order.length || strays.length > 0) table.order = [...kept, ...strays];
}

/** The first of `base`, `base-2`, `base-3` … that is not taken. */
export function freeId(base: string, taken: (id: string) => boolean): Id {
  if (!taken(base)) return base;
  let n = 2;
  while (taken(`${base}-${n}`)) n += 1;
  return `${base}-${n}`;
}
