/** Rehearsal and agreement cannot disagree: with nothing else going on, a call does in time what its path says. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { landingOf } from '../path/place';
import { indexPlan } from '../path/plan-index';
import type { TracedPath } from '../path/types';
import type { Plan } from '../plan/types';
import { MODES } from '../registries/modes';
import { arbitraryPlan } from '../testing/arbitrary-plan';
import { oneWrongValue } from '../testing/one-wrong-value';
import { key } from '../testing/rehearsing';
import { everyMode } from '../testing/sample-every-mode';
import { recallPlan } from '../testing/sample-recall';
import { breakOf } from './calls';
import { Run } from './run';
import { type Happening, placeKey } from './types';

const AT_MS = 60_000;

/** What must be keyed first is keyed, then the channel: what happened from then on. */
function callOn(plan: Plan, { context }: TracedPath): Happening[] {
  const { radio, channel } = context;
  const run = new Run(plan, { modes: MODES });
  const now = run.trace(radio.id, channel.id).context;
  const first = now.site && !now.crossing ? MODES[channel.mode].rehearse.first?.(now as never) : undefined;
  if (first != null) key(run, radio.id, first, 0, 3_000);
  run.runTo(AT_MS - 1);
  const before = run.happened.length;
  key(run, radio.id, channel.id, AT_MS, 3_000);
  run.runTo(AT_MS + 60_000);
  return run.happened.slice(before);
}

/** What a path promises, and what came of it; `null`: it promises nothing that can be seen. */
function promised(plan: Plan, traced: TracedPath): { wanted: unknown; found: unknown } | null {
  const { context, path } = traced;
  // A path that needs an entry of the radio to link it first is as good as that entry, which has a path of its own.
  const first =
    context.site && !context.crossing ? MODES[context.channel.mode].rehearse.first?.(context as never) : null;
  if (first != null && first !== context.channel.id) {
    const entry = new Run(plan, { modes: MODES }).trace(context.radio.id, first);
    if (breakOf(entry)) return null;
  }
  const happened = callOn(plan, traced);
  const keyed = happened.find((one) => one.kind === 'keyed');
  const mine = happened.filter((one) => !('over' in one) || one.over === keyed?.over);
  const lost = mine.find((one) => one.kind === 'lost' || one.kind === 'refused');
  const reached = mine.find((one) => one.kind === 'reached');
  const broken = breakOf(traced);
  if (context.purpose === 'receive only') return { wanted: { is: 'receive only' }, found: lost?.why };
  const landing = landingOf(context);
  if (broken && path.outcome !== 'wrong place')
    return { wanted: { is: 'pair', hop: broken.hop, key: broken.fact.key }, found: lost?.why };
  // Radio to radio: nobody else is there.
  if (!context.site) return { wanted: true, found: keyed !== undefined };
  if (context.recalls)
    return {
      wanted: context.recalls.profileId ?? undefined,
      found: happened.find((one) => one.kind === 'profile')?.profileId,
    };
  if (!landing || landing.networkId === null)
    return { wanted: true, found: mine.some((one) => one.kind === 'taken') && lost === undefined };
  const answers = MODES[context.channel.mode].rehearse.answer?.(context as never);
  if (answers) return { wanted: true, found: happened.some((one) => one.kind === 'sends') };
  // What makes a link talks from the next over on.
  const connects = MODES[context.channel.mode].rehearse.connects?.(context as never);
  if (connects && !reached)
    return { wanted: true, found: happened.some((one) => one.kind === 'connecting' || one.kind === 'linked') };
  return { wanted: placeKey(landing), found: reached?.place };
}

function agrees(plan: Plan): void {
  for (const traced of indexPlan(plan, { modes: MODES }).paths()) {
    const both = promised(plan, traced);
    expect(both?.found, `${traced.context.radio.name}, ${traced.context.channel.name}`).toEqual(both?.wanted);
  }
}

describe('with nothing else going on, a rehearsed call', () => {
  it('of a sound plan is heard, in every mode', () => {
    agrees(everyMode());
    agrees(recallPlan());
  });
  it('of a plan with one wrong value is heard where its path is whole, and lost for the same reason where not', () => {
    fc.assert(
      fc.property(oneWrongValue, ({ plan }) => agrees(plan)),
      { numRuns: 60 },
    );
  });
  it('of any plan does what its path says', () => {
    fc.assert(fc.property(arbitraryPlan, agrees), { numRuns: 60 });
  });
});
