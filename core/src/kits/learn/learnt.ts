/** What learning a kit gives: layouts, how sure each guess is and why, and what is asked. */
import type { CellCodec, KitRole, TableLayout } from '../../plan/kit';
import type { FileFault, FileTable } from '../../tables/table-file';
import type { Because } from './candidates';

/** What somebody said about a guess. */
export type Answer =
  | { is: 'column'; file: string; part: string; column: number; field: string | null }
  | { is: 'role'; file: string; part: string; role: KitRole }
  | { is: 'word'; file: string; part: string; column: number; word: string; meaning: string };

/** One doubt, with what can be said of it. */
export interface Question {
  /** The same doubt has the same id, whatever was answered before. */
  id: string;
  file: string;
  part: string;
  /** `null`: it is about the table. */
  column: number | null;
  text: string;
  why: string;
  options: { label: string; detail: string; answers: Answer[] }[];
  /** Cells that hang on it. */
  weight: number;
}

export interface LearntColumn {
  at: number;
  title: string;
  examples: string[];
  field: string | null;
  fieldTitle: string;
  codec: CellCodec | null;
  confidence: number;
  because: Because | null;
  /** What else it could be, the likeliest first. */
  others: { field: string; title: string }[];
}

export interface LearntTable {
  layout: TableLayout;
  table: FileTable;
  columns: LearntColumn[];
  rows: number;
}

export interface Learnt {
  tables: LearntTable[];
  questions: Question[];
  faults: (FileFault & { file: string })[];
}

/** What is known beside the files: it settles which of two frequencies is which. */
export interface Evidence {
  /** What known sites send and listen on, Hz: `439125000 431525000`. */
  pairs: ReadonlySet<string>;
}

export const NO_EVIDENCE: Evidence = { pairs: new Set() };
