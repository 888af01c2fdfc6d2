/**
 * What verdicts and findings have that those before had not: between a worker and its page only that is passed on,
 * verdicts first.
 */
import type { ChannelVerdict, ExplainedFinding, Verdicts } from './agreement';

/** A stretch of the list before, `[from, count]`, or rows that were not in it. */
type Stretch<T> = readonly [from: number, count: number] | { readonly rows: readonly T[] };

type ListDelta<T> = readonly Stretch<T>[];

export interface VerdictsDelta {
  tally: Verdicts['tally'];
  channels: ListDelta<ChannelVerdict>;
}

export type FindingsDelta = ListDelta<ExplainedFinding>;

/** Rows are known by their identity: an index that follows a plan keeps those that no edit touched. */
function listDelta<T extends object>(before: readonly T[], after: readonly T[]): ListDelta<T> {
  const found: Stretch<T>[] = [];
  // Most edits leave all but a few rows where they were.
  let same = 0;
  while (same < after.length && after[same] === before[same]) same += 1;
  let kept: [number, number] | null = same > 0 ? [0, same] : null;
  if (kept) found.push(kept);
  if (same === after.length) return found;
  const place = new Map<T, number>();
  for (let at = same; at < before.length; at += 1) place.set(before[at]!, at);
  let fresh: T[] | null = null;
  for (const row of after.slice(same)) {
    const at = place.get(row);
    if (at === undefined) {
      if (!fresh) found.push({ rows: (fresh = []) });
      fresh.push(row);
      kept = null;
    } else {
      if (kept && kept[0] + kept[1] === at) kept[1] += 1;
      else found.push((kept = [at, 1]));
      fresh = null;
    }
  }
  return found;
}

function withDelta<T>(before: readonly T[], delta: ListDelta<T>): T[] {
  return delta.flatMap((one) => ('rows' in one ? one.rows : before.slice(one[0], one[0] + one[1])));
}

/** `before`: what the other side has already; `null` for nothing. */
export function verdictsDelta(before: Verdicts | null, { tally, channels }: Verdicts): VerdictsDelta {
  return { tally, channels: listDelta(before?.channels ?? [], channels) };
}

/** The verdicts as they are after a delta. What did not change is the same object as before. */
export function withVerdictsDelta(before: Verdicts | null, { tally, channels }: VerdictsDelta): Verdicts {
  return { tally, channels: withDelta(before?.channels ?? [], channels) };
}

export const findingsDelta = (before: readonly ExplainedFinding[], after: readonly ExplainedFinding[]): FindingsDelta =>
  listDelta(before, after);

export const withFindingsDelta = (before: readonly ExplainedFinding[], delta: FindingsDelta): ExplainedFinding[] =>
  withDelta(before, delta);
