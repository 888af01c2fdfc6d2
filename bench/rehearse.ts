/** Rehearsal: a day of 24 h, what an event costs, and whether it costs as much in a long run as in a short one. */
import { MODES } from '@relay/core/registries/modes';
import { judge, rehearseDay } from '@relay/core/rehearse/judge';
import { Run } from '@relay/core/rehearse/run';
import { HOUR_MS, PATTERNS, placesThrough, talkersFor } from '@relay/core/rehearse/traffic';
import { DEMO_PLANS } from '../demo/ostrey-isles';
import { medianMs } from './measure';

const TALKERS = 12;

/** Each figure in milliseconds, its goal, and how often a structured clone of the plan would fit into it. */
export function benchRehearse(): void {
  const plan = DEMO_PLANS['all-modes']!();
  const cloneMs = medianMs(() => structuredClone(plan));
  const say = (what: string, ms: number, more: string) =>
    console.log(`${what}: ${ms.toFixed(1)} ms, ${more}; ${(ms / cloneMs).toFixed(1)} × structuredClone of the plan`);
  const places = placesThrough(plan, MODES, 'home').slice(0, TALKERS);
  const busy = new Map(places.map(({ key }) => [key, Array<number>(24).fill(0.5)]));
  const options = { modes: MODES, siteId: 'home', places, hours: busy, seed: 1 };
  const { events } = rehearseDay(plan, options);
  const dayMs = medianMs(() => rehearseDay(plan, options), 7);
  say(`24 h of four modes, ${TALKERS} places busy half of the time`, dayMs, `${events} events, goal 1,000`);
  console.log(`Events per second: ${Math.round((events / dayMs) * 1000).toLocaleString('en')}`);

  const cast = { talkers: talkersFor(places, busy), silent: [], networks: {} };
  const perEvent = (hours: number) => {
    let count = 0;
    const ms = medianMs(() => {
      const run = new Run(plan, { modes: MODES, cast, keeps: false });
      run.runTo(hours * HOUR_MS);
      count = run.events;
    }, 7);
    return ms / count;
  };
  console.log(`An event of 24 h costs ${(perEvent(24) / perEvent(3)).toFixed(2)} × one of 3 h; goal: as much`);

  globalThis.gc?.();
  const before = process.memoryUsage().heapUsed;
  const kept = new Run(plan, { modes: MODES, cast });
  kept.runTo(24 * HOUR_MS);
  globalThis.gc?.();
  const grown = (process.memoryUsage().heapUsed - before) / 1e6;
  console.log(`A day that is kept to be looked at: ${grown.toFixed(0)} MB, ${kept.happened.length} happenings`);

  const evening = new Map(places.map(({ key }, at) => [key, PATTERNS.evening.hours(at)]));
  const judged = medianMs(() => judge(plan, { ...options, hours: evening, days: 5 }), 1);
  say('Judgement: 12 settings × 5 days, evening', judged, 'in a worker, with progress');
}
