/** What somebody said about a table, before anything is guessed. */
import type { CellCodec, KitRole } from '../../plan/kit';
import type { KitField } from '../kit-field';
import { assign, type Candidate, candidates } from './candidates';
import type { Draft } from './draft';
import { infer } from './infer';
import type { Answer } from './learnt';

/** What somebody said about a table. */
export const said = (draft: Draft, answers: readonly Answer[]) =>
  answers.filter((one) => one.file === draft.file && one.part === draft.table.part);

/** Columns of which somebody said that they are carried along. */
export const carriedOf = (draft: Draft, answers: readonly Answer[]) =>
  new Set(said(draft, answers).flatMap((one) => (one.is === 'column' && one.field === null ? [one.column] : [])));

/** What somebody said about columns and words of a table, as candidates that nothing outweighs. */
export function settled(draft: Draft, fields: readonly KitField[], answers: readonly Answer[]): Candidate[] {
  const words = said(draft, answers).filter((one) => one.is === 'word');
  return said(draft, answers).flatMap((answer): Candidate[] => {
    if (answer.is !== 'column' || answer.field === null) return [];
    const [column, field] = [draft.columns[answer.column], fields.find(({ id }) => id === answer.field)];
    if (!column || !field) return [];
    const found = infer(field, column);
    const own: CellCodec = { as: 'text', capitals: false, pad: 0 };
    const isRef = field.reads.as === 'named' || field.reads.as === 'members';
    if (!found && field.reads.as !== 'text' && !isRef) {
      if (field.reads.as !== 'words') return [];
      const pairs = words
        .filter((one) => one.column === column.at)
        .map((one): [string, string] => [one.word, one.meaning]);
      return [
        {
          column,
          field,
          codec: { as: 'words', words: pairs },
          confidence: 1,
          because: 'you said so',
          unknown: column.texts.map(({ text }) => text),
        },
      ];
    }
    return [
      {
        column,
        field,
        codec: found?.codec ?? own,
        confidence: 1,
        because: 'you said so',
        unknown: found?.unknown ?? [],
      },
    ];
  });
}

/** Gives each column its field: what somebody said, then the surest. */
export function fieldsIn(draft: Draft, fields: readonly KitField[], answers: readonly Answer[]): void {
  const carried = carriedOf(draft, answers);
  draft.all = candidates(draft.columns, fields).filter(({ column }) => !carried.has(column.at));
  draft.taken = assign(draft.all, settled(draft, fields, answers));
}

/** Words that somebody explained. */
export function takeWords(draft: Draft, answers: readonly Answer[]): void {
  for (const answer of said(draft, answers)) {
    if (answer.is !== 'word') continue;
    const one = draft.taken.find(({ column }) => column.at === answer.column);
    if (one?.codec.as !== 'words') continue;
    one.codec = {
      as: 'words',
      words: [...one.codec.words.filter(([word]) => word !== answer.word), [answer.word, answer.meaning]],
    };
    one.unknown = one.unknown.filter((word) => word !== answer.word);
  }
}

/** What the rows of a table are, as somebody said. */
export const askedRole = (draft: Draft, answers: readonly Answer[]): KitRole | undefined =>
  said(draft, answers).find((one) => one.is === 'role')?.role;
