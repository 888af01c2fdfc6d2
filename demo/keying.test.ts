import { describe, expect, it } from 'vitest';
import { keyingProblems } from '@relay/core/keying/problems';
import { keptBy, radioSheet } from '@relay/core/keying/radio-sheet';
import { padFor, play } from '@relay/core/keying/sheet';
import { edit } from '@relay/core/plan/edit';
import { rows } from '@relay/core/plan/table';
import { validatePlan } from '@relay/core/plan/validate';
import { MODES } from '@relay/core/registries/modes';
import { PILOT_KEYING, RAMBLER_KEYING } from './keying';
import { DEMO_PLANS } from './ostrey-isles';

const plan = DEMO_PLANS['all-modes']!();

describe('radios of the demo that are keyed in', () => {
  it('have keys that mean one thing each, in a plan that can be kept', () => {
    for (const keying of [PILOT_KEYING, RAMBLER_KEYING]) expect(keyingProblems(keying)).toEqual([]);
    expect(validatePlan(JSON.parse(JSON.stringify(plan))).problems).toEqual([]);
  });

  it.each(['pilot', 'rambler'])(
    '%s holds its codeplug once the sheet is played, in fewer presses than as it stands',
    (id) => {
      const { keying } = plan.radios.byId[id]!;
      const sheet = radioSheet(plan, MODES, id, 'not known')!;
      expect(sheet.skipped).toEqual([]);
      expect(sheet.presses).toBeLessThan(sheet.inOrder);
      const pad = padFor(keying!, null);
      for (const { steps } of sheet.entries) for (const { presses } of steps) play(pad, presses);
      for (const { stores, number, values } of keptBy(plan, MODES, id, 'not known').planned) {
        const routine = keying!.routines.find((one) => one.stores === stores);
        if (!routine) continue;
        const memory = pad.state.memories[stores]!.get(number)!;
        for (const { sets, entry } of routine.fields) {
          if (entry.kind === 'digits' || values[sets] === undefined) continue;
          expect(memory[sets]).toBe(values[sets].trimEnd());
        }
      }
    },
  );

  it('takes only what changed since it was written', () => {
    const held = edit(plan, (draft) => {
      draft.written['rambler'] = JSON.parse(
        JSON.stringify({ ...draft.codeplugs['rambler']!, at: '2026-11-01T00:00:00Z', readBack: null }),
      ) as never;
    }).plan;
    expect(radioSheet(held, MODES, 'rambler', 'written')).toMatchObject({ entries: [], presses: 0 });
    const changed = edit(held, (draft) => {
      const [first] = rows(draft.codeplugs['rambler']!.channels);
      first!.power = 'high';
    }).plan;
    const sheet = radioSheet(changed, MODES, 'rambler', 'written')!;
    expect(sheet.entries.map(({ number, does }) => [number, does])).toEqual([[1, 'changed']]);
    // What the dial stands at nobody knows: the whole memory is keyed in.
    expect(sheet.entries[0]!.steps.map(({ sets }) => sets)).toEqual(
      expect.arrayContaining(['rx', 'power', 'name', 'write']),
    );
  });
});
