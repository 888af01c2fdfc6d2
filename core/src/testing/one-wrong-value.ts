/**
 * Sound plans in which one value was exchanged for another of its kind: what a slip of the hand, or an old list, makes
 * of a plan.
 */
import fc from 'fast-check';
import { edit } from '../plan/edit';
import { toPointer, type PathKey } from '../plan/patches';
import type { Plan } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { crossedPlan } from './sample-crossing';
import { dstarPlan } from './sample-dstar';
import { everyMode } from './sample-every-mode';
import { p25Plan } from './sample-p25';
import { roomsPlan } from './sample-rooms';
import { routedPlan } from './sample-routes';
import { sitesPlan } from './sample-sites';

/** A value of a plan that may be wrong: a number, a text, a switch, or that nothing is said. */
type Leaf = string | number | boolean | null;

interface Place {
  path: PathKey[];
  value: Leaf;
}

/** Ids and links hold a plan together, and what the builder last wrote is in no radio: to exchange them is no slip. */
const LINKS = /^(id|order|built|format|formatVersion|kind|mode|air|network)$|(?<!^by)Ids?$/;

function leavesOf(value: unknown, path: PathKey[], found: Place[]): Place[] {
  if (path.some((key) => LINKS.test(String(key)))) return found;
  if (Array.isArray(value)) value.forEach((one, at) => leavesOf(one, [...path, at], found));
  else if (typeof value === 'object' && value !== null)
    for (const [key, one] of Object.entries(value)) leavesOf(one, [...path, key], found);
  else found.push({ path, value: value as Leaf });
  return found;
}

/** What stands under the same key elsewhere in the plan, and a few usual slips. */
function othersFor({ path, value }: Place, all: readonly Place[]): Leaf[] {
  const key = path.at(-1);
  const same = all.filter((one) => one.path.at(-1) === key).map((one) => one.value);
  const slips: Leaf[] =
    typeof value === 'number'
      ? [value + 1, value * 10, value - 12_500, 0]
      : typeof value === 'boolean'
        ? [!value]
        : typeof value === 'string'
          ? [value.slice(0, -1), value.toLowerCase(), `${value}X`, '']
          : [];
  return [...new Set([...same, ...slips])].filter((one) => one !== value);
}

function put(plan: Plan, path: readonly PathKey[], value: Leaf): Plan {
  return edit(plan, (draft) => {
    const holder = path.slice(0, -1).reduce<unknown>((here, key) => (here as Record<PathKey, unknown>)[key], draft);
    (holder as Record<PathKey, unknown>)[path.at(-1)!] = value;
  }).plan;
}

const SAMPLES: readonly Plan[] = [sitesPlan, routedPlan, dstarPlan, roomsPlan, p25Plan, crossedPlan, everyMode].map(
  (make) => make(),
);
/** Every value of a plan that could be wrong. */
function placesOf(plan: Plan): Place[] {
  return (['station', 'radios', 'sites', 'networks', 'profiles', 'codeplugs'] as const).flatMap((part) =>
    leavesOf(plan[part], [part], []),
  );
}

/** A plan with the `at`th of its values exchanged for another of its kind; `null` where that leaves no sound plan. */
export function withWrongValue(plan: Plan, places: readonly Place[], at: number): { plan: Plan; where: string } | null {
  const place = places[at % places.length]!;
  const others = othersFor(place, places);
  if (others.length === 0) return null;
  const value = others[Math.floor(at / places.length) % others.length]!;
  const changed = put(plan, place.path, value);
  const where = `${toPointer(place.path)}: ${JSON.stringify(place.value)} → ${JSON.stringify(value)}`;
  return validatePlan(changed).problems.length > 0 ? null : { plan: changed, where };
}

const PLACES = new Map(SAMPLES.map((plan) => [plan, placesOf(plan)]));

/** One of the sample plans: every mode, every kind of site. */
export const soundPlan: fc.Arbitrary<Plan> = fc.constantFrom(...SAMPLES);

export const oneWrongValue: fc.Arbitrary<{ plan: Plan; where: string }> = fc
  .tuple(soundPlan, fc.nat())
  .map(([plan, at]) => withWrongValue(plan, PLACES.get(plan)!, at))
  .filter((one) => one !== null);

/** One of its values exchanged for another, if that leaves it sound. */
export function withSomeWrongValue(plan: Plan, at: number): Plan {
  return withWrongValue(plan, placesOf(plan), at)?.plan ?? plan;
}
