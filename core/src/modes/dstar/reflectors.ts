/** A family's directory against a list that was read: what is new, what differs, what is the same. Matched by number. */
import { freeId, putRow, rows } from '../../plan/table';
import type { Family } from './links';
import type { ListedReflector } from './types';

export type FreshReflector = Omit<ListedReflector, 'id'>;

export interface ReflectorDifference {
  fresh: FreshReflector[];
  changed: { reflector: ListedReflector; to: FreshReflector }[];
  same: number;
}

export function compareReflectors(family: Family, list: readonly FreshReflector[]): ReflectorDifference {
  const byNumber = new Map(rows(family.reflectors).map((one) => [one.number, one]));
  const difference: ReflectorDifference = { fresh: [], changed: [], same: 0 };
  for (const { number, title, modules, activity } of list) {
    const to = { number, title, modules, activity };
    const reflector = byNumber.get(number);
    if (!reflector) difference.fresh.push(to);
    else if (reflector.title !== title || reflector.modules !== modules || reflector.activity !== activity) difference.changed.push({ reflector, to });
    else difference.same += 1;
  }
  return difference;
}

/** Puts a list into a family of a draft. Reflectors that the list lacks stay. */
export function putReflectors(family: Family, list: readonly FreshReflector[]): void {
  const { fresh, changed } = compareReflectors(family, list);
  for (const { reflector, to } of changed) Object.assign(family.reflectors.byId[reflector.id]!, to);
  for (const one of fresh) putRow(family.reflectors, { id: freeId(`r${one.number}`, (id) => id in family.reflectors.byId), ...one });
}
