/** The best order where what each thing costs hangs on those before it: exact for few, improved in steps for many. */

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
    const near = nearest(all, null, start, copy, cost);
    better(near, total(near));
    // The nearest first is not always best: it may have to be come back past.
    for (const first of all.slice(0, Math.floor(MOST_LOOKS / all.length ** 2))) {
      const order = nearest(all, first, start, copy, cost);
      better(order, total(order, best.presses));
    }
  }
  // One is taken out and put in elsewhere, or a stretch is turned round, as long as that makes it shorter.
  let looks = 0;
  for (let improved = true; improved && looks < MOST_LOOKS;) {
    improved = false;
    for (const change of [moved, turned])
      for (let from = 0; from < all.length && looks < MOST_LOOKS; from += 1)
        for (let to = 0; to < all.length && looks < MOST_LOOKS; to += 1) {
          const order = change(best.order, from, to);
          if (!order) continue;
          const before = best.presses;
          better(order, total(order, before));
          looks += all.length;
          if (best.presses < before) improved = true;
        }
  }
  return best;
}

function moved<T>(order: readonly T[], from: number, to: number): T[] | null {
  if (from === to) return null;
  const next = [...order];
  next.splice(to, 0, ...next.splice(from, 1));
  return next;
}

function turned<T>(order: readonly T[], from: number, to: number): T[] | null {
  // Of two neighbours one has been moved already.
  if (to < from + 2) return null;
  return [...order.slice(0, from), ...order.slice(from, to + 1).reverse(), ...order.slice(to + 1)];
}

/** Always the nearest of those that are left. `first`: with which it begins; `null`: with the nearest. */
function nearest<T, Known>(
  all: readonly T[],
  first: T | null,
  start: Known,
  copy: (known: Known) => Known,
  cost: (known: Known, one: T) => number,
): T[] {
  const rest = new Set(all);
  const order: T[] = [];
  const known = copy(start);
  if (first !== null) {
    rest.delete(first);
    order.push(first);
    cost(known, first);
  }
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
