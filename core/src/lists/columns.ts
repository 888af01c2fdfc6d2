/** What each column of a list means, guessed from heading and content. */
import { locatorArea } from '../geo/locator';
import { parseTone } from '../radio-math/tones';
import { readCallSign, readCoordinate, readDate, readGroups, readModes, readNumber, readStatus, readYes } from './cells';
import type { Column, ColumnField, RawList } from './types';

const SAMPLE = 200;
const LEAST_CONFIDENCE = 0.45;

/** Bands that repeaters use, Hz. ITU Radio Regulations, Article 5, all regions taken together. */
const BANDS: readonly [number, number][] = [[28e6, 30e6], [50e6, 54e6], [144e6, 148e6], [220e6, 225e6], [430e6, 450e6], [902e6, 928e6], [1240e6, 1300e6]];
const inBand = (hz: number) => BANDS.some(([low, high]) => hz >= low && hz <= high);
const FACTORS = [1e6, 1e3, 1] as const;

function shareOf(cells: readonly string[], test: (cell: string) => boolean): number {
  return cells.length === 0 ? 0 : cells.filter(test).length / cells.length;
}

/** The factor that puts most values into a band: 145.6 is MHz, 145600 kHz, 145600000 Hz. */
function frequencyFactor(cells: readonly string[]): { factor: number; share: number } {
  const scored = FACTORS.map((factor) => ({ factor, share: shareOf(cells, (cell) => inBand((readNumber(cell) ?? 0) * factor)) }));
  return scored.reduce((best, one) => (one.share > best.share ? one : best));
}

/** A shift of 0.6, 600 or 600000: no repeater shifts by more than 100 MHz or less than 10 kHz. */
function shiftFactor(cells: readonly string[]): number {
  const most = Math.max(...cells.map((cell) => Math.abs(readNumber(cell) ?? 0)), 0);
  return most < 100 ? 1e6 : most < 100_000 ? 1e3 : 1;
}

const isShift = (cell: string) => /^[+\-−–]$/.test(cell) || (/^[+\-−–]?\d/.test(cell) && Math.abs(readNumber(cell) ?? Infinity) < 100e6);
/** Common practice, in MHz and kHz. */
const USUAL_SHIFTS = new Set([0.6, 1.6, 2, 5, 7.6, 9.4, 600, 1600, 2000, 5000, 7600, 9400]);
const isSmallWhole = (cell: string, most: number) => /^\d{1,2}$/.test(cell) && Number(cell) <= most;
const isWords = (cell: string) => /[a-zà-ÿ]{3}/i.test(cell) && readNumber(cell) === null;

interface Guesser {
  /** Words of a heading. */
  heading: RegExp;
  /** 0 to 1: how well the filled cells fit. */
  content: (cells: readonly string[]) => number;
  /** Content alone is enough where nothing else looks like it. */
  byContentAlone?: number;
  /** Stricter, where there is no heading to go by. */
  alone?: (cells: readonly string[]) => number;
}

const modeColumn = (heading: RegExp): Guesser => ({ heading, content: (cells) => shareOf(cells, (cell) => readYes(cell) !== null) });
const groupsOf = (heading: RegExp): Guesser => ({ heading, content: (cells) => shareOf(cells, (cell) => readGroups(cell).length > 0 && !/[a-z]{3}/i.test(cell)) });

const GUESSERS: Readonly<Record<Exclude<ColumnField, 'unused'>, Guesser>> = {
  callSign: { heading: /call|rufz/i, content: (cells) => shareOf(cells, (cell) => readCallSign(cell) !== null), byContentAlone: 0.9 },
  module: { heading: /module|^mod$|band ?letter/i, content: (cells) => shareOf(cells, (cell) => /^[A-Z]$/.test(cell)) },
  output: { heading: /output|^out$|downlink|^tx|transmit|freq/i, content: (cells) => frequencyFactor(cells).share, byContentAlone: 0.8 },
  input: { heading: /input|^in$|uplink|^rx|receive/i, content: (cells) => frequencyFactor(cells).share, byContentAlone: 0.7 },
  shift: { heading: /shift|offset|split|duplex/i, content: (cells) => shareOf(cells, isShift), byContentAlone: 0.7, alone: (cells) => shareOf(cells, (cell) => /^[+\-−–]\d/.test(cell) && USUAL_SHIFTS.has(Math.abs(readNumber(cell) ?? 0))) },
  tone: { heading: /tone|ctcss|dcs|^pl$|squelch/i, content: (cells) => shareOf(cells, (cell) => parseTone(cell) !== null), byContentAlone: 0.75 },
  colorCode: { heading: /colou?r|^cc$/i, content: (cells) => shareOf(cells, (cell) => isSmallWhole(cell.replace(/^cc\s*/i, ''), 15)), byContentAlone: 0.9, alone: (cells) => shareOf(cells, (cell) => /^cc\s*\d{1,2}$/i.test(cell)) },
  slot1: groupsOf(/(slot|ts)\D{0,3}1(?!.*dyn)/i),
  slot2: groupsOf(/(slot|ts)\D{0,3}2(?!.*dyn)/i),
  slot1Dynamic: groupsOf(/(slot|ts)\D{0,3}1.*dyn/i),
  slot2Dynamic: groupsOf(/(slot|ts)\D{0,3}2.*dyn/i),
  nac: { heading: /^nac$|access code/i, content: (cells) => shareOf(cells, (cell) => /^[0-9a-f]{3}$/i.test(cell)) },
  groupId: { heading: /group ?id/i, content: (cells) => shareOf(cells, (cell) => isSmallWhole(cell, 99)) },
  networks: { heading: /network|reaches|famil/i, content: (cells) => shareOf(cells, isWords) },
  linked: { heading: /linked|default link/i, content: () => 1 },
  lat: { heading: /lat/i, content: (cells) => shareOf(cells, (cell) => Math.abs(readCoordinate(cell) ?? 999) <= 90) },
  lon: { heading: /lon|lng/i, content: (cells) => shareOf(cells, (cell) => readCoordinate(cell) !== null) },
  position: { heading: /coord|position|geo/i, content: (cells) => shareOf(cells, (cell) => readPair(cell) !== null) },
  locator: { heading: /loc|grid|qth/i, content: (cells) => shareOf(cells, (cell) => locatorArea(cell) !== null), byContentAlone: 0.9 },
  'mode:FM': modeColumn(/^(fm|analogu?e?)$/i),
  'mode:DMR': modeColumn(/^dmr$/i),
  'mode:D-STAR': modeColumn(/^d-?star$/i),
  'mode:C4FM': modeColumn(/^c4fm$/i),
  'mode:P25': modeColumn(/^p-?25$/i),
  modes: { heading: /mode|type/i, content: (cells) => shareOf(cells, (cell) => readModes(cell).length > 0), byContentAlone: 0.8 },
  status: { heading: /status|state|active|on ?air/i, content: (cells) => shareOf(cells, (cell) => readStatus(cell) !== null) },
  confirmed: { heading: /confirm|updated|date|seen|checked/i, content: (cells) => shareOf(cells, (cell) => readDate(cell) !== null), byContentAlone: 0.8 },
  place: { heading: /place|location|city|town|^ort$/i, content: (cells) => shareOf(cells, isWords) },
  name: { heading: /name|title|^site$/i, content: (cells) => shareOf(cells, isWords) },
  notes: { heading: /note|remark|comment|info|access/i, content: () => 1 },
};

export const COLUMN_FIELDS = [...Object.keys(GUESSERS), 'unused'] as ColumnField[];

export function readPair(text: string): { lat: number; lon: number } | null {
  const parts = text.split(/[;/]|,\s+|\s{2,}|,(?=\s*-?\d+\.)/).map((part) => readCoordinate(part));
  const [lat, lon] = parts;
  return parts.length === 2 && lat != null && lon != null && Math.abs(lat) <= 90 ? { lat, lon } : null;
}

/** Both together weigh most; a heading whose cells do not fit at all is not believed. */
function confidenceOf(guesser: Guesser, title: string | null, cells: readonly string[]): number {
  const content = guesser.content(cells);
  if (title !== null && guesser.heading.test(title)) return cells.length === 0 ? 0.5 : content < 0.3 ? 0 : 0.4 + 0.6 * content;
  const alone = guesser.alone ? guesser.alone(cells) : content;
  return alone > 0.85 ? alone * (guesser.byContentAlone ?? 0) : 0;
}

function factorOf(field: ColumnField, cells: readonly string[]): number {
  if (field === 'output' || field === 'input') return frequencyFactor(cells).factor;
  return field === 'shift' ? shiftFactor(cells) : 1;
}

/** One column, taken for a field by the user. */
export function asColumn(raw: RawList, at: number, field: ColumnField): Column {
  const cells = raw.rows.slice(0, SAMPLE).map((row) => row.cells[at] ?? '').filter((cell) => cell !== '');
  return { title: raw.header?.[at] ?? `Column ${at + 1}`, field, factor: factorOf(field, cells), confidence: 1 };
}

/** The field of each column, the surest first; each field once. */
export function guessColumns(raw: RawList): Column[] {
  if (raw.fields) return raw.fields.map((field, at) => ({ title: raw.header?.[at] ?? field, field, factor: 1, confidence: 1 }));
  const width = Math.max(raw.header?.length ?? 0, ...raw.rows.slice(0, SAMPLE).map((row) => row.cells.length));
  const columns = Array.from({ length: width }, (_, at) => raw.rows.slice(0, SAMPLE).map((row) => row.cells[at] ?? '').filter((cell) => cell !== ''));
  const guesses = columns.flatMap((cells, at) =>
    (Object.entries(GUESSERS) as [Exclude<ColumnField, 'unused'>, Guesser][]).map(([field, guesser]) => ({ at, field, confidence: confidenceOf(guesser, raw.header?.[at] ?? null, cells) })),
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
