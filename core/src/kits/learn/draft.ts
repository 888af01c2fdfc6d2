import type { KitRole } from '../../plan/kit';
import type { ModeId } from '../../plan/types';
import type { FileTable } from '../../tables/table-file';
import type { Candidate } from './candidates';
import type { Column } from './column';
import type { Members } from './learn-lists';

/** A table while it is being learnt. */
export interface Draft {
  file: string;
  table: FileTable;
  columns: Column[];
  /** Titles of the file and its part, plain. */
  called: string;
  role: KitRole;
  roleConfidence: number;
  all: Candidate[];
  taken: Candidate[];
  members: Members | null;
  mode: ModeId | null;
  freeRows: boolean;
}
