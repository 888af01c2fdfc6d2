/** The other direction: what is said at the far end of a path comes back to the radio, where its reply agrees. */
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { landingOf } from '../path/place';
import { indexPlan } from '../path/plan-index';
import type { Plan } from '../plan/types';
import { MODES } from '../registries/modes';
import { oneWrongValue, soundPlan } from '../testing/one-wrong-value';
import { key, talker } from '../testing/rehearsing';
import { breakOf } from './calls';
import { Run } from './run';
import { NOBODY, placeKey } from './types';

const AT_MS = 100_000;

/** Whether a radio hears talk at the destination of each of its calls that get through; with its name. */
function heard(plan: Plan): { name: string; replies: boolean; hears: boolean }[] {
  return indexPlan(plan, { modes: MODES })
    .paths()
    .flatMap(({ context, path }) => {
      const { radio, channel, site } = context;
      const { destination } = channel;
      const landing = landingOf(context);
      const place = destination && MODES[destination.mode].rehearse.place(plan, destination);
      // What answers itself, and what comes out elsewhere, is not talked back from.
      if (!site || !place || !landing || placeKey(place) !== placeKey(landing) || path.call.verdict === 'broken')
        return [];
      if ('special' in destination || ('use' in destination && destination.use === 'link')) return [];
      if (context.arrives?.mode === 'dmr' && context.arrives.kind !== 'group') return [];
      const them = talker('them', destination, { fromMs: AT_MS, toMs: AT_MS + 1 });
      const run = new Run(plan, { modes: MODES, cast: { ...NOBODY, talkers: [them] } });
      const now = run.trace(radio.id, channel.id).context;
      const first = now.crossing ? undefined : MODES[channel.mode].rehearse.first?.(now as never);
      if (first != null && first !== channel.id && breakOf(run.trace(radio.id, first))) return [];
      if (first != null) key(run, radio.id, first, 0, 3_000);
      key(run, radio.id, channel.id, 60_000, 3_000);
      run.runTo(AT_MS + 1_000);
      const hears = run.happened.some((one) => one.kind === 'hears' && one.radioId === radio.id && one.atMs >= AT_MS);
      return [{ name: `${radio.name}, ${channel.name}`, replies: path.reply.verdict !== 'broken', hears }];
    });
}

const agrees = (plan: Plan) => {
  for (const one of heard(plan)) expect(one.hears, one.name).toBe(one.replies);
};

it('in a sound plan every call is answered, in every mode', () => {
  fc.assert(
    fc.property(soundPlan, (plan) => {
      const all = heard(plan);
      expect(all.length).toBeGreaterThan(0);
      expect(all.filter((one) => !one.hears)).toEqual([]);
    }),
    { numRuns: 12 },
  );
});

it('with one wrong value it is heard where the reply agrees, and not where it does not', () => {
  fc.assert(
    fc.property(oneWrongValue, ({ plan }) => agrees(plan)),
    { numRuns: 60 },
  );
});
