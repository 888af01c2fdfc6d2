/**
 * The keys and values of somebody else's settings file, each with its place, so that one value can be written and every
 * other byte kept. Three dialects: lines (`key = value`, `key: value`, with sections, as in INI and TOML files), YAML,
 * JSON.
 */
import { MOST_TEXT } from '../plan/taught-file';
import { isAlias, isMap, isScalar, isSeq, parseDocument } from 'yaml';

export type Dialect = 'lines' | 'yaml' | 'json';

export interface Entry {
  /** Sections and key, with the number of its occurrence where there are several: `Modem#2/Enable`. */
  path: string;
  section: string;
  key: string;
  /** 1-based. */
  line: number;
  /** Where the value stands, quotes left out: offsets in the text. */
  start: number;
  end: number;
  /** The value as it is meant, without quotes. */
  text: string;
  quote: '' | '"' | "'";
}

export interface Entries {
  dialect: Dialect;
  entries: Entry[];
  /** Why nothing could be read; `null` where something was. */
  problem: string | null;
}

const MOST_ENTRIES = 5_000;

/** Says how often a name came before: the first time nothing. */
function counted(): (name: string) => string {
  const seen = new Map<string, number>();
  return (name) => {
    const count = (seen.get(name) ?? 0) + 1;
    seen.set(name, count);
    return count === 1 ? name : `${name}#${count}`;
  };
}

const COMMENT = /^\s*(#|;|\/\/|$)/;
const SECTION = /^\s*\[+\s*([^\]]*?)\s*\]+\s*(?:[#;].*)?$/;
const SEPARATORS = ['=', ':'] as const;

/** What stands between keys and values in most lines. */
function separatorOf(lines: readonly string[]): '=' | ':' | null {
  const count = (mark: string) =>
    lines.filter((line) => !COMMENT.test(line) && !SECTION.test(line) && line.includes(mark)).length;
  const [equals, colons] = SEPARATORS.map(count) as [number, number];
  if (equals === 0 && colons === 0) return null;
  return equals >= colons ? '=' : ':';
}

/**
 * Where a value begins and ends in what stands behind the separator, without spaces, quotes and a comment behind it.
 */
function valueIn(rest: string): { from: number; to: number; quote: Entry['quote'] } {
  const from = rest.length - rest.trimStart().length;
  const [first] = rest.slice(from);
  if (first === '"' || first === "'") {
    const closing = rest.indexOf(first, from + 1);
    if (closing > 0) return { from: from + 1, to: closing, quote: first };
  }
  const comment = /\s+[#;].*$/.exec(rest.slice(from));
  const bare = comment ? rest.slice(0, from + comment.index) : rest;
  return { from: Math.min(from, bare.trimEnd().length), to: bare.trimEnd().length, quote: '' };
}

function lineEntries(text: string): Entry[] {
  const lines = text.split(/(?<=\n)/);
  const mark = separatorOf(lines);
  if (!mark) return [];
  const sections = counted();
  let section = '';
  let keys = counted();
  let offset = 0;
  const entries: Entry[] = [];
  lines.forEach((whole, at) => {
    const start = offset;
    offset += whole.length;
    const line = whole.replace(/\r?\n$/, '');
    if (COMMENT.test(line)) return;
    const named = SECTION.exec(line);
    if (named) {
      section = sections(named[1]!);
      keys = counted();
      return;
    }
    const split = line.indexOf(mark);
    if (split < 0) return;
    const key = line.slice(0, split).trim();
    if (key === '') return;
    const { from, to, quote } = valueIn(line.slice(split + 1));
    const begin = start + split + 1 + from;
    const end = start + split + 1 + to;
    const path = `${section === '' ? '' : `${section}/`}${keys(key)}`;
    entries.push({ path, section, key, line: at + 1, start: begin, end, text: text.slice(begin, end), quote });
  });
  return entries;
}

/** Line numbers by offset, in one pass as long as offsets rise. */
function lineCounter(text: string): (offset: number) => number {
  let [at, line] = [0, 1];
  return (offset) => {
    if (offset < at) [at, line] = [0, 1];
    for (; at < offset; at += 1) if (text[at] === '\n') line += 1;
    return line;
  };
}

/** YAML and JSON, which is a part of it: scalars at any depth. `null` where the text is neither. */
function treeEntries(text: string): Entry[] | null {
  const document = parseDocument(text, { keepSourceTokens: false, uniqueKeys: false });
  if (document.errors.length > 0 || !(isMap(document.contents) || isSeq(document.contents))) return null;
  const lineOf = lineCounter(text);
  const entries: Entry[] = [];
  const visit = (node: unknown, path: readonly string[]): void => {
    if (entries.length > MOST_ENTRIES || isAlias(node)) return;
    if (isMap(node)) {
      const keys = counted();
      for (const { key, value } of node.items) visit(value, [...path, keys(String(isScalar(key) ? key.value : key))]);
    } else if (isSeq(node)) node.items.forEach((one, at) => visit(one, [...path, String(at + 1)]));
    else if (isScalar(node) && node.range && !String(node.type ?? '').startsWith('BLOCK')) {
      const [from, to] = node.range;
      const quote = node.type === 'QUOTE_DOUBLE' ? '"' : node.type === 'QUOTE_SINGLE' ? "'" : '';
      const [start, end] = quote === '' ? [from, to] : [from + 1, to - 1];
      entries.push({
        path: path.join('/'),
        section: path.slice(0, -1).join('/'),
        key: path.at(-1) ?? '',
        line: lineOf(start),
        start,
        end,
        text: quote === '' ? text.slice(start, end) : String(node.value),
        quote,
      });
    }
  };
  visit(document.contents, []);
  return entries;
}

/** Lines that look like `key: value` or `- item`, against those with an equals sign. */
function looksLikeYaml(text: string): boolean {
  const lines = text.split('\n').filter((line) => !COMMENT.test(line));
  const colons = lines.filter((line) => /^\s*(- )?[^\s=:#[\]]+:(\s|$)/.test(line)).length;
  return colons > lines.length / 2 && !lines.some((line) => SECTION.test(line));
}

/** Reads the entries of a settings file of any of the dialects. */
export function readEntries(text: string): Entries {
  if (text.length > MOST_TEXT)
    return {
      dialect: 'lines',
      entries: [],
      problem: `found ${text.length.toLocaleString('en')} characters, expected at most ${MOST_TEXT.toLocaleString('en')}`,
    };
  if (text.includes('\u0000')) return { dialect: 'lines', entries: [], problem: 'found a zero byte, expected a text' };
  const isJson = /^\ufeff?\s*[{[]/.test(text) && !SECTION.test(text.split('\n', 1)[0] ?? '');
  if (isJson || looksLikeYaml(text)) {
    const entries = treeEntries(text);
    if (entries && entries.length > 0) return { dialect: isJson ? 'json' : 'yaml', entries, problem: null };
  }
  const entries = lineEntries(text).slice(0, MOST_ENTRIES);
  return {
    dialect: 'lines',
    entries,
    problem: entries.length > 0 ? null : 'found no line with a key and a value, such as Frequency = 439.125',
  };
}

/** A value as it must stand in the file, between the quotes that are there. */
function written(value: string, { quote }: Entry, dialect: Dialect): string {
  if (quote === "'") return dialect === 'lines' ? value : value.replaceAll("'", "''");
  if (quote === '"') return dialect === 'lines' ? value : JSON.stringify(value).slice(1, -1);
  const isPlain = /^[\w.+-]*$/.test(value) || dialect === 'lines';
  return isPlain ? value : JSON.stringify(value);
}

/** The text with some of its values replaced, by path; every other character stays. */
export function writeEntries(text: string, { entries, dialect }: Entries, values: ReadonlyMap<string, string>): string {
  const changed = entries.filter(({ path, text: now }) => values.has(path) && values.get(path) !== now);
  let result = '';
  let at = 0;
  for (const entry of [...changed].sort((a, b) => a.start - b.start)) {
    result += text.slice(at, entry.start) + written(values.get(entry.path)!, entry, dialect);
    at = entry.end;
  }
  return result + text.slice(at);
}
