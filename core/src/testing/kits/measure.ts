/** How much of a made kit is understood: cell by cell, held against the truth. */
import { decodeCell } from '../../kits/codec';
import { learnKit } from '../../kits/learn/learn-kit';
import { type Answer, type Learnt, type LearntTable, NO_EVIDENCE, type Question } from '../../kits/learn/learnt';
import { SURE } from '../../kits/learn/candidates';
import { openTables } from '../../tables/open';
import { KIT_MODES } from '../../registries/kits';
import type { MadeKit, TruthTable } from './make-kit';

export interface Measured {
  cells: number;
  right: number;
  /** Wrong, and not marked as doubtful. */
  wrongUnmarked: number;
  /** Of fields that are ours and were carried along. */
  missed: number;
  questions: number;
  wrong: string[];
}

const tableOf = (learnt: Learnt, truth: TruthTable, at: number): LearntTable | undefined => {
  const inFile = learnt.tables.filter(({ layout }) => layout.file === truth.file);
  return inFile.length === 1 ? inFile[0] : learnt.tables[at];
};

/** What answers the question as the truth has it. */
function answerFor(question: Question, learnt: Learnt, made: MadeKit): Answer[] {
  const at = learnt.tables.findIndex(({ layout }) => layout.file === question.file && layout.part === question.part);
  const truth = made.truth.find((one, place) => tableOf(learnt, one, place) === learnt.tables[at]);
  const isTrue = (answer: Answer): boolean => {
    if (answer.is === 'role') return truth?.role === answer.role;
    const column = truth?.columns[answer.column];
    if (answer.is === 'column') return (column?.field ?? null) === answer.field;
    const row = learnt.tables[at]!.table.rows.findIndex(({ cells }) => cells[answer.column] === answer.word);
    return column?.values[row] === answer.meaning;
  };
  const right = question.options.find(({ answers }) => answers.length > 0 && answers.every(isTrue));
  return right?.answers ?? question.options.at(-1)!.answers;
}

export async function learnMade(made: MadeKit): Promise<{ learnt: Learnt; answers: Answer[]; asked: Question[] }> {
  const files = await Promise.all(made.files.map(async ({ name, bytes }) => ({ name, file: await openTables(bytes) })));
  const answers: Answer[] = [];
  const asked: Question[] = [];
  let learnt = learnKit(files, KIT_MODES, NO_EVIDENCE, answers);
  for (;;) {
    const question = learnt.questions.find(({ id }) => !asked.some((one) => one.id === id));
    if (!question || asked.length > 20) return { learnt, answers, asked };
    asked.push(question);
    answers.push(...answerFor(question, learnt, made));
    learnt = learnKit(files, KIT_MODES, NO_EVIDENCE, answers);
  }
}

export async function measure(made: MadeKit): Promise<Measured> {
  const { learnt, asked } = await learnMade(made);
  const result: Measured = { cells: 0, right: 0, wrongUnmarked: 0, missed: 0, questions: asked.length, wrong: [] };
  made.truth.forEach((truth, place) => {
    const found = tableOf(learnt, truth, place);
    truth.columns.forEach((column, at) => {
      const layout = found?.layout.columns[at];
      const isRole = found?.layout.role === truth.role;
      let isTold = false;
      column.values.forEach((value, row) => {
        const cell = found?.table.rows[row]?.cells[at] ?? '';
        // What a mode does not have says nothing about how it was understood.
        if (column.field !== null && value === null) return;
        result.cells += 1;
        const field = isRole ? (layout?.field ?? null) : null;
        const isSame =
          field === column.field &&
          (field === null || meansSame(cell, value!, field, layout?.codec ?? null, layout?.blank ?? null));
        if (isSame) result.right += 1;
        else if (field === null) result.missed += 1;
        else if ((layout?.confidence ?? 0) >= SURE) result.wrongUnmarked += 1;
        if (!isSame && !isTold) {
          isTold = true;
          result.wrong.push(
            `${truth.role} “${layout?.title ?? ''}” ${column.field ?? 'own'} taken for ${field ?? 'nothing'}: “${cell}” is ${value ?? '?'}`,
          );
        }
      });
    });
  });
  return result;
}

function meansSame(
  cell: string,
  value: string,
  field: string,
  codec: Parameters<typeof decodeCell>[0] | null,
  blank: string | null,
): boolean {
  if (codec === null) return false;
  // Names of other rows are held against the truth where kits are read back.
  if (codec.as === 'named' || codec.as === 'members') return true;
  const read = cell === '' && blank !== null ? blank : decodeCell(codec, cell);
  if (read === undefined) return false;
  if (/^tone-(code-)?[rt]x$/.test(field)) return read === (value || 'none');
  if (field === 'group-tx' || field === 'group-rx') return Number(read) === Number(value);
  return read.trim() === value.trim();
}
