/** Tables in XML (W3C XML 1.0): elements of one name beside each other are rows, their attributes and leaves cells. */
import { SaxesParser } from 'saxes';
import { decodeBytes } from './encoding';
import { checkCell, checkColumns, checkRows } from './limits';
import { type Leaf, listItems, listText, spannedFile, type SpannedRow, type SpannedTable } from './spanned';
import { type FileKind, type OpenFile, UnreadableFile } from './table-file';

interface Attribute {
  name: string;
  value: string;
  start: number;
  end: number;
}

interface Element {
  name: string;
  line: number;
  start: number;
  end: number;
  /** Between its tags; equal where it is empty and has one tag only. */
  inner: { start: number; end: number } | null;
  attributes: Attribute[];
  children: Element[];
  text: string;
}

const MOST_DEPTH = 20;

function parse(text: string): Element {
  const root: Element = { name: '', line: 1, start: 0, end: 0, inner: null, attributes: [], children: [], text: '' };
  const stack = [root];
  const parser = new SaxesParser({ position: true });
  let failure: UnreadableFile | null = null;
  parser.on('error', ({ message }) => {
    failure ??= new UnreadableFile(`Line ${parser.line}`, message.replace(/^\d+:\d+: /, ''), 'XML (W3C XML 1.0)');
  });
  parser.on('opentagstart', ({ name }) => {
    const start = text.lastIndexOf('<', parser.position - 1);
    const element: Element = {
      name,
      line: parser.line,
      start,
      end: start,
      inner: null,
      attributes: [],
      children: [],
      text: '',
    };
    stack.at(-1)!.children.push(element);
    stack.push(element);
    if (stack.length > MOST_DEPTH)
      failure ??= new UnreadableFile(`Line ${parser.line}`, 'deeper elements', `at most ${MOST_DEPTH} in each other`);
  });
  parser.on('attribute', ({ name, value }) => {
    const quote = text[parser.position - 1]!;
    const start = text.lastIndexOf(quote, parser.position - 2) + 1;
    stack.at(-1)!.attributes.push({ name, value, start, end: parser.position - 1 });
  });
  parser.on('opentag', ({ isSelfClosing }) => {
    if (!isSelfClosing) stack.at(-1)!.inner = { start: parser.position, end: parser.position };
  });
  const take = (part: string) => {
    stack.at(-1)!.text += part;
  };
  parser.on('text', take);
  parser.on('cdata', take);
  parser.on('closetag', () => {
    const element = stack.pop()!;
    element.end = parser.position;
    if (element.inner) element.inner.end = text.lastIndexOf('<', parser.position - 1);
  });
  parser.write(text).close();
  if (failure !== null) throw failure as UnreadableFile;
  return root;
}

const ESCAPES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&apos;',
};
const escaped = (text: string) => text.replace(/[&<>"']/g, (letter) => ESCAPES[letter]!);

/** The children of an element by their names. */
function byNameOf({ children }: Element): ReadonlyMap<string, readonly Element[]> {
  const found = new Map<string, Element[]>();
  for (const child of children) {
    const known = found.get(child.name);
    if (known) known.push(child);
    else found.set(child.name, [child]);
  }
  return found;
}

const isLeaf = (one: Element) => one.children.length === 0;

/** An element without children as a cell: what stands between its tags, or the element where it has one tag. */
function leafOf(source: string, element: Element): Leaf {
  const { start, end, inner, text, name } = element;
  return { start, end, text, put: putBetween(source, name, [start, inner?.start ?? -1, inner?.end ?? -1, end]) };
}

/** What stands for another text: only places are kept, since a long table has many cells. */
function putBetween(
  source: string,
  name: string,
  [start, innerStart, innerEnd, end]: readonly [number, number, number, number],
): (text: string) => string {
  return (text) => {
    const whole = source.slice(start, end);
    // `<power/>` becomes `<power>high</power>`.
    const [before, behind] =
      innerStart >= 0
        ? [source.slice(start, innerStart), source.slice(innerEnd, end)]
        : [`${whole.replace(/\s*\/>$/, '')}>`, `</${name}>`];
    const one = (next: string) => (next === '' && innerStart < 0 ? whole : before + escaped(next) + behind);
    // Where every row lists one thing only, nothing shows that it is a list: it becomes one when it gets more.
    return (listItems(text) ?? [text]).map(one).join('');
  };
}

/** Leaves of one name beside each other as one cell that lists them. */
function listOf(source: string, items: readonly Element[]): Leaf {
  const [first, second] = items;
  const gap = second ? source.slice(first!.end, second.start) : '';
  const { put: item } = leafOf(source, first!);
  return {
    start: first!.start,
    end: items.at(-1)!.end,
    text: listText(items.map(({ text }) => text)),
    put: (text) => (JSON.parse(text) as string[]).map(item).join(gap),
  };
}

/** What in a row holds many of one name in any of the rows is a list in all of them. */
function leavesOf(source: string, element: Element, lists: ReadonlySet<string>, path = ''): Map<string, Leaf> {
  const leaves = new Map<string, Leaf>();
  for (const { name, value, start, end } of element.attributes)
    leaves.set(`${path}@${name}`, { start, end, text: value, put: escaped });
  for (const [name, items] of byNameOf(element)) {
    const way = path === '' ? name : `${path}/${name}`;
    if (lists.has(way) && items.every(isLeaf)) leaves.set(way, listOf(source, items));
    else if (items.length === 1) {
      const [item] = items;
      if (isLeaf(item!) && (item!.attributes.length === 0 || item!.text.trim() !== ''))
        leaves.set(way, leafOf(source, item!));
      for (const [inner, leaf] of leavesOf(source, { ...item! }, lists, way)) leaves.set(inner, leaf);
    }
  }
  return leaves;
}

/** The ways within rows at which several leaves of one name stand. */
function listWays(rows: readonly Element[]): Set<string> {
  const found = new Set<string>();
  const visit = (element: Element, path: string) => {
    const seen = new Set<string>();
    for (const child of element.children) {
      const way = path === '' ? child.name : `${path}/${child.name}`;
      if (seen.has(child.name) && isLeaf(child)) found.add(way);
      seen.add(child.name);
      visit(child, way);
    }
  };
  for (const row of rows) visit(row, '');
  return found;
}

/** `at`: before the end tag; `null` where none can be put in. */
const insertAt =
  (at: number | null, lists: ReadonlySet<string>): SpannedRow['insert'] =>
  (title, text) =>
    at !== null && !title.includes('@') && !title.includes('/') && !lists.has(title)
      ? { start: at, end: at, text: `<${title}>${escaped(text)}</${title}>` }
      : null;

function tablesIn(source: string, element: Element, path: string, found: SpannedTable[]): void {
  const byName = byNameOf(element);
  for (const [name, items] of byName) {
    const way = `${path}/${name}`;
    const lists = listWays(items);
    const isTable =
      items.length > 1 || (byName.size === 1 && path !== '' && leavesOf(source, items[0]!, lists).size > 1);
    if (isTable && items.some((item) => leavesOf(source, item, lists).size > 0)) {
      checkRows(items.length);
      const rows = items.map((item): SpannedRow => {
        const leaves = leavesOf(source, item, lists);
        checkColumns(`Line ${item.line}`, leaves.size);
        for (const leaf of leaves.values()) checkCell(`Line ${item.line}`, leaf.text.length);
        return {
          line: item.line,
          start: item.start,
          end: item.end,
          leaves,
          insert: insertAt(item.inner?.end ?? null, lists),
        };
      });
      const between = items[1] ? source.slice(items[0]!.end, items[1].start) : '\n';
      found.push({ part: way, rows, between });
    } else for (const item of items) tablesIn(source, item, way, found);
  }
}

function open(bytes: Uint8Array): OpenFile {
  const decoded = decodeBytes(bytes);
  const { text } = decoded;
  const found: SpannedTable[] = [];
  tablesIn(text, parse(text), '', found);
  return spannedFile('xml', 'XML', bytes, decoded, found);
}

export const xml: FileKind = {
  id: 'xml',
  takes: (bytes) => /^\s*<(\?xml|!--|!doctype|[a-z_])/i.test(decodeBytes(bytes.subarray(0, 400)).text),
  open,
};
