/** Text cut by commas, semicolons, tabs or bars (RFC 4180 and its relatives), line by line as it stands. */
import Papa from 'papaparse';
import { DELIMITER_NAMES, DELIMITERS, findDelimiter } from './delimiter';
import { decodeBytes, encodeText, type Encoding } from './encoding';
import { hasTitles } from './header';
import { checkCell, checkColumns, checkLines, checkRows } from './limits';
import { type FileFault, type FileKind, hasEdits, type OpenFile, type TableEdit, type TableRow } from './table-file';

const ENCODING_NAMES: Readonly<Record<Encoding, string>> = {
  'utf-8': 'UTF-8',
  'utf-16le': 'UTF-16',
  'utf-16be': 'UTF-16, high byte first',
  'windows-1252': 'Windows-1252',
};

/** One row of the file with the text it was read from, line end included. */
interface Line {
  source: string;
  cells: string[];
  line: number;
}

/** The line with which some programs say their delimiter. */
const SAID = /^sep=(.)(\r\n|\n|\r)/i;
const COMMENT = /^\s*(#|;|\/\/|--)/;
/** A table as wide as this has no row of one cell. */
const WIDE = 3;

/** Where line ends are mixed, cutting at the shorter one finds them all. */
function newlineOf(text: string): '\r\n' | '\n' | '\r' {
  if (!text.includes('\n')) return '\r';
  return /(^|[^\r])\n/.test(text) ? '\n' : '\r\n';
}

function linesOf(text: string, delimiter: string, from: number, faults: FileFault[]): Line[] {
  const lines: Line[] = [];
  let line = from;
  let cursor = 0;
  Papa.parse<string[]>(text, {
    delimiter,
    newline: newlineOf(text),
    step: ({ data, errors, meta }) => {
      const source = text.slice(cursor, meta.cursor);
      cursor = meta.cursor;
      for (const { message } of errors) faults.push({ part: '', line, found: message, expected: 'quotes in pairs' });
      checkColumns(`Line ${line}`, data.length);
      for (const cell of data) checkCell(`Line ${line}`, cell.length);
      // Where line ends are mixed, the return of one stays with its last cell.
      const last = data.length - 1;
      if (data[last]!.endsWith('\r')) data[last] = data[last]!.slice(0, -1);
      if (source !== '') lines.push({ source, cells: data, line });
      checkRows(lines.length);
      line += source.split(/\r\n|\n|\r/).length - 1;
    },
  });
  return lines;
}

const isBlank = ({ cells }: Line) => cells.every((cell) => cell.trim() === '');
const filled = ({ cells }: Line) => cells.filter((cell) => cell.trim() !== '').length;

/** How many lines stand above the table: titles, comments, blank ones. */
function linesAbove(lines: readonly Line[], width: number): number {
  if (width < WIDE) return lines.findIndex((one) => !isBlank(one) && !COMMENT.test(one.source));
  return lines.findIndex((one) => one.cells.length > 1 && filled(one) > 1);
}

/** The width that most lines have. */
function usualWidth(lines: readonly Line[]): number {
  const counts = new Map<number, number>();
  for (const one of lines) if (!isBlank(one)) counts.set(one.cells.length, (counts.get(one.cells.length) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1] || b[0] - a[0])[0]?.[0] ?? 0;
}

/** The cells of a line as they stand in it, quotes and all, and its line end. */
function sourceCells({ source }: Line, delimiter: string): { cells: string[]; end: string } {
  const end = /(\r\n|\n|\r)$/.exec(source)?.[0] ?? '';
  const body = source.slice(0, source.length - end.length);
  const cells: string[] = [];
  let from = 0;
  while (from <= body.length) {
    let at = from;
    if (body[at] === '"') {
      // To the quote that closes the cell: one that is not doubled.
      for (at += 1; at < body.length && !(body[at] === '"' && body[at + 1] !== '"'); at += 1)
        if (body[at] === '"') at += 1;
    }
    const next = body.indexOf(delimiter, at);
    cells.push(body.slice(from, next < 0 ? body.length : next));
    if (next < 0) break;
    from = next + 1;
  }
  return { cells, end };
}

/** How a column is quoted: texts, and where nothing stands. */
interface Quoting {
  texts: boolean;
  blanks: boolean;
}

const LEARNT_FROM = 300;

function quotingOf(lines: readonly Line[], delimiter: string, width: number): Quoting[] {
  const counts = Array.from({ length: width }, () => ({ texts: 0, quoted: 0, blanks: 0, quotedBlanks: 0 }));
  for (const line of lines.slice(0, LEARNT_FROM)) {
    sourceCells(line, delimiter).cells.forEach((cell, at) => {
      const count = counts[at];
      if (!count) return;
      const isQuoted = cell.startsWith('"');
      if (cell === '' || cell === '""') {
        count.blanks += 1;
        count.quotedBlanks += Number(isQuoted);
      } else {
        count.texts += 1;
        count.quoted += Number(isQuoted);
      }
    });
  }
  return counts.map(({ texts, quoted, blanks, quotedBlanks }) => {
    const isQuoted = texts > 0 && quoted * 2 > texts;
    return { texts: isQuoted, blanks: blanks > 0 ? quotedBlanks * 2 > blanks : isQuoted };
  });
}

function written(text: string, quoting: Quoting | undefined, delimiter: string): string {
  const must = text.includes(delimiter) || /["\r\n]/.test(text) || text !== text.trim();
  const is = must || (text === '' ? quoting?.blanks : quoting?.texts);
  return is ? `"${text.replaceAll('"', '""')}"` : text;
}

function mostUsual(texts: readonly string[], otherwise: string): string {
  const counts = new Map<string, number>();
  for (const text of texts) counts.set(text, (counts.get(text) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? otherwise;
}

function open(bytes: Uint8Array): OpenFile {
  const { text, encoding, mark } = decodeBytes(bytes);
  const [said = '', saidDelimiter] = SAID.exec(text) ?? [];
  const body = text.slice(said.length);
  checkLines(body, DELIMITERS);
  const delimiter = saidDelimiter ?? findDelimiter(body);
  const faults: FileFault[] = [];
  const lines = linesOf(body, delimiter, said === '' ? 1 : 2, faults);
  const width = usualWidth(lines);
  const above = Math.max(0, linesAbove(lines, width));
  const inside = lines
    .map((line, at) => ({ line, at }))
    .filter(({ line, at }) => {
      if (at < above || isBlank(line)) return isBlank(line) && at >= above && line.cells.length === width && width > 1;
      if (width < WIDE || line.cells.length > 1) return true;
      if (!COMMENT.test(line.source))
        faults.push({ part: '', line: line.line, found: '1 cell', expected: `${width} cells` });
      return false;
    });
  const isHeaded = hasTitles(inside.map(({ line }) => line.cells));
  const data = isHeaded ? inside.slice(1) : inside;
  const rows: TableRow[] = data.map(({ line }) => ({ line: line.line, cells: line.cells }));
  const ends = lines.map((one) => /(\r\n|\n|\r)$/.exec(one.source)?.[0] ?? '').filter(Boolean);
  const newline = mostUsual(ends, '\r\n');

  function changed({ cells, removed, added }: TableEdit): string {
    const quoting = quotingOf(
      data.map(({ line }) => line),
      delimiter,
      width,
    );
    const rowAt = new Map(data.map(({ at }, row) => [at, row]));
    const parts: string[] = [said];
    const lastAt = data.at(-1)?.at ?? inside.at(-1)?.at ?? lines.length - 1;
    const put = (source: string) => {
      // The last line of a file may have no end: then the one before a new row gets one.
      const before = parts.at(-1)!;
      if (parts.length > 1 && before !== '' && !/[\r\n]$/.test(before)) parts.push(newline);
      parts.push(source);
    };
    const ended = lines.length === 0 || /[\r\n]$/.test(lines.at(-1)!.source);
    const addRows = () => {
      for (const row of added)
        put(row.map((text, at) => written(text, quoting[at], delimiter)).join(delimiter) + newline);
    };
    if (lines.length === 0) addRows();
    lines.forEach((line, at) => {
      const row = rowAt.get(at);
      const edits = row === undefined ? undefined : cells.get(row);
      if (row === undefined || !removed.has(row)) {
        if (!edits) put(line.source);
        else {
          const { cells: sources, end } = sourceCells(line, delimiter);
          const most = Math.max(sources.length, ...[...edits.keys()].map((column) => column + 1));
          const next = Array.from({ length: most }, (_, column) => {
            const text = edits.get(column);
            return text === undefined ? (sources[column] ?? '') : written(text, quoting[column], delimiter);
          });
          put(next.join(delimiter) + end);
        }
      }
      if (at === lastAt) addRows();
    });
    const whole = parts.join('');
    return ended ? whole : whole.replace(/(\r\n|\n|\r)$/, '');
  }

  return {
    kind: 'delimited',
    dialect: [ENCODING_NAMES[encoding], DELIMITER_NAMES[delimiter] ?? `“${delimiter}”`, isHeaded ? '' : 'no titles']
      .filter(Boolean)
      .join(', '),
    encoded: { encoding, mark },
    tables: [{ part: '', header: isHeaded ? inside[0]!.line.cells : null, rows, width }],
    faults,
    write(edits) {
      if (!hasEdits(edits)) return Promise.resolve(bytes);
      return Promise.resolve(encodeText(changed(edits.get('')!), { encoding, mark }));
    },
  };
}

export const delimited: FileKind = { id: 'delimited', takes: () => true, open };
