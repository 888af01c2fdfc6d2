/** How each hop of a direction is drawn: the stroke that leads to it and the one that leaves it. */
import type { RelayView } from '@relay/core/path/describe';

/** `gap`: the line ends before this hop. `pale`: after a gap. */
/** `astray`: the way to a wrong place. */
type Stroke = 'none' | 'solid' | 'dashed' | 'gap' | 'pale' | 'astray';

export interface DrawnHop {
  before: Stroke;
  after: Stroke;
  /** The hop lies after the gap. */
  pale: boolean;
  /** The hop lies at the wrong place that the call goes to. */
  astray: boolean;
}

export function drawing({ hops, at, verdict }: RelayView['call'], wrongPlace = false): DrawnHop[] {
  const stopsAt = hops.findIndex((hop) => hop.id === at);
  const broken = verdict === 'broken';
  const strokeInto = (i: number): Stroke => {
    if (i <= 0 || i >= hops.length) return 'none';
    if (broken && i > stopsAt) return wrongPlace ? 'astray' : 'pale';
    // A first hop that breaks has nothing before it: the gap follows it.
    if (broken && i === stopsAt) return 'gap';
    return hops[i]!.state === 'doubtful' || hops[i - 1]!.state === 'doubtful' ? 'dashed' : 'solid';
  };
  const strokeOutOf = (i: number): Stroke => {
    if (broken && stopsAt === 0 && i === 0) return 'gap';
    // The gap is drawn before the hop that breaks: up to there the line is whole.
    return strokeInto(i + 1) === 'gap' ? (hops[i]!.state === 'doubtful' ? 'dashed' : 'solid') : strokeInto(i + 1);
  };
  return hops.map((_, i) => ({
    before: strokeInto(i),
    after: strokeOutOf(i),
    pale: broken && i > stopsAt && !wrongPlace,
    astray: broken && i > stopsAt && wrongPlace,
  }));
}
