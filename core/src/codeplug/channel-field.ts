/** One field of a channel: how it is written, read, copied and held against the path. Sheets, files and the builder share it. */
import type { Fact, FactKey, PathContext } from '../path/types';
import type { ChannelValues, CodeplugBlocks, Id, ModeId, Radio, ValuesOf } from '../plan/types';

/** Why something that was typed cannot be taken. */
export interface Refusal {
  found: string;
  expected: string;
  /** Both in a sentence. */
  problem: string;
  /** The value that was probably meant. */
  meant?: string;
}

/** What was typed: a value to put in place, or why it cannot be. */
export type Reading<M extends ModeId = ModeId> = { put(to: ValuesOf<M>): void } | Refusal;

/** A field that names a row of the codeplug: files hold its key. */
export interface RowLink<M extends ModeId = ModeId> {
  /** What kind of row: `receive list`. */
  what: string;
  get(values: ValuesOf<M>): Id | null;
  set(values: ValuesOf<M>, id: Id | null): void;
}

/** What a field must know of the radio; `null`: it is not known which one. */
export type FieldRadio = Pick<Radio, 'power'> | null;

/** A field of this weight and more tells which path a channel is. */
export const PATH_WEIGHT = 5;

export interface ChannelField<M extends ModeId = ModeId> {
  id: string;
  /** The column's heading, unit included. */
  title: string;
  kind: 'text' | 'number';
  /** Place among the columns of a sheet, from left to right; files keep the order of the list. */
  order: number;
  /** Width of its column, px at 13 px text. */
  width: number;
  /**
   * How likely a difference in it keeps a call from coming through, 1 to 10; 0: it is only a name. From `PATH_WEIGHT` on
   * it makes another path of it. Common practice.
   */
  weight: number;
  /** Whether two channels have the same, where the same is shown in two ways; without: by what is shown. */
  same?(one: ValuesOf<M>, codeplug: CodeplugBlocks, other: ValuesOf<M>, otherCodeplug: CodeplugBlocks): boolean;
  /** Tables written before it was there lack it: then nobody has said. */
  later?: true;
  /** Its spaces count: it is shown and read with them. */
  spaces?: true;
  /** The closed set of words it takes, when there is one. */
  options?: (codeplug: CodeplugBlocks, radio: FieldRadio) => string[];
  /** The pairs of a path that show whether this field agrees. */
  facts: readonly FactKey[];
  /** What a pair expects, as this field shows it; without, in the words of the pair. */
  expected?(fact: Fact, context: PathContext): string;
  show(values: ValuesOf<M>, codeplug: CodeplugBlocks): string;
  read(text: string, codeplug: CodeplugBlocks, radio: FieldRadio): Reading<M>;
  copy(to: ValuesOf<M>, from: ValuesOf<M>): void;
  /** For files, where a value that is merely wrong for the air is taken as it stands, and a check says so. Without: as typed. */
  readStored?(text: string): Reading<M>;
  link?: RowLink<M>;
}

/** A field as a column of the whole codeplug has it. */
export interface ColumnField extends ChannelField {
  /** Only channels of these modes have it; `null`: all have. */
  modes: readonly ModeId[] | null;
}

/** A field that channels of every mode have, as a column. */
export function ofAll(field: ChannelField): ColumnField {
  return { ...field, modes: null };
}

/** A field of one mode as all channels have it: empty, and nothing to copy, where the channel is of another. */
function ofMode<M extends ModeId>(mode: M, field: ChannelField<M>): ColumnField {
  const mine = (values: ChannelValues): values is ChannelValues & ValuesOf<M> => values.mode === mode;
  const { link } = field;
  const guarded: RowLink | undefined = link && {
    what: link.what,
    get: (values) => (mine(values) ? link.get(values) : null),
    set: (values, id) => void (mine(values) && link.set(values, id)),
  };
  return {
    ...(field as ChannelField),
    modes: [mode],
    show: (values, codeplug) => (mine(values) ? field.show(values, codeplug) : ''),
    read(text, codeplug, radio) {
      const reading = field.read(text, codeplug, radio);
      if ('problem' in reading) return reading;
      return { put: (to) => void (mine(to) && reading.put(to)) };
    },
    copy: (to, from) => void (mine(to) && mine(from) && field.copy(to, from)),
    ...(field.same
      ? {
          same: (one: ChannelValues, a: CodeplugBlocks, other: ChannelValues, b: CodeplugBlocks) =>
            mine(one) && mine(other) ? field.same!(one, a, other, b) : mine(one) === mine(other),
        }
      : {}),
    ...(guarded ? { link: guarded } : {}),
  };
}

/**
 * Fields of the modes as columns: those of one id are one column, in which each channel has the field of its own mode.
 * @throws Error where two columns have one heading: a table could not tell them apart
 */
export function columnsOf(modes: readonly { id: ModeId; fields: readonly ChannelField[] }[]): ColumnField[] {
  const columns = new Map<string, ColumnField>();
  for (const { id: mode, fields } of modes) {
    for (const field of fields) {
      const mine = ofMode(mode, field);
      const there = columns.get(field.id);
      columns.set(field.id, there ? sharedColumn(there, mine) : mine);
    }
  }
  const byTitle = new Map<string, string>();
  for (const { id, title } of columns.values()) {
    const other = byTitle.get(title);
    if (other !== undefined) throw new Error(`Two fields are headed “${title}”: ${other} and ${id}.`);
    byTitle.set(title, id);
  }
  return [...columns.values()];
}

function sharedColumn(one: ColumnField, other: ColumnField): ColumnField {
  const of = (values: ChannelValues) => (other.modes!.includes(values.mode) ? other : one);
  // What was typed is read alike by both; it is put by the one whose channel it is.
  const both = (a: Reading, b: Reading): Reading =>
    'problem' in a ? a : 'problem' in b ? b : { put: (to) => (of(to) === other ? b : a).put(to) };
  return {
    ...one,
    modes: [...one.modes!, ...other.modes!],
    facts: [...new Set([...one.facts, ...other.facts])],
    show: (values, codeplug) => of(values).show(values, codeplug),
    read: (text, codeplug, radio) => both(one.read(text, codeplug, radio), other.read(text, codeplug, radio)),
    copy: (to, from) => of(to).copy(to, from),
    ...(one.same && other.same
      ? { same: (a: ChannelValues, x: CodeplugBlocks, b: ChannelValues, y: CodeplugBlocks) => of(a).same!(a, x, b, y) }
      : {}),
    ...(one.readStored && other.readStored
      ? { readStored: (text: string) => both(one.readStored!(text), other.readStored!(text)) }
      : {}),
  };
}
