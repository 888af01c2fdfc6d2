/** The codeplug workshop: radios brought along, names, and what the sheet does with thousands of rows. */
import { bringAlong, putBrought } from '@relay/core/bring/bring-along';
import { highsSolver } from '@relay/core/bring/highs-solver';
import { agreementOf } from '@relay/core/agreement/agreement';
import { fitNames } from '@relay/core/codeplug/names';
import { newRadio } from '@relay/core/plan/create';
import { edit } from '@relay/core/plan/edit';
import { putRow } from '@relay/core/plan/table';
import type { Plan } from '@relay/core/plan/types';
import { radioSheet } from '@relay/core/keying/radio-sheet';
import { carryOut } from '@relay/core/registries/builder';
import { MODES } from '@relay/core/registries/modes';
import { DEMO_PLANS } from '../demo/ostrey-isles';
import { compareCells } from '../web/src/features/codeplugs/compare-cells';
import { rowFilter } from '../web/src/features/codeplugs/filter-rows';
import { columnsFor, sheetRows, typeCells } from '../web/src/features/codeplugs/sheet';
import { generatedPlan } from './generated-plan';
import { medianAsyncMs, medianMs } from './measure';

const SIZE = { channels: 4000, sites: 40, groups: 100 };

/** Three further radios that want nothing yet. */
function withOthers(plan: Plan, channels: number): Plan {
  return edit(plan, (draft) => {
    for (const id of ['a', 'b', 'c']) {
      const radio = newRadio(id, `Radio ${id}`, ['dmr', 'fm']);
      Object.assign(radio.limits, { channels, zones: 10_000, receiveLists: 10_000 });
      putRow(draft.radios, radio);
    }
  }).plan;
}

/** Each figure in milliseconds, its goal, and how often a structured clone of the plan would fit into it. */
export async function benchWorkshop(): Promise<void> {
  const base = generatedPlan(SIZE);
  const cloneMs = medianMs(() => structuredClone(base), 7);
  const say = (what: string, ms: number, more: string) =>
    console.log(`${what}: ${ms.toFixed(0)} ms, ${more}; ${(ms / cloneMs).toFixed(2)} × structuredClone of the plan`);
  const solve = await highsSolver();
  for (const [what, channels] of [
    ['all fits', 100_000],
    ['room for half', 2000],
  ] as const) {
    const plan = withOthers(base, channels);
    const bring = () => bringAlong(plan, MODES, plan.radios.order, solve);
    say(`Bring along 4 radios × 4,000, ${what}`, await medianAsyncMs(bring, 5), 'goal 1,000');
    const brought = await bring();
    const build = () => edit(edit(plan, (draft) => putBrought(draft, brought, () => false)).plan, carryOut());
    say(
      `The same put into the plan and built, ${what}`,
      medianMs(build, 3),
      `${brought[1]!.adds.length} wants a radio`,
    );
  }
  const rows = sheetRows(base, 'r', agreementOf(base));
  const columns = columnsFor(new Set(['dmr']), true);
  say(
    'Sort 4,000 rows by name',
    medianMs(() => [...rows].sort(compareCells('name'))),
    'goal 50',
  );
  say(
    'Sort 4,000 rows by number',
    medianMs(() => [...rows].sort(compareCells('number'))),
    'goal 50',
  );
  say(
    'Filter 4,000 rows by three words',
    medianMs(() => rows.filter(rowFilter('slot:2 group -broken', columns).takes)),
    'goal 50',
  );
  const cells = rows.slice(0, 1000).map(({ id }) => ({ channelId: id, columnId: 'slot', text: '1' }));
  say(
    '1,000 cells typed',
    medianMs(() => edit(base, (draft) => void typeCells(draft, 'r', cells)), 7),
    'verdicts not counted',
  );
  const keyed = DEMO_PLANS['all-modes']!();
  for (const id of ['pilot', 'rambler']) {
    const sheet = radioSheet(keyed, MODES, id, 'nothing')!;
    say(
      `Keying sheet of ${sheet.entries.length} memories`,
      medianMs(() => radioSheet(keyed, MODES, id, 'nothing'), 5),
      `${sheet.presses.toLocaleString('en')} presses, ${sheet.inOrder.toLocaleString('en')} as the codeplug stands`,
    );
  }
  const wishes = (name: (at: number) => string) =>
    Array.from({ length: 4000 }, (_, at) => ({ name: name(at), qualifier: '' }));
  const equal = medianMs(
    () =>
      fitNames(
        wishes(() => 'Lighthouse Watch'),
        16,
      ),
    7,
  );
  const different = medianMs(
    () =>
      fitNames(
        wishes((at) => `Lighthouse ${at}`),
        16,
      ),
    7,
  );
  say('4,000 equal names fitted', equal, `${(equal / different).toFixed(1)} × as long as 4,000 different ones`);
}
