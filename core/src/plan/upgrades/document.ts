/** A plan of an older format: of what it holds nothing is certain. */

export type Document = Record<string, unknown>;
export type UpgradeStep = (document: Document) => Document;

/** Not a list. */
export function isObject(value: unknown): value is Document {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** What has not the shape that is expected is left for validation to name. */
export function eachValue(map: unknown, change: (value: Document) => Document): unknown {
  return isObject(map)
    ? Object.fromEntries(Object.entries(map).map(([id, value]) => [id, isObject(value) ? change(value) : value]))
    : map;
}

/** The same for the rows of a table. */
export function eachRow(table: unknown, change: (row: Document) => Document): unknown {
  if (!isObject(table) || !isObject(table['byId'])) return table;
  return { ...table, byId: eachValue(table['byId'], change) };
}
