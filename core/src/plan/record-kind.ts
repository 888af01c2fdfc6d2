import type { ModeId, ModeTypes, Radio, Table } from './types';

/** A row that a mode keeps in a radio beside its channels. */
export interface RecordRow {
  id: string;
  name: string;
}

/** A kind of row that a mode keeps in a radio beside its channels: contacts, receive lists, rooms. */
export interface RecordKind<M extends ModeId = ModeId> {
  /** The property of the mode's block that holds the table. */
  key: string;
  /** One of them: `receive list`. */
  what: string;
  table(block: ModeTypes[M]['codeplug']): Table<RecordRow>;
  /** How many a radio holds; without, a check of the mode tells it. */
  limit?(radio: Radio): number | null;
  /** Its names are held to the radio's length; without, a check of the mode tells it. */
  named?: true;
  /** Each name once in a radio. */
  distinct?: true;
  /** For rows that list others. */
  members?: { what: string; count(row: RecordRow): number; limit(radio: Radio): number | null };
}
