/** Rows of a list → sites in our terms. A row without call sign or output is rejected with its reason; lesser faults are doubts. */
import { quoted, type ReadFinding } from '../formats/format';
import { locatorCentre } from '../units/geo/locator';
import { readCallSign, readCoordinate, readDate, readModes, readNames, readNumber, readStatus, readYes } from './cells';
import { readPair } from './columns';
import type { ListedModes, ModeListed } from './mode-listed';
import {
  type CellReader,
  type Column,
  type ColumnField,
  LISTED_MODES,
  type ListedMode,
  type ListedSite,
  type RawList,
} from './types';

export interface ReadSites {
  sites: { line: number; site: ListedSite; doubts: ReadFinding[] }[];
  rejected: { line: number; cells: string[]; finding: ReadFinding }[];
}

const TWO_METRES = [144e6, 148e6] as const;
/** Common practice in the 2 m band; elsewhere a sign alone does not say how far. */
const TWO_METRE_SHIFT_HZ = 600_000;

function frequency(text: string, factor: number): number | null {
  const value = readNumber(text) ?? readNumber(text.replace(/\s*(mhz|khz|hz)$/i, ''));
  const hz = value === null ? null : Math.round(value * factor);
  return hz !== null && hz > 1_000_000 && hz < 6_000_000_000 ? hz : null;
}

/** One row under the columns’ meanings. One reader serves all rows: lists have tens of thousands. */
class Row implements CellReader {
  private readonly place: Partial<Record<ColumnField, number>> = {};
  private line = 0;
  private cells: readonly string[] = [];
  doubts: ReadFinding[] = [];

  constructor(private readonly columns: readonly Column[]) {
    columns.forEach((column, at) => (this.place[column.field] ??= at));
  }

  begin(line: number, cells: readonly string[]): void {
    this.line = line;
    this.cells = cells;
    this.doubts = [];
  }

  cell(field: ColumnField): string {
    const at = this.place[field];
    return at === undefined ? '' : (this.cells[at] ?? '');
  }

  factor(field: ColumnField): number {
    return this.columns[this.place[field] ?? -1]?.factor ?? 1;
  }

  finding(field: ColumnField, expected: string): ReadFinding {
    return {
      line: this.line,
      place: this.columns[this.place[field] ?? -1]?.title ?? field,
      found: quoted(this.cell(field)),
      expected,
    };
  }

  doubt(field: ColumnField, expected: string): null {
    this.doubts.push(this.finding(field, expected));
    return null;
  }

  /** Where the site listens, from its own column, a shift, or a sign. */
  input(txHz: number): number | null {
    if (this.cell('input') !== '')
      return frequency(this.cell('input'), this.factor('input')) ?? this.doubt('input', 'a frequency');
    const shift = this.cell('shift');
    if (shift === '') return null;
    if (/^[+\-−–]$/.test(shift)) {
      if (txHz >= TWO_METRES[0] && txHz <= TWO_METRES[1]) return txHz + (shift === '+' ? 1 : -1) * TWO_METRE_SHIFT_HZ;
      return this.doubt('shift', 'a shift with its size');
    }
    const value = readNumber(shift);
    return value === null
      ? this.doubt('shift', 'a shift in MHz, kHz or Hz')
      : txHz + Math.round(value * this.factor('shift'));
  }

  position(): { lat: number; lon: number } | null {
    if (this.cell('lat') !== '' || this.cell('lon') !== '') {
      const [lat, lon] = [readCoordinate(this.cell('lat')), readCoordinate(this.cell('lon'))];
      if (lat !== null && lon !== null && Math.abs(lat) <= 90) return { lat, lon };
      this.doubt(lat === null || Math.abs(lat) > 90 ? 'lat' : 'lon', 'degrees, from −90 to 90 and from −180 to 180');
    }
    if (this.cell('position') !== '') {
      const pair = readPair(this.cell('position'));
      if (pair) return pair;
      this.doubt('position', 'latitude and longitude');
    }
    if (this.cell('locator') === '') return null;
    return locatorCentre(this.cell('locator')) ?? this.doubt('locator', 'a locator of 4, 6 or 8 characters');
  }

  status(): ListedSite['status'] {
    return readStatus(this.cell('status')) ?? this.doubt('status', 'on or off the air') ?? 'not said';
  }

  /** By words, by columns of their own, and by what only one mode has. */
  modes(modes: ListedModes, said: Partial<ListedSite>): ListedMode[] {
    const words = this.cell('modes');
    const found = new Set<ListedMode>(words === '' ? [] : readModes(words, modes));
    for (const { name, listed } of Object.values(modes)) {
      if (readYes(this.cell(`mode:${name}`)) === true || listed.implied?.(said)) found.add(name);
    }
    // A repeater of which no mode is said is an analog one.
    if (found.size === 0) found.add(LISTED_MODES[0]!);
    return LISTED_MODES.filter((mode) => found.has(mode));
  }
}

/** What a list says of its modes where it says nothing. */
const UNSAID = {
  colorCode: null,
  groups: [],
  ctcssHz: null,
  dcs: null,
  nac: null,
  groupId: null,
} satisfies Partial<ListedSite>;

/** Reads row after row under the columns' meanings, so that long lists need not be held whole. */
export class SiteReader {
  private readonly row: Row;
  private readonly readers: readonly { listed: ModeListed }[];

  constructor(
    columns: readonly Column[],
    private readonly listed: ListedModes,
  ) {
    this.row = new Row(columns);
    this.readers = Object.values(listed).filter((mode) => mode.listed.read);
  }

  read({
    line,
    cells,
  }: RawList['rows'][number]): { site: ListedSite; doubts: ReadFinding[] } | { rejected: ReadFinding } {
    const { row } = this;
    row.begin(line, cells);
    const call = readCallSign(row.cell('callSign'));
    const txHz = frequency(row.cell('output'), row.factor('output'));
    if (!call || txHz === null)
      return {
        rejected: call
          ? row.finding('output', 'the frequency the site sends on')
          : row.finding('callSign', 'a call sign'),
      };
    const position = row.position();
    const status = row.status();
    const values: Pick<ListedSite, keyof typeof UNSAID> = { ...UNSAID };
    for (const { listed } of this.readers) Object.assign(values, listed.read!(row));
    const confirmed = row.cell('confirmed');
    const site: ListedSite = {
      callSign: call.callSign,
      module: row.cell('module') || call.module,
      name: row.cell('name'),
      place: row.cell('place'),
      lat: position?.lat ?? null,
      lon: position?.lon ?? null,
      txHz,
      rxHz: row.input(txHz),
      modes: row.modes(this.listed, values),
      ...values,
      networks: readNames(row.cell('networks')),
      linked: row.cell('linked').slice(0, 200),
      status,
      confirmedOn: confirmed === '' ? null : readDate(confirmed),
      notes: row.cell('notes'),
    };
    return { site, doubts: row.doubts };
  }
}

/** Reads a whole list; a row that cannot be taken is told with its line, column, found and expected value. */
export function readSites(raw: RawList, columns: readonly Column[], modes: ListedModes): ReadSites {
  const reader = new SiteReader(columns, modes);
  const result: ReadSites = { sites: [], rejected: [] };
  for (const row of raw.rows) {
    const read = reader.read(row);
    if ('rejected' in read) result.rejected.push({ line: row.line, cells: row.cells, finding: read.rejected });
    else result.sites.push({ line: row.line, ...read });
  }
  return result;
}
