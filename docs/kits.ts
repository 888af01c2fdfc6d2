/** The page on how well kits are understood, measured when it is made. */
import { readFileSync } from 'node:fs';
import { KIT_MODES } from '@relay/core/registries/kits';
import { MODE_IDS } from '@relay/core/plan/modes/index';
import { CHANNEL_COLUMNS } from '@relay/core/kits/channel-columns';
import { demoKits, kitOf } from '@relay/core/testing/kits/demo-kits';
import { randomDialect } from '@relay/core/testing/kits/dialect';
import { measure, type Measured } from '@relay/core/testing/kits/measure';
import { randomOf } from '@relay/core/testing/kits/random';
import type { KitFigure } from '../bench/kits';

/** Seeds of programs that nobody looked at while the learner was written. */
const UNSEEN = Array.from({ length: 100 }, (_, at) => 9001 + at);

interface Speed {
  on: string;
  cores: number;
  node: string;
  figures: KitFigure[];
}

function speedTable(): string {
  const { on, cores, node, figures } = JSON.parse(
    readFileSync(new URL('kits-speed.json', import.meta.url), 'utf8'),
  ) as Speed;
  const rows = figures.map(
    ({ what, times: { medianMs, firstMs }, cutMs, goalMs }) =>
      `| ${what} | ${medianMs.toFixed(0)} ms | ${firstMs.toFixed(0)} ms | ${(medianMs / cutMs).toFixed(1)} × | ${goalMs === null ? '' : `${goalMs} ms`} |`,
  );
  return `Measured by \`./relay bench kits --keep\` on ${on}, ${cores} cores, Node ${node}: the median of several runs, and the first one,
in which the engine compiles what it runs. “Cutting” is the median as a multiple of cutting the same table with the CSV
library alone in the same run.

| what | median | first | cutting | goal |
|---|---|---|---|---|
${rows.join('\n')}
`;
}

const percent = ({ right, cells }: Pick<Measured, 'right' | 'cells'>) => `${((100 * right) / cells).toFixed(2)} %`;

export async function kitsPage(): Promise<string> {
  const rows: string[] = [];
  for (const { dialect, made } of await demoKits()) {
    const found = await measure(made);
    rows.push(
      `| \`${dialect.id}\` | ${dialect.about} | ${found.cells} | ${percent(found)} | ${found.wrongUnmarked} | ${found.questions} |`,
    );
  }
  const all = { cells: 0, right: 0, wrongUnmarked: 0, questions: 0, most: 0, least: 1 };
  for (const seed of UNSEEN) {
    const { made } = await kitOf(randomDialect(randomOf(seed), seed), seed);
    const found = await measure(made);
    all.cells += found.cells;
    all.right += found.right;
    all.wrongUnmarked += found.wrongUnmarked;
    all.questions += found.questions;
    all.most = Math.max(all.most, found.questions);
    all.least = Math.min(all.least, found.right / found.cells);
  }
  const fields = [...CHANNEL_COLUMNS, ...MODE_IDS.flatMap((mode) => KIT_MODES[mode].kit.fields)];
  const titles = [...new Set(fields.map(({ title }) => title))];
  return `# How well files of other programs are understood

Made by \`docs/generate.ts\`: each cell of a kit whose meaning is known is held against what was learnt. “Unmarked” are cells
that were taken for something else without a doubt mark. Questions are answered as the truth has it.

| kit | what it is like | cells | understood | wrong, unmarked | questions |
|---|---|---|---|---|---|
${rows.join('\n')}

${UNSEEN.length} programs that came about by chance (language, titles, words, units, container, references, order of columns):
${all.cells.toLocaleString('en')} cells, ${percent(all)} understood, ${all.wrongUnmarked} wrong and unmarked; the worst of them ${(100 * all.least).toFixed(1)} %;
${(all.questions / UNSEEN.length).toFixed(2)} questions each, ${all.most} at most. They are made of the same stock of titles and words as the six, in six languages, so they
measure the learner's judgement, not its vocabulary: what a real program calls a thing in words that are not in the stock is asked or carried along.

## How long it takes
${speedTable()}
## What is understood
${titles.join(', ')}; zones, receive lists, contacts, room memories and tone codes; scan lists so far as they follow their channels; lists of sites for a card.

## What is not
- Several tables in one delimited file, sections in it, fixed columns without a delimiter.
- Spreadsheets of older kinds (.xls) and .ods; encodings other than UTF-8, UTF-16 and Windows-1252.
- More than nine steps of power by words alone: their order is known from watts, else they stand as in the file.
- A kit of which the rows are places of several banks in one table.
`;
}
