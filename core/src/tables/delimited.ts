/** Text cut by commas, semicolons, tabs or bars (RFC 4180 and its relatives), line by line as it stands. */
import Papa from 'papaparse';
import { DELIMITER_NAMES, DELIMITERS, findDelimiter } from './delimiter';
import { decodeBytes, encodeText, type Encoding } from './encoding';
import { hasTitles } from './header';
import { newlineOf } from './line-ends';
import { checkCell, checkColumns, checkLines, checkRows } from './limits';
import { type FileFault, type FileKind, hasEdits, type OpenFile, type TableEdit, type TableRow } from './table-file';

const ENCODING_NAMES: Readonly<Record<Encoding, string>> = {
  'utf-8': 'UTF-8',
  'utf-16le': 'UTF-16',
  'utf-16be': 'UTF-16, high byte first',
  'windows-1252': 'Windows-1252',
};

/** So many cells are kept; those behind them are cut again when they are asked for. */
const MOST_KEPT = 2_000_000;

/** The row whose cells were cut last: whoever reads one cell of a row reads the others next. */
let cutLast: { line: Line; cells: string[] } | null = null;

/** One row of the file with the text it was read from, line end included. */
class Line implements TableRow {
  readonly width: number;
  readonly isBlank: boolean;

  /** `kept`: its cells, where they are not to be cut out of the source again. */
  constructor(
    readonly source: string,
    readonly line: number,
    private readonly delimiter: string,
    cells: string[],
    private readonly kept: string[] | null,
  ) {
    this.width = cells.length;
    this.isBlank = cells.every((cell) => cell.trim() === '');
  }

  get cells(): string[] {
    if (this.kept) return this.kept;
    if (cutLast?.line !== this) cutLast = { line: this, cells: cutCells(this.source, this.delimiter) };
    return cutLast.cells;
  }
}

/** The line with which some programs say their delimiter. */
const SAID = /^sep=(.)(\r\n|\n|\r)/i;
const COMMENT = /^\s*(#|;|\/\/|--)/;
/** A table as wide as this has no row of one cell. */
const WIDE = 3;
/** How a file is written is learnt from so many of its lines. */
const LEARNT_FROM = 300;

/** How many line ends a text has. */
function linesIn(text: string): number {
  let count = 0;
  for (let at = 0; at < text.length; at += 1) {
    const letter = text.charCodeAt(at);
    if (letter === 10 || (letter === 13 && text.charCodeAt(at + 1) !== 10)) count += 1;
  }
  return count;
}

function linesOf(text: string, delimiter: string, from: number, faults: FileFault[]): Line[] {
  const lines: Line[] = [];
  let kept = 0;
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
      // What is quoted oddly is cut in one way only.
      const isKept = errors.length > 0 || kept < MOST_KEPT;
      if (source !== '') lines.push(new Line(source, line, delimiter, data, isKept ? data : null));
      if (isKept) kept += data.length;
      checkRows(lines.length);
      line += linesIn(source);
    },
  });
  return lines;
}

const filled = ({ cells }: Line) => cells.filter((cell) => cell.trim() !== '').length;

/** How many lines stand above the table: titles, comments, blank ones. */
function linesAbove(lines: readonly Line[], width: number): number {
  if (width < WIDE) return lines.findIndex((one) => !one.isBlank && !COMMENT.test(one.source));
  return lines.findIndex((one) => one.width > 1 && filled(one) > 1);
}

/** The width that most lines have. */
function usualWidth(lines: readonly Line[]): number {
  const counts = new Map<number, number>();
  for (const one of lines) if (!one.isBlank) counts.set(one.width, (counts.get(one.width) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1] || b[0] - a[0])[0]?.[0] ?? 0;
}

/** The cells of a line as they stand in it, quotes and all, and its line end. */
function sourceCells(source: string, delimiter: string): { cells: string[]; end: string } {
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

/** The texts of the cells of a line of which the quotes are in pairs. */
export function cutCells(source: string, delimiter: string): string[] {
  if (!source.includes('"')) return source.replace(/(\r\n|\n|\r)$/, '').split(delimiter);
  return sourceCells(source, delimiter).cells.map((cell) =>
    cell.startsWith('"') ? cell.slice(1, -1).replaceAll('""', '"') : cell,
  );
}

/** How a column is quoted: texts, and where nothing stands. */
interface Quoting {
  texts: boolean;
  blanks: boolean;
}

function quotingOf(lines: readonly Line[], delimiter: string, width: number): Quoting[] {
  const counts = Array.from({ length: width }, () => ({ texts: 0, quoted: 0, blanks: 0, quotedBlanks: 0 }));
  for (const line of lines) {
    sourceCells(line.source, delimiter).cells.forEach((cell, at) => {
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
      if (at < above || line.isBlank) return line.isBlank && at >= above && line.width === width && width > 1;
      if (width < WIDE || line.width > 1) return true;
      if (!COMMENT.test(line.source))
        faults.push({ part: '', line: line.line, found: '1 cell', expected: `${width} cells` });
      return false;
    });
  const isHeaded = hasTitles(inside.slice(0, LEARNT_FROM).map(({ line }) => line.cells));
  const data = isHeaded ? inside.slice(1) : inside;
  const rows: TableRow[] = data.map(({ line }) => line);
  const ends = lines
    .slice(0, LEARNT_FROM)
    .map((one) => /(\r\n|\n|\r)$/.exec(one.source)?.[0] ?? '')
    .filter(Boolean);
  const newline = mostUsual(ends, '\r\n');

  function changed({ cells, removed, added }: TableEdit): string {
    const quoting = quotingOf(
      data.slice(0, LEARNT_FROM).map(({ line }) => line),
      delimiter,
      width,
    );
    // The row of each line; lines of another kind may stand between rows.
    const rowAt = new Int32Array(lines.length).fill(-1);
    data.forEach(({ at }, row) => (rowAt[at] = row));
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
      const row = rowAt[at]!;
      const edits = row < 0 ? undefined : cells.get(row);
      if (row < 0 || !removed.has(row)) {
        if (!edits) put(line.source);
        else {
          const { cells: sources, end } = sourceCells(line.source, delimiter);
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
