/** A network's group directory against a list that was read: what is new, what differs, what is the same. Matched by number. */
import { freeId, putRow, rows } from '../../plan/table';
import type { TalkGroup } from './types';
import type { DmrNetwork } from './networks';

export type ListedGroup = Pick<TalkGroup, 'number' | 'name' | 'category'>;

export interface GroupListDifference {
  fresh: ListedGroup[];
  changed: { group: TalkGroup; to: ListedGroup }[];
  same: number;
}

export function compareGroups(network: DmrNetwork, list: readonly ListedGroup[]): GroupListDifference {
  const byNumber = new Map(rows(network.groups).map((group) => [group.number, group]));
  const difference: GroupListDifference = { fresh: [], changed: [], same: 0 };
  for (const one of list) {
    const group = byNumber.get(one.number);
    if (!group) difference.fresh.push(one);
    else if (group.name !== one.name || group.category !== one.category) difference.changed.push({ group, to: one });
    else difference.same += 1;
  }
  return difference;
}

/** Puts a list into a network of a draft. Groups that the list lacks stay. */
export function putGroups(network: DmrNetwork, list: readonly ListedGroup[]): void {
  const { fresh, changed } = compareGroups(network, list);
  for (const { group, to } of changed) Object.assign(network.groups.byId[group.id]!, { name: to.name, category: to.category });
  for (const one of fresh) putRow(network.groups, { id: freeId(`g${one.number}`, (id) => id in network.groups.byId), ...one });
}
