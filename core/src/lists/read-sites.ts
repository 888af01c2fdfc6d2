/**
 * Rows of a list → sites in our terms. A row without call sign or output is rejected with its reason; lesser faults are
 * doubts.
 */
import { quoted, type ReadFinding } from '../formats/format';
import { locatorCentre } from '../units/geo/locator';
import { isUnsaid, namesOther, readCallSign, readModes, readNames, readStatus, readYes } from './cells';
import { readCoordinate, readPair } from './coordinates';
import { readDate } from './dates';
import { plainDashes } from './numbers';
import { type FrequencyCell, readFrequency, readFrequencyCell, readShift } from './frequencies';
import { unreadColumns } from './columns';
import type { ListedModes, ModeListed } from './mode-listed';
import { mergeRows, type ReadRow, rowsOfOneSite } from './one-site';
import {
  type CellReader,
  type Column,
  type ColumnField,
  LISTED_MODES,
  type ListedMode,
  type ListedSite,
  type RawList,
} from './types';

/** A row that cannot be taken, and why. */
export interface Rejected {
  line: number;
  cells: string[];
  finding: ReadFinding;
}

export interface ReadSites {
  sites: ReadRow[];
  rejected: Rejected[];
  /** Columns that hold something and are read as nothing. */
  unread: { title: string; filled: number }[];
}

const TWO_METRES = [144e6, 148e6] as const;
/** Common practice in the 2 m band; elsewhere a sign alone does not say how far. */
const TWO_METRE_SHIFT_HZ = 600_000;

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

  private column(field: ColumnField): Column | undefined {
    return this.columns[this.place[field] ?? -1];
  }

  /**
   * Both frequencies: the output from its column, the input from its own, a shift, a sign, or what stands behind the
   * output.
   */
  frequencies(): { txHz: number; rxHz: number | null } | null {
    const output = readFrequencyCell(this.cell('output'), this.factor('output'));
    if (!output || !(output.hz > 0)) return null;
    if (output.isPartRead) this.doubt('output', 'a frequency, alone or with a second one or a shift');
    return { txHz: output.hz, rxHz: this.input(output) };
  }

  private input({ hz, more }: FrequencyCell): number | null {
    const cell = this.cell('input');
    if (!isUnsaid(cell)) {
      const input = readFrequency(cell, this.factor('input'));
      // A shift, where others write the frequency itself.
      const signed = input === null && /^[+-]/.test(plainDashes(cell)) ? readShift(cell, 1e6) : null;
      return input ?? (signed?.is === 'shift' ? hz + signed.hz : this.doubt('input', 'a frequency'));
    }
    const shift = readShift(this.cell('shift'), this.factor('shift'));
    if (shift === null) return this.doubt('shift', 'a shift in MHz, kHz or Hz');
    if (shift.is === 'shift') return hz + shift.hz;
    if (shift.is === 'sign') return this.bySign(hz, shift.sign, 'shift');
    switch (more?.is) {
      case 'frequency':
        return more.hz;
      case 'shift':
        return hz + more.hz;
      case 'sign':
        return this.bySign(hz, more.sign, 'output');
      default:
        return null;
    }
  }

  private bySign(hz: number, sign: 1 | -1, field: ColumnField): number | null {
    if (hz >= TWO_METRES[0] && hz <= TWO_METRES[1]) return hz + sign * TWO_METRE_SHIFT_HZ;
    return this.doubt(field, 'a shift with its size');
  }

  private degrees(field: 'lat' | 'lon'): number | null {
    const found = readCoordinate(this.cell(field), field, this.column(field)?.letters);
    if (typeof found === 'number') return found;
    const most = field === 'lat' ? 'degrees from −90 to 90' : 'degrees from −180 to 180';
    return this.doubt(field, found === 'ambiguous' ? `${most} with N, S, E or W: this letter means two things` : most);
  }

  position(): { lat: number; lon: number } | null {
    if (!isUnsaid(this.cell('lat')) || !isUnsaid(this.cell('lon'))) {
      const [lat, lon] = [this.degrees('lat'), this.degrees('lon')];
      if (lat !== null && lon !== null) return { lat, lon };
    }
    if (!isUnsaid(this.cell('position'))) {
      const pair = readPair(this.cell('position'), this.column('position')?.letters);
      const found = pair ?? locatorCentre(this.cell('position'));
      if (found) return found;
      this.doubt('position', 'latitude and longitude, or a locator');
    }
    if (isUnsaid(this.cell('locator'))) return null;
    return locatorCentre(this.cell('locator')) ?? this.doubt('locator', 'a locator of 4, 6 or 8 characters');
  }

  confirmed(): string | null {
    const text = this.cell('confirmed');
    if (isUnsaid(text)) return null;
    return (
      readDate(text, this.column('confirmed')?.dayOrder) ??
      this.doubt('confirmed', 'a date of the calendar, such as 2026-09-30')
    );
  }

  module(ofCall: string): string {
    const text = this.cell('module').toUpperCase();
    if (isUnsaid(text)) return ofCall;
    if (/^[A-Z]$/.test(text)) return text;
    this.doubt('module', 'one letter');
    return ofCall;
  }

  status(): ListedSite['status'] {
    return readStatus(this.cell('status')) ?? this.doubt('status', 'on or off the air') ?? 'not said';
  }

  /** By words, by columns of their own, and by what only one mode has. */
  modes(modes: ListedModes, said: Partial<ListedSite>): ListedMode[] {
    const words = this.cell('modes');
    const found = new Set<ListedMode>(isUnsaid(words) ? [] : readModes(words, modes));
    if (!isUnsaid(words) && (found.size === 0 || namesOther(words, modes)))
      this.doubt('modes', LISTED_MODES.join(', '));
    for (const { name, listed } of Object.values(modes)) {
      const has = readYes(this.cell(`mode:${name}`));
      if (has === null) this.doubt(`mode:${name}`, 'yes or no');
      if (has === true || listed.implied?.(said)) found.add(name);
    }
    // A repeater of which no mode is said is an analog one; one that is said to have another is that.
    if (found.size === 0 && isUnsaid(words)) found.add(LISTED_MODES[0]!);
    return LISTED_MODES.filter((mode) => found.has(mode));
  }
}

/** What a list says of its modes where it says nothing. */
const UNSAID = {
  colorCode: null,
  groups: [],
  tone: null,
  toneOut: null,
  widthHz: null,
  nac: null,
  groupId: null,
} satisfies Partial<ListedSite>;

/** Reads row after row under the columns' meanings, so that long lists need not be held whole. */
export class SiteReader {
  private readonly row: Row;
  private readonly readers: readonly { listed: ModeListed }[];
  /** Places of rows that are of one site, by the first of them. */
  private readonly together: ReadonlyMap<number, readonly number[]>;
  private readonly merged: ReadonlySet<number>;

  constructor(
    private readonly raw: RawList,
    columns: readonly Column[],
    private readonly listed: ListedModes,
  ) {
    this.row = new Row(columns);
    this.readers = Object.values(listed).filter((mode) => mode.listed.read);
    this.together = rowsOfOneSite(raw, columns);
    this.merged = new Set([...this.together].flatMap(([first, all]) => all.filter((at) => at !== first)));
  }

  /** What the row at a place says, with the rows of the same site; `null` for one that went with an earlier one. */
  at(place: number): { sites: ReadRow[]; rejected: Rejected[] } | null {
    if (this.merged.has(place)) return null;
    const sites: ReadRow[] = [];
    const rejected: Rejected[] = [];
    for (const one of this.together.get(place) ?? [place]) {
      const row = this.raw.rows[one]!;
      const read = this.read(row);
      if ('rejected' in read) rejected.push({ line: row.line, cells: row.cells, finding: read.rejected });
      else sites.push({ line: row.line, ...read });
    }
    return { sites: sites.length > 1 ? [mergeRows(sites)] : sites, rejected };
  }

  private read({
    line,
    cells,
  }: RawList['rows'][number]): { site: ListedSite; doubts: ReadFinding[] } | { rejected: ReadFinding } {
    const { row } = this;
    row.begin(line, cells);
    const call = readCallSign(row.cell('callSign'));
    const frequencies = row.frequencies();
    if (!call || !frequencies)
      return {
        rejected: call
          ? row.finding('output', 'the frequency the site sends on')
          : row.finding('callSign', 'a call sign'),
      };
    const position = row.position();
    const status = row.status();
    const values: Pick<ListedSite, keyof typeof UNSAID> = { ...UNSAID };
    for (const { listed } of this.readers) Object.assign(values, listed.read!(row));
    const site: ListedSite = {
      callSign: call.callSign,
      module: row.module(call.module),
      name: row.cell('name'),
      place: row.cell('place'),
      country: row.cell('country').slice(0, 60),
      lat: position?.lat ?? null,
      lon: position?.lon ?? null,
      ...frequencies,
      modes: row.modes(this.listed, values),
      ...values,
      networks: readNames(row.cell('networks')),
      linked: row.cell('linked').slice(0, 200),
      status,
      confirmedOn: row.confirmed(),
      notes: row.cell('notes'),
    };
    return { site, doubts: row.doubts };
  }
}

/** Reads a whole list; a row that cannot be taken is told with its line, column, found and expected value. */
export function readSites(raw: RawList, columns: readonly Column[], modes: ListedModes): ReadSites {
  const reader = new SiteReader(raw, columns, modes);
  const result: ReadSites = { sites: [], rejected: [], unread: unreadColumns(raw, columns) };
  raw.rows.forEach((_, place) => {
    const read = reader.at(place);
    if (!read) return;
    result.sites.push(...read.sites);
    result.rejected.push(...read.rejected);
  });
  return result;
}
