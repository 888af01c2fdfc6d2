/** A P25 network's groups against a list that was read: what is new, what differs, what is the same. Matched by number. */
import { freeId, putRow, rows } from '../../plan/table';
import type { P25Network } from './links';
import type { P25Group } from './types';

export type ListedP25Group = Pick<P25Group, 'number' | 'name'>;

export interface P25GroupDifference {
  fresh: ListedP25Group[];
  changed: { group: P25Group; to: ListedP25Group }[];
  same: number;
}

export function compareP25Groups(network: P25Network, list: readonly ListedP25Group[]): P25GroupDifference {
  const byNumber = new Map(rows(network.groups).map((one) => [one.number, one]));
  const difference: P25GroupDifference = { fresh: [], changed: [], same: 0 };
  for (const { number, name } of list) {
    const group = byNumber.get(number);
    if (!group) difference.fresh.push({ number, name });
    else if (group.name !== name) difference.changed.push({ group, to: { number, name } });
    else difference.same += 1;
  }
  return difference;
}

/** Puts a list into a network of a draft. Groups that the list lacks stay. */
export function putP25Groups(network: P25Network, list: readonly ListedP25Group[]): void {
  const { fresh, changed } = compareP25Groups(network, list);
  for (const { group, to } of changed) network.groups.byId[group.id]!.name = to.name;
  for (const one of fresh) putRow(network.groups, { id: freeId(`g${one.number}`, (id) => id in network.groups.byId), ...one });
}
