/** Bytes → a table of text: encoding, delimiter and headings found from what is there. */
import Papa from 'papaparse';
import { GpxError, readGpxFile } from '../units/geo/gpx';
import { readCoordinate } from './coordinates';
import { DELIMITERS, DELIMITER_NAMES, findDelimiter } from '../tables/delimiter';
import { decodeBytes, type Encoding } from '../tables/encoding';
import { checkColumns, checkLines, checkRows } from '../tables/limits';
import { readNumber, readQuantity } from './numbers';
import { readSitesDocument } from './sites-json';
import type { RawList } from './types';

const BOM = '\ufeff';
const SAMPLE_LINES = 60;
const CHUNK_LETTERS = 1_000_000;

export interface Decoded {
  text: string;
  encoding: string;
}

const ENCODING_NAMES: Readonly<Record<Encoding, string>> = {
  'utf-8': 'UTF-8',
  'utf-16le': 'UTF-16LE',
  'utf-16be': 'UTF-16BE',
  'windows-1252': 'ISO-8859-1',
};

/** The text of a list, and how it is encoded as people call it. */
export function decode(bytes: Uint8Array): Decoded {
  const { text, encoding } = decodeBytes(bytes);
  return { text, encoding: ENCODING_NAMES[encoding] };
}

const isValue = (cell: string) => readNumber(cell) !== null || (cell.trim() !== '' && readCoordinate(cell) !== null);

/**
 * A value with words or a unit beside it: `439.425 MHz`. Headings may have a digit too, so it tells only of the lines
 * below.
 */
const holdsNumber = (cell: string) => readQuantity(cell) !== null;

/** Headings are words where the lines below hold values. */
function hasHeader(rows: readonly string[][]): boolean {
  const [first, ...rest] = rows;
  if (!first || rest.length === 0) return false;
  if (first.some(isValue)) return false;
  return first.some(
    (_, at) =>
      rest.slice(0, SAMPLE_LINES).filter((row) => holdsNumber(row[at] ?? '')).length * 2 >
      Math.min(rest.length, SAMPLE_LINES),
  );
}

const MOST_TITLE_LINES = 10;
const filled = (cells: readonly string[]) => cells.filter((cell) => cell !== '').length;

/** Lines above the table that are its title: one cell each, where the lines below have three or more. */
function titleLines(rows: readonly string[][]): number {
  const first = rows.slice(0, MOST_TITLE_LINES).findIndex((cells) => filled(cells) > 1);
  return first > 0 && filled(rows[first]!) > 2 ? first : 0;
}

function fromCsv({ text, encoding }: Decoded): RawList {
  let body = text.startsWith(BOM) ? text.slice(1) : text;
  // Some spreadsheets say the delimiter on a line of its own.
  const said = /^sep=(.)\r?\n/i.exec(body);
  const offset = said ? 1 : 0;
  if (said) body = body.slice(said[0].length);
  checkLines(body, DELIMITERS);
  const delimiter = said?.[1] ?? findDelimiter(body);
  const rows: RawList['rows'] = [];
  let line = 1 + offset;
  const take = (cells: string[]) => {
    checkColumns(`Line ${line}`, cells.length);
    if (cells.some((cell) => cell.trim() !== '')) rows.push({ line, cells: cells.map((cell) => cell.trim()) });
    checkRows(rows.length);
    // A quoted cell may run over several lines.
    line += 1;
    for (const cell of cells) if (cell.includes('\n')) line += cell.split('\n').length - 1;
  };
  // Piece by piece, so that a long list is not held twice.
  Papa.parse<string[]>(body, {
    delimiter,
    chunkSize: CHUNK_LETTERS,
    chunk: ({ data }: Papa.ParseResult<string[]>) => data.forEach(take),
    complete: () => undefined,
  } as Papa.ParseConfig<string[]>);
  const table = rows.slice(titleLines(rows.map((row) => row.cells)));
  const headed = hasHeader(table.map((row) => row.cells));
  return {
    header: headed ? table[0]!.cells : null,
    rows: headed ? table.slice(1) : table,
    layout: `${encoding}, ${DELIMITER_NAMES[delimiter] ?? delimiter}`,
  };
}

interface Feature {
  geometry?: { type?: string; coordinates?: unknown } | null;
  properties?: Record<string, unknown> | null;
}

const cellText = (value: unknown): string =>
  (value === null || value === undefined
    ? ''
    : Array.isArray(value)
      ? value.map(cellText).join(' ')
      : typeof value === 'object'
        ? JSON.stringify(value)
        : String(value)
  ).trim();

function parseJson(text: string): unknown {
  try {
    return JSON.parse(text.replace(/^\ufeff/, ''));
  } catch {
    return null;
  }
}

/** GeoJSON (RFC 7946): properties become columns, a point its longitude and latitude. `null` when it is none. */
function fromGeoJson(document: unknown, encoding: string): RawList | null {
  const parsed = document as { type?: unknown; features?: unknown } | null;
  if (parsed?.type !== 'FeatureCollection' || !Array.isArray(parsed.features)) return null;
  const features = parsed.features as Feature[];
  checkRows(features.length);
  const keys = new Set<string>();
  features.forEach((feature, at) => {
    for (const key of Object.keys(feature?.properties ?? {})) keys.add(key);
    checkColumns(`Feature ${at + 1}`, keys.size);
  });
  const titles = [...keys];
  const rows = features.map((feature, at) => {
    const point =
      feature?.geometry?.type === 'Point' && Array.isArray(feature.geometry.coordinates)
        ? feature.geometry.coordinates
        : [];
    return {
      line: at + 1,
      cells: [...titles.map((key) => cellText(feature?.properties?.[key])), cellText(point[0]), cellText(point[1])],
    };
  });
  return { header: [...titles, 'longitude', 'latitude'], rows, layout: `${encoding}, GeoJSON` };
}

/** What people put into a waypoint's comment and description: values apart by commas, semicolons or bars. */
function parts(text: string): string[] {
  return text
    .split(/[;|\n]|,\s/)
    .map((part) => part.trim().replace(/^(\w+\s*[:=])\s*/, ''))
    .filter(Boolean);
}

/** The waypoints of a GPX: name and place, and each part of what is said beside as a column. `null` when it is none. */
function fromGpx({ text, encoding }: Decoded): RawList | null {
  let waypoints;
  try {
    ({ waypoints } = readGpxFile(text));
  } catch (error) {
    if (error instanceof GpxError) return null;
    throw error;
  }
  const said = waypoints.map((one) => parts([one.comment, one.description].filter(Boolean).join('; ')));
  checkRows(waypoints.length);
  const width = said.reduce((most, one) => Math.max(most, one.length), 0);
  checkColumns('A waypoint', width);
  const rows = waypoints.map((one, at) => ({
    line: at + 1,
    cells: [
      one.name,
      one.position ? String(one.position.lat) : '',
      one.position ? String(one.position.lon) : '',
      one.kind,
      ...Array.from({ length: width }, (_, part) => said[at]![part] ?? ''),
    ],
  }));
  return {
    header: [
      'call sign',
      'latitude',
      'longitude',
      'kind',
      ...Array.from({ length: width }, (_, part) => `said ${part + 1}`),
    ],
    rows,
    layout: `${encoding}, GPX waypoints`,
  };
}

/** Any list: what our own JSON, GeoJSON or GPX holds where it is that, else a table. @throws ListTooLarge */
export function readRaw(bytes: Uint8Array): RawList {
  const decoded = decode(bytes);
  const [, first] = /^\ufeff?\s*(.)/.exec(decoded.text) ?? [];
  if (first === '{') {
    const document = parseJson(decoded.text);
    const found = readSitesDocument(document, decoded.encoding) ?? fromGeoJson(document, decoded.encoding);
    if (found) return found;
  }
  return (first === '<' ? fromGpx(decoded) : null) ?? fromCsv(decoded);
}

/** The same for lists of one kind: how a recipe of columns is found again. */
export function signatureOf({ header, rows, layout }: RawList): string {
  return `${layout.replace(/^.*, /, '')} ${header ? header.map((title) => title.toLowerCase()).join('|') : `no headings, ${Math.max(0, ...rows.slice(0, SAMPLE_LINES).map((row) => row.cells.length))} columns`}`;
}
