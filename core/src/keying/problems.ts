/** What is wrong with a description of keys, so that a pad could not tell what is meant; for whoever teaches it. */
import { BLANK, keysOfEntry, lettersOf } from './entry';
import type { KeyEntry, Keying, KeyRoutine, Keys } from '../plan/keying';
import type { TitleOf } from './values';

export interface KeyingProblem {
  /** The routine and, within it, the setting; `null`: the routine itself. */
  stores: string;
  sets: string | null;
  problem: string;
}

const isPrefix = (short: Keys, long: Keys): boolean => short.every((key, at) => long[at] === key);

/** The ways on from where a routine rests, each with what it leads to. */
function waysOf(
  routine: KeyRoutine,
  keying: Keying,
  titleOf: TitleOf,
): { to: string; sets: string | null; keys: Keys }[] {
  const { fields, write, closes, opens } = routine;
  const own = fields.flatMap(({ sets, begins, entry }) => {
    const to = titleOf(routine.stores, sets);
    return begins.length > 0
      ? [{ to, sets, keys: begins }]
      : keysOfEntry(entry).map((key) => ({ to, sets, keys: [key] }));
  });
  const out = closes.length > 0 ? [{ to: 'the way back', sets: null, keys: closes }] : [];
  const others =
    opens.length > 0
      ? []
      : keying.routines.flatMap((other) =>
          other.opens.length > 0 ? [{ to: other.stores, sets: null, keys: other.opens }] : [],
        );
  return [...own, { to: 'writing', sets: null, keys: write.begins }, ...out, ...others];
}

function problemsOfEntry(entry: KeyEntry): string[] {
  if (entry.kind === 'digits') return [];
  if (entry.kind === 'letters' || entry.kind === 'taps') {
    const letters = lettersOf(entry);
    const twice = [...letters].find((letter, at) => letters.indexOf(letter) !== at);
    return [
      ...(twice === undefined ? [] : [`Found the letter “${twice}” twice in its list, expected it once.`]),
      ...(letters.includes(BLANK)
        ? []
        : ['Found no key for a blank: a shorter name could not be put over a longer one.']),
    ];
  }
  const { choices, wraps, previous } = entry;
  const twice = choices.find(({ shown }, at) => choices.findIndex((other) => other.shown === shown) !== at);
  return [
    ...(wraps || previous !== null ? [] : ['Found a list with ends and no key that goes back, expected one of both.']),
    ...(twice ? [`Found “${twice.shown}” twice in its list, expected each once.`] : []),
  ];
}

/**
 * Every problem, in the order of the description; empty for one that a pad can follow.
 * @param titleOf what settings are called in what is told
 */
export function keyingProblems(keying: Keying, titleOf: TitleOf = (_, sets) => sets): KeyingProblem[] {
  const problems: KeyingProblem[] = [];
  const resting = keying.routines.filter(({ opens }) => opens.length === 0);
  const [first] = keying.routines;
  if (first && resting.length !== 1)
    problems.push({
      stores: first.stores,
      sets: null,
      problem: `Found ${resting.length} kinds of memory that no keys open, expected one: the one that the radio is in at rest.`,
    });
  keying.routines.forEach((routine, at) => {
    const { stores, fields, write, erases, opens, closes, first: low, last } = routine;
    const tell = (sets: string | null, problem: string) => problems.push({ stores, sets, problem });
    if (keying.routines.findIndex((other) => other.stores === stores) !== at)
      tell(null, `Found ${stores} twice, expected it once.`);
    if (low > last) tell(null, `Found memories ${low} to ${last}, expected the first before the last.`);
    if (write.begins.length === 0) tell(null, 'Found no keys that begin to write, expected at least one.');
    if (opens.length > 0 && closes.length === 0) tell(null, 'Found keys that lead there and none that lead back.');
    fields.forEach(({ sets, entry, ends, when }, index) => {
      for (const problem of problemsOfEntry(entry)) tell(sets, problem);
      if (fields.findIndex((other) => other.sets === sets) !== index)
        tell(sets, `Found ${titleOf(stores, sets)} twice, expected it once.`);
      if ((entry.kind === 'letters' || entry.kind === 'taps') && ends.length === 0)
        tell(sets, 'Found letters without a key that ends them.');
      if (ends[0] !== undefined && keysOfEntry(entry).includes(ends[0]))
        tell(sets, `Found ${ends[0]} both as a key of what is entered and as the end of it.`);
      if (when && !fields.some((other) => other.sets === when.sets))
        tell(sets, `Found that it hangs on ${titleOf(stores, when.sets)}, which no keys set.`);
    });
    const ways = waysOf(routine, keying, titleOf);
    ways.forEach((way, i) =>
      ways.slice(i + 1).forEach((other) => {
        if (isPrefix(way.keys, other.keys) || isPrefix(other.keys, way.keys))
          tell(
            way.sets ?? other.sets,
            `Found ${way.keys.join(' ')} for ${way.to} and ${other.keys.join(' ')} for ${other.to}: a press could mean both.`,
          );
      }),
    );
    // A list that nothing ends takes its keys until another key comes.
    for (const { sets, begins, entry, ends } of fields) {
      if (entry.kind !== 'turn' || ends.length > 0) continue;
      const hidden = ways.find(
        ({ keys, sets: other }) => keysOfEntry(entry).includes(keys[0]!) && !(other === sets && begins.length === 0),
      );
      if (hidden)
        tell(
          sets,
          `Found ${hidden.keys[0]!} for ${hidden.to}, which the list of ${titleOf(stores, sets)} takes for its own.`,
        );
    }
    const leave = [write.ends, erases].filter((keys) => keys.length > 0);
    for (const keys of leave)
      if (keysOfEntry(write.entry).includes(keys[0]!))
        tell(null, `Found ${keys[0]!} both for the number of a memory and for what ends writing.`);
    if (leave.length === 2 && (isPrefix(write.ends, erases) || isPrefix(erases, write.ends)))
      tell(null, 'Found the same keys for writing a memory and for emptying it.');
  });
  return problems;
}
