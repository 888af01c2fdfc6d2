/** The best order where the cost of each thing hangs on those before it: exact for few, improved step by step for many. */

export interface Ordered<T> {
  order: T[];
  presses: number;
  /** What the order costs in which they were given. */
  given: number;
}

/** So many are tried in every order. */
const FEW = 7;
/** Beyond so many the nearest is not sought for each: it takes their square. */
const MANY = 400;
/** How many single costs the improvement may look at. */
const MOST_LOOKS = 60_000;

/**
 * @param copy of what is known, to go on from
 * @param cost of one from here; changes what is known
 */
export function bestOrder<T, Known>(
  all: readonly T[],
  start: Known,
  copy: (known: Known) => Known,
  cost: (known: Known, one: T) => number,
): Ordered<T> {
  const total = (order: readonly T[], most = Infinity): number => {
    const known = copy(start);
    let sum = 0;
    for (const one of order) if ((sum += cost(known, one)) >= most) return Infinity;
    return sum;
  };
  const given = total(all);
  let best: Ordered<T> = { order: [...all], presses: given, given };
  const better = (order: T[], presses: number) => {
    if (presses < best.presses) best = { order, presses, given };
  };
  if (all.length <= FEW) {
    const search = (known: Known, rest: readonly T[], order: readonly T[], sum: number): void => {
      if (sum >= best.presses) return;
      if (rest.length === 0) return better([...order], sum);
      for (const one of rest) {
        const then = copy(known);
        const more = cost(then, one);
        search(
          then,
          rest.filter((other) => other !== one),
          [...order, one],
          sum + more,
        );
      }
    };
    search(start, all, [], 0);
    return best;
  }
  if (all.length <= MANY) {
    const near = nearest(all, start, copy, cost);
    better(near, total(near));
  }
  // One is taken out and put in elsewhere, as long as that makes it shorter.
  let looks = 0;
  for (let improved = true; improved && looks < MOST_LOOKS;) {
    improved = false;
    for (let from = 0; from < all.length && looks < MOST_LOOKS; from += 1)
      for (let to = 0; to < all.length && looks < MOST_LOOKS; to += 1) {
        if (to === from) continue;
        const order = [...best.order];
        order.splice(to, 0, ...order.splice(from, 1));
        const before = best.presses;
        better(order, total(order, before));
        looks += all.length;
        if (best.presses < before) improved = true;
      }
  }
  return best;
}

function nearest<T, Known>(
  all: readonly T[],
  start: Known,
  copy: (known: Known) => Known,
  cost: (known: Known, one: T) => number,
): T[] {
  const rest = new Set(all);
  const order: T[] = [];
  const known = copy(start);
  while (rest.size > 0) {
    let next: { one: T; cost: number } | null = null;
    for (const one of rest) {
      const is = cost(copy(known), one);
      if (!next || is < next.cost) next = { one, cost: is };
    }
    rest.delete(next!.one);
    order.push(next!.one);
    cost(known, next!.one);
  }
  return order;
}
