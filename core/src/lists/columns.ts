/** What each column of a list means, guessed from heading and content. */
import { locatorArea } from '../units/geo/locator';
import { usualShiftsHz } from '../units/shifts';
import { readCallSign, readModes, readStatus, readYes } from './cells';
import { axisOf, lettersIn, readCoordinate, readPair } from './coordinates';
import { dayOrderOf, readDate } from './dates';
import { FACTORS, inBand, readFrequency, readFrequencyCell, readShift } from './frequencies';
import { plainDashes, readNumber, readQuantity } from './numbers';
import type { ListedModes } from './mode-listed';
import type { Column, ColumnField, Guesser, ModeColumn, RawList } from './types';

const SAMPLE = 200;
const LEAST_CONFIDENCE = 0.45;

/** How many of the cells pass a test, 0 to 1; 0 where there are none. */
export function shareOf(cells: readonly string[], test: (cell: string) => boolean): number {
  return cells.length === 0 ? 0 : cells.filter(test).length / cells.length;
}

/** Whether a cell holds a frequency that a repeater may have, in whatever unit. */
const isFrequency = (cell: string) => inBand(readFrequencyCell(cell, 1e6)?.hz ?? 0);

/** The factor that puts most values into a band: 145.6 is MHz, 145600 kHz, 145600000 Hz. */
function frequencyFactor(cells: readonly string[]): { factor: number; share: number } {
  const scored = FACTORS.map((factor) => ({
    factor,
    share: shareOf(cells, (cell) => inBand(Math.abs(readQuantity(cell)?.value ?? 0) * factor)),
  }));
  return scored.reduce((best, one) => (one.share > best.share ? one : best));
}

/** A shift of 0.6, 600 or 600000: no repeater shifts by more than 100 MHz or less than 10 kHz. */
function shiftFactor(cells: readonly string[]): number {
  const most = Math.max(...cells.map((cell) => Math.abs(readQuantity(cell)?.value ?? 0)), 0);
  return most < 100 ? 1e6 : most < 100_000 ? 1e3 : 1;
}

/** A shift or its sign; a frequency is none. */
const isShift = (cell: string) => {
  const found = readShift(cell, 1e6);
  return found !== null && found.is !== 'not said' && !(found.is === 'shift' && isFrequency(cell));
};
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
    heading: /call|rufz|indicati[fv]o?|nominativo|roepnaam/i,
    certain: /^(call|call\W?sign|rufzeichen|indicatif|indicativo|nominativo)$/i,
    content: (cells) => shareOf(cells, (cell) => readCallSign(cell) !== null),
    byContentAlone: 0.9,
  },
  module: { heading: /module|^mod$|band ?letter/i, content: (cells) => shareOf(cells, (cell) => /^[A-Z]$/.test(cell)) },
  output: {
    heading: /output|^out$|downlink|^tx|transmit|^t$|ausgabe|salida|sortie|uscita|freq|\bqrg\b|\bmhz\b/i,
    content: (cells) => shareOf(cells, isFrequency),
    byContentAlone: 0.8,
  },
  input: {
    heading: /input|^in$|uplink|^rx|receive|^r$|eingabe|entrada|entrée|entrata/i,
    content: (cells) => shareOf(cells, isFrequency),
    byContentAlone: 0.7,
  },
  shift: {
    heading: /shift|offset|split|duplex|ablage|±/i,
    content: (cells) => shareOf(cells, isShift),
    byContentAlone: 0.7,
    alone: (cells) =>
      shareOf(
        cells,
        (cell) => /^[+-]\s*\d/.test(plainDashes(cell)) && USUAL_SHIFTS.has(Math.abs(readQuantity(cell)?.value ?? 0)),
      ),
  },
  networks: { heading: /network|reaches|famil/i, content: (cells) => shareOf(cells, isWords) },
  linked: { heading: /linked|default link/i, content: () => 1 },
  lat: {
    heading: /lat|breit|breedte|šířka|zem.*š|szer|leveys|bredde|^y$/i,
    certain: /^lat(itude)?$/i,
    content: (cells) => shareOf(cells, (cell) => readCoordinate(cell, 'lat') !== null),
  },
  lon: {
    heading: /lon|lng|länge|laenge|lengte|délka|dług|pituus|længde|lengde|longit|^x$/i,
    certain: /^(lon|lng|long|longitude)$/i,
    content: (cells) => shareOf(cells, (cell) => readCoordinate(cell, 'lon') !== null),
  },
  position: {
    heading: /coord|koord|position|geo|gps/i,
    content: (cells) => {
      const letters = lettersIn(cells);
      return shareOf(cells, (cell) => readPair(cell, letters) !== null || locatorArea(cell) !== null);
    },
    byContentAlone: 0.9,
    alone: (cells) => {
      const letters = lettersIn(cells);
      return shareOf(cells, (cell) => readPair(cell, letters) !== null);
    },
  },
  locator: {
    heading: /loc|grid|qth/i,
    certain: /^(grid )?(locator|square)$/i,
    content: (cells) => shareOf(cells, (cell) => locatorArea(cell) !== null),
    byContentAlone: 0.9,
  },
  status: {
    heading: /status|state|active|on ?air/i,
    certain: /^status$/i,
    content: (cells) => shareOf(cells, (cell) => readStatus(cell) !== null),
  },
  confirmed: {
    heading: /confirm|updated|date|seen|heard|verified|checked|^stand$|datum|fecha/i,
    certain: /^last\W?(seen|heard|update[d]?|confirmed|checked|verified)$|^(confirmed|verified|updated)( on)?$/i,
    content: (cells) =>
      shareOf(cells, (cell) => readDate(cell, 'day first') !== null || readDate(cell, 'month first') !== null),
    byContentAlone: 0.8,
  },
  country: {
    heading: /countr|^land$|^pays$|^pa[ií]s$|^paese$|^nation/i,
    // A name, or a code of two or three letters.
    content: (cells) => shareOf(cells, (cell) => /^[a-zà-ÿ .'’-]{2,60}$/i.test(cell)),
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

/** Both together weigh most; a heading whose cells do not fit at all is not believed. */
function confidenceOf(guesser: Guesser, title: string | null, cells: readonly string[]): number {
  const content = guesser.content(cells);
  if (title !== null && guesser.heading.test(title))
    return guesser.certain?.test(title)
      ? Math.max(0.5, 0.4 + 0.6 * content)
      : cells.length === 0
        ? 0.5
        : content < 0.3
          ? 0
          : 0.4 + 0.6 * content;
  const alone = guesser.alone ? guesser.alone(cells) : content;
  return alone > 0.85 ? alone * (guesser.byContentAlone ?? 0) : 0;
}

function factorOf(field: ColumnField, cells: readonly string[]): number {
  if (field === 'output' || field === 'input') return frequencyFactor(cells).factor;
  return field === 'shift' ? shiftFactor(cells) : 1;
}

/** The filled cells of a column; all of them, or the first that have to do for a guess. */
function cellsOf(raw: RawList, at: number, most = Infinity): string[] {
  const cells: string[] = [];
  for (const row of raw.rows) {
    const cell = row.cells[at];
    if (cell !== undefined && cell !== '') cells.push(cell);
    if (cells.length >= most) break;
  }
  return cells;
}

/** What the cells of a whole column tell of how each is to be read. */
function readBy(raw: RawList, at: number, field: ColumnField): Pick<Column, 'letters' | 'dayOrder'> {
  if (field === 'lat' || field === 'lon' || field === 'position') return { letters: lettersIn(cellsOf(raw, at)) };
  if (field !== 'confirmed') return {};
  const dayOrder = dayOrderOf(cellsOf(raw, at));
  return dayOrder === null ? {} : { dayOrder };
}

const titleOf = (raw: RawList, at: number): string => raw.header?.[at] || `Column ${at + 1}`;

/** One column, taken for a field by the user. */
export function asColumn(raw: RawList, at: number, field: ColumnField): Column {
  const cells = cellsOf(raw, at, SAMPLE);
  return { title: titleOf(raw, at), field, factor: factorOf(field, cells), confidence: 1, ...readBy(raw, at, field) };
}

type Taken = Map<number, { field: ColumnField; confidence: number }>;

const DECIMAL = /^-?\d{1,3}[.,]\d{2,}$/;

/**
 * Two columns side by side that hold degrees, under whatever heading: the letters in them say which is which, else the
 * first is the latitude.
 */
function takeCoordinates(columns: readonly (readonly string[])[], taken: Taken): void {
  const has = (field: ColumnField) => [...taken.values()].some((one) => one.field === field);
  if (has('lat') || has('lon') || has('position')) return;
  const looks = (at: number) => {
    const cells = columns[at] ?? [];
    const fits = (cell: string) =>
      (DECIMAL.test(plainDashes(cell)) || axisOf(cell) !== null) && readCoordinate(cell) !== null;
    return !taken.has(at) && cells.length > 0 && shareOf(cells, fits) > 0.85;
  };
  for (let at = 0; at + 1 < columns.length; at += 1) {
    if (!looks(at) || !looks(at + 1)) continue;
    const side = (place: number) => columns[place]!.map(axisOf).find((one) => one !== null) ?? null;
    const beyond = columns[at]!.some((cell) => Math.abs(readNumber(cell) ?? 0) > 90);
    const swapped = beyond || side(at) === 'lon' || side(at + 1) === 'lat';
    const sure = beyond || side(at) !== null || side(at + 1) !== null;
    taken.set(at, { field: swapped ? 'lon' : 'lat', confidence: sure ? 0.9 : 0.6 });
    taken.set(at + 1, { field: swapped ? 'lat' : 'lon', confidence: sure ? 0.9 : 0.6 });
    return;
  }
}

/** Headings that say which side of a site they are; TX and RX may be the site's or the radio's. */
const OF_THE_SITE = /out|input|^in$|downlink|uplink|ausgabe|eingabe|salida|entrada|sortie|entrée|uscita|entrata/i;

const placeOf = (taken: Taken, field: ColumnField) => [...taken].find(([, one]) => one.field === field)?.[0];

function swap(taken: Taken, at: number, other: number): void {
  const [first, second] = [taken.get(at)!, taken.get(other)!];
  taken.set(at, { ...first, field: second.field });
  taken.set(other, { ...second, field: first.field });
}

const TX_OR_RX = /\b[tr]x\b|transmit|receive|^[tr]_/i;
const isRadiosOrSites = (raw: RawList, at: number | undefined) =>
  at !== undefined && TX_OR_RX.test(raw.header?.[at] ?? '');

/** Which of two tones the site sends: TX and RX are of whom they are for the frequencies, else the columns ask. */
function orderTones(raw: RawList, taken: Taken): Map<number, string> {
  const [sent, opens] = [placeOf(taken, 'toneOut'), placeOf(taken, 'tone')];
  if (!isRadiosOrSites(raw, sent) || !isRadiosOrSites(raw, opens)) return new Map();
  const [output, input] = [placeOf(taken, 'output'), placeOf(taken, 'input')];
  if (isRadiosOrSites(raw, output) && isRadiosOrSites(raw, input)) {
    if (!/^t|\bt/i.test(raw.header![output!]!)) swap(taken, sent!, opens!);
    return new Map();
  }
  const words = 'Are TX and RX the site’s or the radio’s? The list does not tell; compare a site that you know.';
  return new Map([
    [sent!, words],
    [opens!, words],
  ]);
}

/**
 * Which of two frequencies the site sends on. Where the headings do not say it, the shifts do: the usual ones of 2 m,
 * 70 cm and 23 cm are mostly downwards. Where that leaves a doubt, the column asks.
 */
function orderFrequencies(raw: RawList, taken: Taken): Map<number, string> {
  const [output, input] = [placeOf(taken, 'output'), placeOf(taken, 'input')];
  if (output === undefined || input === undefined) return new Map();
  const titles = raw.header ? `${raw.header[output] ?? ''}|${raw.header[input] ?? ''}` : '';
  if (titles.split('|').every((title) => OF_THE_SITE.test(title))) return new Map();
  let [down, up] = [0, 0];
  for (const { cells } of raw.rows) {
    const [sends, listens] = [readFrequency(cells[output] ?? '', 1e6), readFrequency(cells[input] ?? '', 1e6)];
    if (sends === null || listens === null || sends === listens) continue;
    const usual = (['itu-1', 'itu-2'] as const).some((region) =>
      usualShiftsHz(sends, listens, region)?.includes(listens - sends),
    );
    // A pair that is no usual one tells nothing.
    if (usual) listens < sends ? (down += 1) : (up += 1);
  }
  const all = down + up;
  if (all > 0 && up / all >= 0.8) {
    swap(taken, output, input);
    return new Map();
  }
  if (all > 0 && down / all >= 0.8) return new Map();
  const words =
    'Which of the two frequencies does the site send on? The list does not tell; compare one that you know.';
  return new Map([
    [output, words],
    [input, words],
  ]);
}

/** The field of each column, the surest first; each field once. */
export function guessColumns(raw: RawList, modes: ListedModes): Column[] {
  if (raw.fields)
    return raw.fields.map((field, at) => ({ title: raw.header?.[at] ?? field, field, factor: 1, confidence: 1 }));
  const width = raw.rows.reduce((most, row) => Math.max(most, row.cells.length), raw.header?.length ?? 0);
  const columns = Array.from({ length: width }, (_, at) => cellsOf(raw, at, SAMPLE));
  const guesses = columns.flatMap((cells, at) =>
    guessersOf(modes).map(([field, guesser]) => ({
      at,
      field,
      confidence: confidenceOf(guesser, raw.header?.[at] ?? null, cells),
    })),
  );
  const taken: Taken = new Map();
  const used = new Set<ColumnField>();
  for (const { at, field, confidence } of guesses.sort((a, b) => b.confidence - a.confidence || a.at - b.at)) {
    if (confidence < LEAST_CONFIDENCE || taken.has(at) || used.has(field)) continue;
    taken.set(at, { field, confidence });
    used.add(field);
  }
  takeCoordinates(columns, taken);
  const questions = new Map([...orderFrequencies(raw, taken), ...orderTones(raw, taken)]);
  return columns.map((cells, at) => {
    const { field, confidence } = taken.get(at) ?? { field: 'unused' as const, confidence: 0 };
    const question = questions.get(at);
    return {
      title: titleOf(raw, at),
      field,
      factor: factorOf(field, cells),
      confidence: question === undefined ? confidence : Math.min(confidence, 0.5),
      ...readBy(raw, at, field),
      ...(question === undefined ? {} : { question }),
    };
  });
}

/** Columns that hold something and are read as nothing: each with how many cells it fills. */
export function unreadColumns(raw: RawList, columns: readonly Column[]): { title: string; filled: number }[] {
  return columns.flatMap(({ field, title }, at) => {
    const filled = field === 'unused' ? cellsOf(raw, at).length : 0;
    return filled > 0 || (field === 'unused' && raw.header?.[at]) ? [{ title, filled }] : [];
  });
}
