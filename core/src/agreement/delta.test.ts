import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { edit } from '../plan/edit';
import { followingIndex } from '../registries/modes';
import { soundPlan, withSomeWrongValue } from '../testing/one-wrong-value';
import { rows } from '../plan/table';
import { everyMode } from '../testing/sample-every-mode';
import { agreementOf, type Agreement, type ExplainedFinding, type Verdicts } from './agreement';
import { findingsDelta, verdictsDelta, withFindingsDelta, withVerdictsDelta } from './delta';

/** What goes from one side to the other, and what the other makes of it. */
function passedOn(told: Agreement | null, now: Agreement, here: Agreement | null): Agreement {
  const verdicts: Verdicts = withVerdictsDelta(here, structuredClone(verdictsDelta(told, now)));
  const findings: ExplainedFinding[] = withFindingsDelta(
    here?.findings ?? [],
    structuredClone(findingsDelta(told?.findings ?? [], now.findings)),
  );
  return { ...verdicts, findings };
}

describe('what is passed on of an agreement', () => {
  it('makes of the one before the one after, whatever was changed, removed or put in another order', () => {
    const row = fc.nat(12);
    const list = fc.uniqueArray(row, { maxLength: 12 });
    fc.assert(
      fc.property(list, list, list, list, (was, is, wasFound, isFound) => {
        const pool = Array.from({ length: 13 }, (_, at) => ({ at }));
        const agreement = (channels: number[], findings: number[]) =>
          ({
            tally: { whole: channels.length, doubtful: 0, broken: 0 },
            channels: channels.map((at) => pool[at]),
            findings: findings.map((at) => pool[at]),
          }) as unknown as Agreement;
        const [before, after] = [agreement(was, wasFound), agreement(is, isFound)];
        expect(passedOn(before, after, before)).toEqual(after);
        expect(passedOn(null, after, null)).toEqual(after);
      }),
    );
  });

  it('keeps two sides in step over edits, through the way between them', () => {
    fc.assert(
      fc.property(soundPlan, fc.array(fc.nat(), { minLength: 1, maxLength: 6 }), (start, edits) => {
        const following = followingIndex(start);
        let [told, here]: [Agreement | null, Agreement | null] = [null, null];
        let plan = start;
        for (const at of edits) {
          following.become((plan = withSomeWrongValue(plan, at)));
          const now = agreementOf(plan, following.index);
          here = passedOn(told, now, here);
          told = now;
          expect(here).toEqual(now);
        }
      }),
      { numRuns: 40 },
    );
  });

  it('is small after a small edit', () => {
    const plan = everyMode();
    const following = followingIndex(plan);
    const before = agreementOf(plan, following.index);
    const [radioId, codeplug] = Object.entries(plan.codeplugs).find(([, one]) => one.channels.order.length > 3)!;
    const channel = rows(codeplug.channels)[1]!;
    following.become(
      edit(plan, (draft) => void (draft.codeplugs[radioId]!.channels.byId[channel.id]!.rxHz += 3_000)).plan,
    );
    const { channels } = verdictsDelta(before, agreementOf(plan, following.index));
    expect(channels.flatMap((one) => ('rows' in one ? one.rows : []))).toHaveLength(1);
  });
});
