/** What is asked about a kit: one doubt at a time, the one on which most hangs first. */
import type { KitRole } from '../../plan/kit';
import { type Candidate, SURE, WORTH_ASKING } from './candidates';
import type { Draft } from './draft';
import type { Answer, Question } from './learnt';

const examples = (one: Candidate) =>
  one.column.texts
    .slice(0, 3)
    .map(({ text }) => `“${text}”`)
    .join(', ');

const columnName = (one: Candidate) =>
  one.column.title === '' ? `Column ${one.column.at + 1}` : `“${one.column.title}”`;

const key = (draft: Draft, rest: string) => `${draft.file}/${draft.table.part}/${rest}`;

const place = (draft: Draft) => ({ file: draft.file, part: draft.table.part });

function say(draft: Draft, column: number, field: string | null): Answer {
  return { is: 'column', ...place(draft), column, field };
}

/** Two fields of one kind, of which nothing may say which column is which. */
const PAIRS = [
  {
    fields: ['rx', 'tx'],
    text: 'On which of these two does the radio receive?',
    label: (column: string) => `The radio receives on ${column}`,
    why: 'Both columns hold frequencies, and nothing in the files says which is which.',
  },
  {
    fields: ['tone-tx', 'tone-rx'],
    text: 'Which of these two tones does the radio send?',
    label: (column: string) => `It sends the tone in ${column}`,
    why: 'Both columns hold tones, and nothing in the files says which is which.',
  },
] as const;

function wayRound(draft: Draft): { asked: string[]; questions: Question[] } {
  const asked: string[] = [];
  const questions = PAIRS.flatMap(({ fields: [first, second], text, label, why }): Question[] => {
    const [one, other] = [first, second].map((id) => draft.taken.find(({ field }) => field.id === id));
    if (!one || !other || (one.confidence >= SURE && other.confidence >= SURE)) return [];
    asked.push(first, second);
    const option = (mine: Candidate, another: Candidate) => ({
      label: label(columnName(mine)),
      detail: `for example ${examples(mine)}`,
      answers: [say(draft, mine.column.at, first), say(draft, another.column.at, second)],
    });
    return [
      {
        id: key(draft, `pair-${first}`),
        ...place(draft),
        column: one.column.at,
        text,
        why,
        options: [option(one, other), option(other, one)],
        weight: one.column.filled * (first === 'rx' ? 4 : 2),
      },
    ];
  });
  return { asked, questions };
}

/** A column of which it is not sure what it holds. */
function ofColumn(draft: Draft, one: Candidate): Question {
  const others = draft.all.filter(({ column, field }) => column.at === one.column.at && field.id !== one.field.id);
  const fields = [
    one,
    ...others.filter((other) => !draft.taken.some(({ field }) => field.id === other.field.id)),
  ].slice(0, 3);
  return {
    id: key(draft, `column-${one.column.at}`),
    ...place(draft),
    column: one.column.at,
    text: `What does ${columnName(one)} hold?`,
    why: `It holds ${examples(one)}.`,
    options: [
      ...fields.map(({ field }) => ({
        label: field.title,
        detail: '',
        answers: [say(draft, one.column.at, field.id)],
      })),
      { label: 'Something else', detail: 'it is carried along as it is', answers: [say(draft, one.column.at, null)] },
    ],
    weight: one.column.filled,
  };
}

/** Words of which the meaning is not known. */
function ofWords(draft: Draft, one: Candidate): Question[] {
  const { reads } = one.field;
  if (reads.as !== 'words' || one.unknown.length === 0 || one.unknown.length > 6) return [];
  const all = Object.keys(reads.words).filter((meaning) => !reads.vague?.includes(meaning));
  return one.unknown.map((word) => ({
    id: key(draft, `word-${one.column.at}-${word}`),
    ...place(draft),
    column: one.column.at,
    text: `What does “${word}” mean in ${columnName(one)}?`,
    why: `The column is taken for: ${one.field.title}.`,
    options: [
      ...(one.maybe?.get(word) ?? all).map((meaning) => ({
        label: meaning,
        detail: '',
        answers: [{ is: 'word' as const, ...place(draft), column: one.column.at, word, meaning }],
      })),
      { label: 'None of these', detail: 'cells with it are left as they are', answers: [] },
    ],
    weight: one.column.texts.find(({ text }) => text === word)?.count ?? 1,
  }));
}

const LISTS: readonly KitRole[] = ['zones', 'scan lists'];

function ofRole(draft: Draft): Question[] {
  if (draft.roleConfidence >= SURE || !LISTS.includes(draft.role)) return [];
  const part = draft.table.part === '' ? '' : ` (${draft.table.part})`;
  const option = (role: KitRole, label: string) => ({
    label,
    detail: '',
    answers: [{ is: 'role' as const, ...place(draft), role }],
  });
  return [
    {
      id: key(draft, 'role'),
      ...place(draft),
      column: null,
      text: `What are the lists of channels in ${draft.file}${part}?`,
      why: 'They name channels, and nothing says what for.',
      options: [
        option('zones', 'Zones: channels that the knob steps through'),
        option('scan lists', 'Scan lists: channels that the radio listens to in turn'),
        option('other', 'Something else: carried along'),
      ],
      weight: draft.table.rows.length * 3,
    },
  ];
}

/** All that is asked, the most telling first; what was answered is not asked again. */
export function questionsOf(drafts: readonly Draft[], answers: readonly Answer[]): Question[] {
  const isAnswered = (question: Question) =>
    question.options.some(({ answers: mine }) =>
      mine.some((one) => answers.some((given) => JSON.stringify(given) === JSON.stringify(one))),
    );
  const all = drafts.flatMap((draft) => {
    const { asked: inRound, questions: round } = wayRound(draft);
    const doubtful = draft.taken.filter(
      ({ confidence, field, column }) =>
        confidence < SURE &&
        confidence >= WORTH_ASKING &&
        !inRound.includes(field.id) &&
        field.id !== 'member' &&
        column.filled > 0,
    );
    return [
      ...ofRole(draft),
      ...round,
      ...doubtful.map((one) => ofColumn(draft, one)),
      ...draft.taken.flatMap((one) => ofWords(draft, one)),
    ];
  });
  return all.filter((one) => !isAnswered(one)).sort((a, b) => b.weight - a.weight || a.id.localeCompare(b.id));
}
