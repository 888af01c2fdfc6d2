/**
 * Format 12: nine steps of power for every radio, which it had or not; a channel had one of the nine. Rehearsals took as
 * long as is usual.
 */
import { type Document, eachRow, isObject, type UpgradeStep } from './document';

/** From the least to the most. */
const LEVELS = [
  'minimum',
  'near minimum',
  'low',
  'below middle',
  'middle',
  'above middle',
  'high',
  'near maximum',
  'maximum',
];

/** What a level is called from now on. */
type Names = ReadonlyMap<unknown, string>;

/** The levels that a radio had, with their names and watts. */
function stepsOf({ powerW, powerNames }: Document): { level: string; name: string; watts: unknown }[] {
  const taken = new Set<string>();
  return LEVELS.flatMap((level) => {
    const watts = isObject(powerW) ? (powerW[level] ?? null) : null;
    const called = isObject(powerNames) ? powerNames[level] : '';
    const own = typeof called === 'string' ? called.trim() : '';
    if (watts === null && own === '') return [];
    // Two may have been called alike, or one as another level is.
    const name = [own, level].find((one) => one !== '' && !taken.has(one.toLowerCase())) ?? `${own} ${level}`;
    taken.add(name.toLowerCase());
    return [{ level, name, watts }];
  });
}

/** A level that a radio had not is the nearest of those that it had, the lesser of two. */
function namesOf(radio: Document): Names {
  const steps = stepsOf(radio);
  const distance = (level: string, other: string) => Math.abs(LEVELS.indexOf(level) - LEVELS.indexOf(other));
  return new Map(
    LEVELS.flatMap((level) => {
      const [first, ...others] = steps;
      if (!first) return [];
      const nearest = others.reduce(
        (best, one) => (distance(level, one.level) < distance(level, best.level) ? one : best),
        first,
      );
      return [[level, nearest.name] as const];
    }),
  );
}

const named = (names: Names, power: unknown): unknown => names.get(power) ?? power;

/** Keys that set the power choose among names. */
function keyingOf13(names: Names, keying: unknown): unknown {
  if (!isObject(keying) || !Array.isArray(keying['routines'])) return keying;
  const field = (one: unknown): unknown => {
    if (!isObject(one)) return one;
    const { entry, when } = one;
    const choices =
      one['sets'] === 'power' && isObject(entry) && Array.isArray(entry['choices'])
        ? {
            entry: {
              ...entry,
              choices: entry['choices'].map((choice: unknown) =>
                isObject(choice) ? { ...choice, value: named(names, choice['value']) } : choice,
              ),
            },
          }
        : {};
    const only =
      isObject(when) && when['sets'] === 'power' && Array.isArray(when['is'])
        ? { when: { ...when, is: when['is'].map((value: unknown) => named(names, value)) } }
        : {};
    return { ...one, ...choices, ...only };
  };
  return {
    ...keying,
    routines: keying['routines'].map((routine: unknown) =>
      isObject(routine) && Array.isArray(routine['fields'])
        ? { ...routine, fields: routine['fields'].map(field) }
        : routine,
    ),
  };
}

/** A radio, or a description of one. */
export function radioOf13(radio: Document): Document {
  const { powerW: _watts, powerNames: _names, ...others } = radio;
  return {
    ...others,
    power: stepsOf(radio).map(({ name, watts }) => ({ name, watts })),
    keying: keyingOf13(namesOf(radio), radio['keying']),
  };
}

/** Each radio has steps of its own from now on, and its channels name them. */
export const toVersion13: UpgradeStep = (document) => {
  const { radios } = document;
  const byId = isObject(radios) && isObject(radios['byId']) ? radios['byId'] : {};
  const namesById = new Map(
    Object.entries(byId).map(([id, radio]) => [id, isObject(radio) ? namesOf(radio) : new Map()] as [string, Names]),
  );
  const valuesOf13 = (names: Names, values: Document): Document => ({
    ...values,
    power: named(names, values['power']),
  });
  const holders = (map: unknown): unknown =>
    isObject(map)
      ? Object.fromEntries(
          Object.entries(map).map(([radioId, holder]) => {
            const names = namesById.get(radioId);
            if (!names || !isObject(holder)) return [radioId, holder];
            const channels = eachRow(holder['channels'], (channel) => ({
              ...valuesOf13(names, channel),
              ...(isObject(channel['built']) && { built: valuesOf13(names, channel['built']) }),
            }));
            return [radioId, { ...holder, channels }];
          }),
        )
      : map;
  return {
    ...document,
    rehearsalTimes: {},
    radios: eachRow(radios, radioOf13),
    kinds: eachRow(document['kinds'], (kind) => ({
      ...kind,
      description: isObject(kind['description']) ? radioOf13(kind['description']) : kind['description'],
    })),
    codeplugs: holders(document['codeplugs']),
    written: holders(document['written']),
    channelRules: eachRow(document['channelRules'], (rule) => {
      const names = namesById.get(String(rule['radioId']));
      const set = rule['set'];
      return names && isObject(set) && 'power' in set ? { ...rule, set: valuesOf13(names, set) } : rule;
    }),
  };
};
