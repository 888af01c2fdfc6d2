import { describe, expect, it } from 'vitest';
import { agreementOf } from '../agreement/agreement';
import { MODE_IDS } from '../plan/modes';
import { rows } from '../plan/table';
import type { ModeId } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { firstPlan, firstQuestions } from '../registries/first';

/** The examples beside the questions, as a beginner may type them; a password is one's own. */
const examples = (mode: ModeId): Record<string, string> =>
  Object.fromEntries(firstQuestions(mode).map(({ key, example }) => [key, example || 'a password']));

describe('a first plan', () => {
  it.each(MODE_IDS)('of %s from the answers is whole, with nothing left to mend', (mode) => {
    const { plan, problems } = firstPlan(mode, examples(mode));
    expect(problems).toEqual([]);
    expect(validatePlan(plan).problems).toEqual([]);
    const { tally, findings } = agreementOf(plan!);
    expect(tally.whole).toBeGreaterThan(0);
    expect([tally.doubtful, tally.broken, findings.filter((one) => one.severity !== 'note')]).toEqual([0, 0, []]);
    expect(rows(plan!.radios)[0]![mode]).not.toBeNull();
  });

  it.each(MODE_IDS)('of %s takes at most fifteen acts', (mode) => {
    // Begin, choose the mode, one act an answer, and make it.
    expect(firstQuestions(mode).length + 3).toBeLessThanOrEqual(15);
  });

  it.each(MODE_IDS)('of %s without what may stay empty is whole too', (mode) => {
    const needed = firstQuestions(mode).filter((one) => !one.optional);
    const given = Object.fromEntries(needed.map(({ key }) => [key, examples(mode)[key]!]));
    expect(agreementOf(firstPlan(mode, given).plan!).tally).toMatchObject({ doubtful: 0, broken: 0 });
  });

  it.each(MODE_IDS.flatMap((mode) => firstQuestions(mode).map(({ key }) => [mode, key] as const)))(
    'of %s says what is wrong with %s, and makes nothing',
    (mode, key) => {
      const free = ['name', 'network', 'password'].includes(key);
      const { plan, problems } = firstPlan(mode, { ...examples(mode), [key]: free ? '' : '?!' });
      const isOptional = firstQuestions(mode).find((one) => one.key === key)!.optional === true;
      if (free && isOptional) expect(problems).toEqual([]);
      else {
        expect(plan).toBeNull();
        expect(problems.map((one) => one.key)).toEqual([key]);
        expect(problems[0]!.problem).toMatch(/found|expected/i);
      }
    },
  );
});
