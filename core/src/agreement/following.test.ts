/**
 * An index that follows a plan says after every edit what an index made afresh says, and works out only what was
 * touched.
 */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { AroundSite } from '../path/around';
import type { FollowingIndex } from '../path/following-index';
import { edit, editByPatches } from '../plan/edit';
import { applyPatches, type Patch } from '../plan/patches';
import { removeRow, rows } from '../plan/table';
import type { Plan, Table } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { runChecks } from '../registries/checks';
import { followingIndex, planIndex } from '../registries/modes';
import { soundPlan, withSomeWrongValue } from '../testing/one-wrong-value';
import { everyMode } from '../testing/sample-every-mode';
import { agreementOf } from './agreement';

const TODAY = '2026-11-26';
const AROUND: readonly AroundSite[] = [
  {
    callSign: 'QO9ABC',
    module: 'B',
    txHz: 439_125_000,
    rxHz: 431_525_000,
    position: { lat: 46.71, lon: -33.42 },
  } as AroundSite,
];

/** One thing that a user, a press or another window does. */
interface Act {
  kind: 'wrong value' | 'remove' | 'duplicate' | 'mend' | 'undo' | 'order' | 'around';
  at: number;
}

const act: fc.Arbitrary<Act> = fc.record({
  kind: fc.constantFrom(
    'wrong value',
    'wrong value',
    'wrong value',
    'remove',
    'duplicate',
    'mend',
    'undo',
    'order',
    'around',
  ),
  at: fc.nat(),
});

function tablesOf(plan: Plan): Table<{ id: string }>[] {
  return [
    plan.radios,
    plan.sites,
    plan.networks,
    plan.wants,
    ...Object.values(plan.codeplugs).flatMap(({ channels, zones }) => [channels, zones, channels]),
  ] as Table<{ id: string }>[];
}

function carriedOut(plan: Plan, { kind, at }: Act, undo: Patch[]): Plan {
  const changed = (recipe: (draft: Plan) => void) => {
    const made = edit(plan, recipe);
    if (validatePlan(made.plan).problems.length > 0) return plan;
    undo.splice(0, undo.length, ...made.inverse);
    return made.plan;
  };
  const pick = <T>(list: readonly T[]): T | undefined => list[at % list.length];
  const withRows = (one: Plan) => tablesOf(one).filter((table) => table.order.length > 0);
  if (kind === 'wrong value') return withSomeWrongValue(plan, at);
  if (kind === 'undo') return applyPatches(plan, undo.splice(0));
  if (kind === 'mend') {
    const finding = pick(runChecks(planIndex(plan, { today: TODAY })).filter((one) => one.fixes.length > 0));
    return finding ? editByPatches(plan, finding.fixes[0]!.patches).plan : plan;
  }
  return changed((draft) => {
    const table = pick(withRows(draft));
    if (!table) return;
    if (kind === 'remove') removeRow(table, table.order[at % table.order.length]!);
    else if (kind === 'order') table.order.reverse();
    else if (kind === 'duplicate') {
      const row = table.byId[table.order[at % table.order.length]!]!;
      // A radio has a codeplug of its own: that one is not made here.
      if (row.id in draft.radios.byId || row.id in draft.sites.byId) return;
      const twin = { ...JSON.parse(JSON.stringify(row)), id: `${row.id}-${at % 7}` } as { id: string };
      table.byId[twin.id] = twin;
      if (!table.order.includes(twin.id)) table.order.push(twin.id);
    }
  });
}

const whole = (plan: Plan, around: readonly AroundSite[]) =>
  agreementOf(plan, planIndex(plan, { today: TODAY, around }));

describe('an index that follows a plan', () => {
  it('says after any edits what an index made afresh says', () => {
    fc.assert(
      fc.property(soundPlan, fc.array(act, { minLength: 1, maxLength: 10 }), (start, acts) => {
        const following = followingIndex(start, { today: TODAY });
        expect(agreementOf(start, following.index)).toEqual(whole(start, []));
        const undo: Patch[] = [];
        let plan = start;
        let around: readonly AroundSite[] = [];
        for (const one of acts) {
          if (one.kind === 'around') following.setAround((around = around.length > 0 ? [] : AROUND));
          else following.become((plan = carriedOut(plan, one, undo)));
          expect(agreementOf(plan, following.index), JSON.stringify(one)).toEqual(whole(plan, around));
        }
      }),
      { numRuns: 150 },
    );
  }, 300_000);

  it('keeps what an edit does not touch', () => {
    // Another channel is wrong before and after.
    const start = everyMode((draft) => {
      for (const one of Object.values(draft.codeplugs))
        for (const channel of rows(one.channels).slice(1, 2)) channel.rxHz += 3_000;
    });
    const following: FollowingIndex = followingIndex(start, { today: TODAY });
    const before = agreementOf(start, following.index);
    const [radioId, codeplug] = Object.entries(start.codeplugs).find(([, one]) => one.channels.order.length > 3)!;
    const channel = rows(codeplug.channels)[0]!;
    const { plan } = edit(start, (draft) => void (draft.codeplugs[radioId]!.channels.byId[channel.id]!.name = 'Other'));
    following.become(plan);
    const after = agreementOf(plan, following.index);
    const kept = after.channels.filter((one) => before.channels.includes(one));
    expect(kept.length).toBeGreaterThan(after.channels.length / 2);
    expect(after.findings.filter((one) => before.findings.includes(one)).length).toBeGreaterThan(0);
  });

  it('may be asked of another world, and stays as it is', () => {
    const following = followingIndex(everyMode(), { today: TODAY });
    const apart = following.index.with({ ...following.index.world, nowMs: 5 });
    const paths = apart.paths().map(({ path }) => path);
    following.become(everyMode((draft) => removeRow(draft.sites, draft.sites.order[0]!)));
    expect(apart.paths().map(({ path }) => path)).toEqual(paths);
  });
});
