/** One field of a channel: how it is written, read, copied and held against the path. Sheets, files and the builder share it. */
import type { FactKey } from '../path/types';
import type { ChannelValues, Codeplug, ModeId, ValuesOf } from '../plan/types';
import type { RowLink } from './row-links';

/** What was typed: a value to put in place, or why it cannot be, with the value meant where that can be guessed. */
export type Reading<M extends ModeId = ModeId> = { put(to: ValuesOf<M>): void } | { problem: string; meant?: string };

export interface ChannelField<M extends ModeId = ModeId> {
  id: string;
  /** The column's heading, unit included. */
  title: string;
  kind: 'text' | 'number';
  /** Its spaces count: it is shown and read with them. */
  spaces?: true;
  /** The closed set of words it takes, when there is one. */
  options?: (codeplug: Codeplug) => string[];
  /** The pair of a path that shows whether this field agrees. */
  fact: FactKey | null;
  show(values: ValuesOf<M>, codeplug: Pick<Codeplug, 'receiveLists'>): string;
  read(text: string, codeplug: Codeplug): Reading<M>;
  copy(to: ValuesOf<M>, from: ValuesOf<M>): void;
  /** For files, where a value that is merely wrong for the air is taken as it stands, and a check says so. Without: as typed. */
  readStored?(text: string): Reading<M>;
  /** For a field that names a row of the codeplug: files hold its key, and a row that goes takes the link along. */
  link?: RowLink;
}

/** A field as a column of the whole codeplug has it. */
export interface ColumnField extends ChannelField {
  /** Only channels of these modes have it; `null`: all have. */
  modes: readonly ModeId[] | null;
  /** The pairs of a path, whichever the mode, that show whether it agrees. */
  facts: readonly FactKey[];
}

export function ofAll(field: ChannelField): ColumnField {
  return { ...field, modes: null, facts: field.fact === null ? [] : [field.fact] };
}

/** A field of one mode as all channels have it: empty, and nothing to copy, where the channel is of another. */
function ofMode<M extends ModeId>(mode: M, field: ChannelField<M>): ColumnField {
  const mine = (values: ChannelValues): values is ChannelValues & ValuesOf<M> => values.mode === mode;
  return {
    ...(field as ChannelField),
    modes: [mode],
    facts: field.fact === null ? [] : [field.fact],
    show: (values, codeplug) => (mine(values) ? field.show(values, codeplug) : ''),
    read(text, codeplug) {
      const reading = field.read(text, codeplug);
      if ('problem' in reading) return reading;
      return { put: (to) => void (mine(to) && reading.put(to)) };
    },
    copy: (to, from) => void (mine(to) && mine(from) && field.copy(to, from)),
  };
}

/** Fields of the modes as columns: those of one id are one column, in which each channel has the field of its own mode. */
export function columnsOf(modes: readonly { id: ModeId; fields: readonly ChannelField[] }[]): ColumnField[] {
  const columns = new Map<string, ColumnField>();
  for (const { id: mode, fields } of modes) {
    for (const field of fields) {
      const mine = ofMode(mode, field);
      const there = columns.get(field.id);
      columns.set(field.id, there ? besideEachOther(there, mine) : mine);
    }
  }
  return [...columns.values()];
}

function besideEachOther(one: ColumnField, other: ColumnField): ColumnField {
  const of = (values: ChannelValues) => (other.modes!.includes(values.mode) ? other : one);
  // What was typed is read alike by both; it is put by the one whose channel it is.
  const both = (a: Reading, b: Reading): Reading => ('problem' in a ? a : 'problem' in b ? b : { put: (to) => (of(to) === other ? b : a).put(to) });
  return {
    ...one,
    modes: [...one.modes!, ...other.modes!],
    facts: [...one.facts, ...other.facts],
    show: (values, codeplug) => of(values).show(values, codeplug),
    read: (text, codeplug) => both(one.read(text, codeplug), other.read(text, codeplug)),
    copy: (to, from) => of(to).copy(to, from),
    ...(one.readStored && other.readStored ? { readStored: (text: string) => both(one.readStored!(text), other.readStored!(text)) } : {}),
  };
}
