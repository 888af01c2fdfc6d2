/** Which column of a table is which field: every pair is given a confidence, and the surest are taken first. */
import type { CellCodec } from '../../plan/kit';
import type { Column } from './column';
import { infer } from './infer';
import type { KitField } from '../kit-field';

export type Because = 'title and cells' | 'title' | 'cells' | 'relation' | 'you said so';

export interface Candidate {
  column: Column;
  field: KitField;
  codec: CellCodec;
  /** 0 to 1. */
  confidence: number;
  because: Because;
  /** Words of it that are not known. */
  unknown: string[];
  /** Of some of those it is known what they could mean. */
  maybe?: ReadonlyMap<string, readonly string[]>;
}

/** From here on a guess is taken without a doubt mark. */
export const SURE = 0.7;
/** Less than this is no guess. */
export const WORTH_ASKING = 0.4;

/** What a title says about a field: 1 means it, 0.75 may mean it, 0 does not, −1 is another's; `null`: no title. */
export function titleScore(field: KitField, column: Column): number | null {
  const { plain } = column;
  if (plain === '') return null;
  if (field.never?.test(plain)) return -1;
  if (field.heading.test(plain)) return 1;
  return field.loose?.test(plain) ? 0.75 : 0;
}

function candidate(field: KitField, column: Column): Candidate | null {
  const title = titleScore(field, column);
  if (title === -1) return null;
  const found = infer(field, column);
  const share = title === 1 ? (found?.titled ?? found?.share ?? 0) : (found?.share ?? 0);
  if (!found || share < 0.5 || (found.bare && title !== 1)) return null;
  const { codec, unknown } = found;
  const alone = field.alone ? field.alone(column.cells) : true;
  const ofCells = field.telling * share * (alone ? 1 : 0.4);
  const of = (confidence: number, because: Because): Candidate => ({
    column,
    field,
    codec,
    confidence: Math.min(0.99, confidence),
    because,
    unknown,
  });
  // Every number once, from 1 up: whatever its title is.
  if (field.reads.as === 'row' && share === 1 && title !== 1 && alone) return of(0.8, 'cells');
  if (title === null) return of(ofCells, 'cells');
  if (title === 0) return of(ofCells * 0.6, 'cells');
  if (share < 0.85) return of(0.45 + share * 0.2, 'title');
  // Of two columns with the title, the one whose cells speak for it.
  const spoken = alone ? 0 : 0.08;
  return title === 1
    ? of(0.75 + 0.24 * share - spoken, 'title and cells')
    : of(0.6 * share + 0.3 * field.telling, 'title and cells');
}

/** Every pair that is worth a thought, the surest first. */
export function candidates(columns: readonly Column[], fields: readonly KitField[]): Candidate[] {
  return columns
    .flatMap((column) => fields.map((field) => candidate(field, column)))
    .filter((one): one is Candidate => one !== null && one.confidence >= WORTH_ASKING * 0.6)
    .sort((a, b) => b.confidence - a.confidence || a.column.at - b.column.at);
}

/** Gives each column and each field away once. `given`: what is settled already. */
export function assign(all: readonly Candidate[], given: readonly Candidate[] = []): Candidate[] {
  const taken = [...given];
  for (const one of all) {
    if (one.confidence < WORTH_ASKING) continue;
    if (!taken.some(({ column, field }) => column.at === one.column.at || field.id === one.field.id)) taken.push(one);
  }
  return taken;
}
