/** Tables in JSON (RFC 8259): lists of objects are tables, lists of lists too. */
import { type Node, parseTree, type ParseError, printParseErrorCode } from 'jsonc-parser';
import { decodeBytes } from './encoding';
import { checkCell, checkColumns, checkRows } from './limits';
import { type Leaf, listText, spannedFile, type SpannedRow, type SpannedTable } from './spanned';
import { type FileKind, type OpenFile, UnreadableFile } from './table-file';

const isScalar = (node: Node) => node.type !== 'object' && node.type !== 'array';
const childrenOf = (node: Node): readonly Node[] => node.children ?? [];
const textOf = (node: Node) => (node.value === null ? '' : String(node.value));

/** A text as a value of the kind that stood in its place. */
function valueLike(type: Node['type'] | 'none', text: string): string {
  if (text === '' && type === 'null') return 'null';
  if ((type === 'number' || type === 'null' || type === 'none') && /^-?(0|[1-9]\d*)(\.\d+)?$/.test(text)) return text;
  if ((type === 'boolean' || type === 'null') && /^(true|false)$/.test(text)) return text;
  return JSON.stringify(text);
}

function leafOf(source: string, node: Node): Leaf {
  const [start, end] = [node.offset, node.offset + node.length];
  if (node.type === 'array') {
    const items = childrenOf(node);
    const type = items[0]?.type ?? 'none';
    const gap = items[1] ? source.slice(items[0]!.offset + items[0]!.length, items[1].offset) : ', ';
    const before = items[0] ? source.slice(start, items[0].offset) : '[';
    const behind = items[0] ? source.slice(items.at(-1)!.offset + items.at(-1)!.length, end) : ']';
    return {
      start,
      end,
      text: listText(items.map(textOf)),
      put: (text) => before + (JSON.parse(text) as string[]).map((one) => valueLike(type, one)).join(gap) + behind,
    };
  }
  // A number keeps the digits that it is written with.
  const text = node.type === 'number' ? source.slice(start, end) : textOf(node);
  return { start, end, text, put: PUT[node.type] };
}

/** One for each kind of value: a long table has many cells, and none of them keeps what it was read from. */
const PUT = Object.fromEntries(
  (['string', 'number', 'boolean', 'null', 'object', 'array', 'property'] as const).map((type) => [
    type,
    (next: string) => valueLike(type, next),
  ]),
) as Readonly<Record<Node['type'], (next: string) => string>>;

function leavesOf(source: string, row: Node, path = ''): Map<string, Leaf> {
  const leaves = new Map<string, Leaf>();
  const put = (way: string, value: Node) => {
    const isList = value.type === 'array' && childrenOf(value).every(isScalar);
    if (isScalar(value) || isList) leaves.set(way, leafOf(source, value));
    else if (value.type === 'object') for (const [inner, leaf] of leavesOf(source, value, way)) leaves.set(inner, leaf);
  };
  if (row.type === 'array') childrenOf(row).forEach((value, at) => put(String(at + 1), value));
  for (const property of row.type === 'object' ? childrenOf(row) : []) {
    const [key, value] = childrenOf(property);
    if (key && value) put(path === '' ? String(key.value) : `${path}.${String(key.value)}`, value);
  }
  return leaves;
}

function rowOf(source: string, node: Node, line: number): SpannedRow {
  const [start, end] = [node.offset, node.offset + node.length];
  const last = node.type === 'object' ? childrenOf(node).at(-1) : undefined;
  return {
    line,
    start,
    end,
    leaves: leavesOf(source, node),
    insert: insertAt(last ? last.offset + last.length : null),
  };
}

/** `at`: behind the last property; `null` where none can be put in. */
const insertAt =
  (at: number | null): SpannedRow['insert'] =>
  (title, text) =>
    at === null || title.includes('.')
      ? null
      : { start: at, end: at, text: `, ${JSON.stringify(title)}: ${valueLike('none', text)}` };

function tablesIn(
  source: string,
  node: Node,
  path: string,
  found: SpannedTable[],
  lineAt: (at: number) => number,
): void {
  if (node.type === 'array') {
    const items = childrenOf(node);
    const isTable = items.length > 0 && items.every((item) => item.type === 'object' || item.type === 'array');
    if (!isTable) return;
    checkRows(items.length);
    const rows = items.map((item) => rowOf(source, item, lineAt(item.offset)));
    for (const row of rows) {
      checkColumns(`Line ${row.line}`, row.leaves.size);
      for (const leaf of row.leaves.values()) checkCell(`Line ${row.line}`, leaf.text.length);
    }
    const between = items[1] ? source.slice(items[0]!.offset + items[0]!.length, items[1].offset) : ', ';
    if (rows.some((row) => row.leaves.size > 0)) found.push({ part: path, rows, between });
    return;
  }
  for (const property of node.type === 'object' ? childrenOf(node) : []) {
    const [key, value] = childrenOf(property);
    if (key && value) tablesIn(source, value, `${path}/${String(key.value)}`, found, lineAt);
  }
}

/** The line of a place, for places in rising order. */
function lineCounter(text: string): (at: number) => number {
  let [line, from] = [1, 0];
  return (at) => {
    for (; from < at; from += 1) if (text[from] === '\n') line += 1;
    return line;
  };
}

function open(bytes: Uint8Array): OpenFile {
  const decoded = decodeBytes(bytes);
  const { text } = decoded;
  const errors: ParseError[] = [];
  const root = parseTree(text, errors, { allowTrailingComma: false, disallowComments: true });
  const [error] = errors;
  if (error || !root)
    throw new UnreadableFile(
      `Line ${text.slice(0, error?.offset ?? 0).split('\n').length}`,
      error ? printParseErrorCode(error.error) : 'nothing',
      'JSON (RFC 8259)',
    );
  const found: SpannedTable[] = [];
  tablesIn(text, root, '', found, lineCounter(text));
  return spannedFile('json', 'JSON', bytes, decoded, found);
}

export const json: FileKind = {
  id: 'json',
  takes: (bytes) => /^\s*[[{]\s*["{[\]}]/.test(decodeBytes(bytes.subarray(0, 400)).text),
  open,
};
