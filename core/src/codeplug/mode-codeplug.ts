/** What a mode provides so that its part of a codeplug can be shown, read, copied and filed. */
import type { RecordRow } from '../plan/record-kind';
import type { ModeId, Site, ValuesOf } from '../plan/types';
import type { ChannelField } from './channel-field';

/** Cells of a row in a file, by the heading of their column. */
export type Cells = Record<string, string>;

/** Tells that a cell holds what cannot be taken: its heading, what was found, what was expected. */
export type Wrong = (column: string, found: string, expected: string) => void;

/** How rows of one kind stand in a file. */
export interface RecordFile<Row extends RecordRow = RecordRow> {
  /** A row as people compare it with what was written: `417, 588`. */
  show(row: Row): string;
  /** What stands in a file beside key and name; members of lists under `Members`. */
  cells(row: Row): Cells;
  /** The row without key and name. */
  read(cells: Cells, wrong: Wrong): Omit<Row, 'id' | 'name'>;
}

export interface ModeCodeplug<M extends ModeId = ModeId> {
  id: M;
  name: string;
  /** The fields of a channel that only this mode has. */
  fields: readonly ChannelField<M>[];
  /** A channel of this mode before anything was typed; on a site's frequencies and codes when one is given. */
  blankChannel(site?: Site): ValuesOf<M>;
  /** How the rows that it keeps beside channels stand in files, by the key of their kind. */
  files: Readonly<Record<string, RecordFile>>;
}

/** The modes as they are handed in. */
export type CodeplugModes = Readonly<Record<ModeId, ModeCodeplug>>;
