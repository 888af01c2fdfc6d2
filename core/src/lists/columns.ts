/** What each column of a list means, guessed from heading and content. */
import { locatorArea } from '../units/geo/locator';
import { readCallSign, readCoordinate, readDate, readModes, readNumber, readStatus, readYes } from './cells';
import type { ListedModes } from './mode-listed';
import type { Column, ColumnField, Guesser, ModeColumn, RawList } from './types';

const SAMPLE = 200;
const LEAST_CONFIDENCE = 0.45;

/** Bands that repeaters use, Hz. ITU Radio Regulations, Article 5, all regions taken together. */
const BANDS: readonly [number, number][] = [
  [28e6, 30e6],
  [50e6, 54e6],
  [144e6, 148e6],
  [220e6, 225e6],
  [430e6, 450e6],
  [902e6, 928e6],
  [1240e6, 1300e6],
];
const inBand = (hz: number) => BANDS.some(([low, high]) => hz >= low && hz <= high);
const FACTORS = [1e6, 1e3, 1] as const;

/** How many of the cells pass a test, 0 to 1; 0 where there are none. */
export function shareOf(cells: readonly string[], test: (cell: string) => boolean): number {
  return cells.length === 0 ? 0 : cells.filter(test).length / cells.length;
}

/** The factor that puts most values into a band: 145.6 is MHz, 145600 kHz, 145600000 Hz. */
function frequencyFactor(cells: readonly string[]): { factor: number; share: number } {
  const scored = FACTORS.map((factor) => ({
    factor,
    share: shareOf(cells, (cell) => inBand((readNumber(cell) ?? 0) * factor)),
  }));
  return scored.reduce((best, one) => (one.share > best.share ? one : best));
}

/** A shift of 0.6, 600 or 600000: no repeater shifts by more than 100 MHz or less than 10 kHz. */
function shiftFactor(cells: readonly string[]): number {
  const most = Math.max(...cells.map((cell) => Math.abs(readNumber(cell) ?? 0)), 0);
  return most < 100 ? 1e6 : most < 100_000 ? 1e3 : 1;
}

const isShift = (cell: string) =>
  /^[+\-−–]$/.test(cell) || (/^[+\-−–]?\d/.test(cell) && Math.abs(readNumber(cell) ?? Infinity) < 100e6);
/** Common practice, in MHz and kHz. */
const USUAL_SHIFTS = new Set([0.6, 1.6, 2, 5, 7.6, 9.4, 600, 1600, 2000, 5000, 7600, 9400]);
/** A whole number of one or two digits, up to `most`. */
export const isSmallWhole = (cell: string, most: number) => /^\d{1,2}$/.test(cell) && Number(cell) <= most;
const isWords = (cell: string) => /[a-zà-ÿ]{3}/i.test(cell) && readNumber(cell) === null;

type CommonField = Exclude<ColumnField, 'unused' | ModeColumn | `mode:${string}`>;

const modeColumn = (heading: RegExp): Guesser => ({
  heading,
  content: (cells) => shareOf(cells, (cell) => readYes(cell) !== null),
});

const COMMON: Readonly<Record<Exclude<CommonField, 'modes'>, Guesser>> = {
  callSign: {
    heading: /call|rufz/i,
    content: (cells) => shareOf(cells, (cell) => readCallSign(cell) !== null),
    byContentAlone: 0.9,
  },
  module: { heading: /module|^mod$|band ?letter/i, content: (cells) => shareOf(cells, (cell) => /^[A-Z]$/.test(cell)) },
  output: {
    heading: /output|^out$|downlink|^tx|transmit|freq/i,
    content: (cells) => frequencyFactor(cells).share,
    byContentAlone: 0.8,
  },
  input: {
    heading: /input|^in$|uplink|^rx|receive/i,
    content: (cells) => frequencyFactor(cells).share,
    byContentAlone: 0.7,
  },
  shift: {
    heading: /shift|offset|split|duplex/i,
    content: (cells) => shareOf(cells, isShift),
    byContentAlone: 0.7,
    alone: (cells) =>
      shareOf(cells, (cell) => /^[+\-−–]\d/.test(cell) && USUAL_SHIFTS.has(Math.abs(readNumber(cell) ?? 0))),
  },
  networks: { heading: /network|reaches|famil/i, content: (cells) => shareOf(cells, isWords) },
  linked: { heading: /linked|default link/i, content: () => 1 },
  lat: { heading: /lat/i, content: (cells) => shareOf(cells, (cell) => Math.abs(readCoordinate(cell) ?? 999) <= 90) },
  lon: { heading: /lon|lng/i, content: (cells) => shareOf(cells, (cell) => readCoordinate(cell) !== null) },
  position: { heading: /coord|position|geo/i, content: (cells) => shareOf(cells, (cell) => readPair(cell) !== null) },
  locator: {
    heading: /loc|grid|qth/i,
    content: (cells) => shareOf(cells, (cell) => locatorArea(cell) !== null),
    byContentAlone: 0.9,
  },
  status: {
    heading: /status|state|active|on ?air/i,
    content: (cells) => shareOf(cells, (cell) => readStatus(cell) !== null),
  },
  confirmed: {
    heading: /confirm|updated|date|seen|checked/i,
    content: (cells) => shareOf(cells, (cell) => readDate(cell) !== null),
    byContentAlone: 0.8,
  },
  place: { heading: /place|location|city|town|^ort$/i, content: (cells) => shareOf(cells, isWords) },
  name: { heading: /name|title|^site$/i, content: (cells) => shareOf(cells, isWords) },
  notes: { heading: /note|remark|comment|info|access/i, content: () => 1 },
};

type Guessers = readonly (readonly [ColumnField, Guesser])[];
const made = new WeakMap<ListedModes, Guessers>();

/** Every column that can be recognised; made once per set of modes. */
function guessersOf(modes: ListedModes): Guessers {
  let known = made.get(modes);
  if (known) return known;
  const all = Object.values(modes);
  const named: Guesser = {
    heading: /mode|type/i,
    content: (cells) => shareOf(cells, (cell) => readModes(cell, modes).length > 0),
    byContentAlone: 0.8,
  };
  known = [
    ...(Object.entries(COMMON) as [ColumnField, Guesser][]),
    ...all.flatMap(({ listed }) => Object.entries(listed.columns) as [ColumnField, Guesser][]),
    ...all.map(({ name, listed }): [ColumnField, Guesser] => [`mode:${name}`, modeColumn(listed.heading)]),
    ['modes', named],
  ];
  made.set(modes, known);
  return known;
}

/** What a column can be taken for. */
export function columnFields(modes: ListedModes): ColumnField[] {
  return [...guessersOf(modes).map(([field]) => field), 'unused'];
}

/** Latitude and longitude in one cell, degrees; `null` for a text that is no such pair. */
export function readPair(text: string): { lat: number; lon: number } | null {
  const parts = text.split(/[;/]|,\s+|\s{2,}|,(?=\s*-?\d+\.)/).map((part) => readCoordinate(part));
  const [lat, lon] = parts;
  return parts.length === 2 && lat != null && lon != null && Math.abs(lat) <= 90 ? { lat, lon } : null;
}

/** Both together weigh most; a heading whose cells do not fit at all is not believed. */
function confidenceOf(guesser: Guesser, title: string | null, cells: readonly string[]): number {
  const content = guesser.content(cells);
  if (title !== null && guesser.heading.test(title))
    return cells.length === 0 ? 0.5 : content < 0.3 ? 0 : 0.4 + 0.6 * content;
  const alone = guesser.alone ? guesser.alone(cells) : content;
  return alone > 0.85 ? alone * (guesser.byContentAlone ?? 0) : 0;
}

function factorOf(field: ColumnField, cells: readonly string[]): number {
  if (field === 'output' || field === 'input') return frequencyFactor(cells).factor;
  return field === 'shift' ? shiftFactor(cells) : 1;
}

/** One column, taken for a field by the user. */
export function asColumn(raw: RawList, at: number, field: ColumnField): Column {
  const cells = raw.rows
    .slice(0, SAMPLE)
    .map((row) => row.cells[at] ?? '')
    .filter((cell) => cell !== '');
  return { title: raw.header?.[at] ?? `Column ${at + 1}`, field, factor: factorOf(field, cells), confidence: 1 };
}

/** The field of each column, the surest first; each field once. */
export function guessColumns(raw: RawList, modes: ListedModes): Column[] {
  if (raw.fields)
    return raw.fields.map((field, at) => ({ title: raw.header?.[at] ?? field, field, factor: 1, confidence: 1 }));
  const width = Math.max(raw.header?.length ?? 0, ...raw.rows.slice(0, SAMPLE).map((row) => row.cells.length));
  const columns = Array.from({ length: width }, (_, at) =>
    raw.rows
      .slice(0, SAMPLE)
      .map((row) => row.cells[at] ?? '')
      .filter((cell) => cell !== ''),
  );
  const guesses = columns.flatMap((cells, at) =>
    guessersOf(modes).map(([field, guesser]) => ({
      at,
      field,
      confidence: confidenceOf(guesser, raw.header?.[at] ?? null, cells),
    })),
  );
  const taken = new Map<number, { field: ColumnField; confidence: number }>();
  const used = new Set<ColumnField>();
  for (const { at, field, confidence } of guesses.sort((a, b) => b.confidence - a.confidence || a.at - b.at)) {
    if (confidence < LEAST_CONFIDENCE || taken.has(at) || used.has(field)) continue;
    taken.set(at, { field, confidence });
    used.add(field);
  }
  return columns.map((cells, at) => {
    const { field, confidence } = taken.get(at) ?? { field: 'unused' as const, confidence: 0 };
    return { title: raw.header?.[at] ?? `Column ${at + 1}`, field, factor: factorOf(field, cells), confidence };
  });
}
