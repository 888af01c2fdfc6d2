/** What is done in the rack beside the sheet: zones, scan lists, and what is picked in them. */
import { computed, ref, shallowRef, watch } from 'vue';
import { MODES } from '@relay/core/registries/modes';
import { rows } from '@relay/core/plan/table';
import type { Codeplug, Id, Plan, Zone, ZoneOrder } from '@relay/core/plan/types';
import { mergeZones, moveChannels, splitToFit, splitZone, takeOut } from '@relay/core/zones/acts';
import { inOrder } from '@relay/core/zones/order';
import { refreshes } from '@relay/core/zones/rule';
import { usePlanStore } from '../../../sync/plan-store';

export interface Member {
  id: Id;
  name: string;
  note?: string;
}

/** Channels that go from one zone or list to a place in another; `fromId` of `null`: they stay there besides. */
export interface Drop {
  ids: Id[];
  fromId: Id | null;
  toId: Id;
  at: number;
}

export const channelCount = (count: number): string =>
  `${count.toLocaleString('en')} ${count === 1 ? 'channel' : 'channels'}`;

/** Words for an order, as an act and as what a rule says. */
export const ORDER_WORDS: Readonly<Record<ZoneOrder, string>> = {
  distance: 'by distance',
  name: 'by name',
  use: 'by use',
  codeplug: 'as in the sheet',
};

export function useRack(radioId: () => Id) {
  const store = usePlanStore();
  const picked = shallowRef<ReadonlySet<Id>>(new Set());
  const open = ref<ReadonlySet<Id>>(new Set());
  const plan = computed(() => store.plan!);
  const radio = computed(() => plan.value.radios.byId[radioId()]!);
  const codeplug = computed(() => plan.value.codeplugs[radioId()]!);
  const zones = computed(() => rows(codeplug.value.zones));
  const stale = computed(() => refreshes(plan.value, MODES, radioId()));

  watch(radioId, () => (picked.value = new Set()));

  /** Another radio, or another window, may have taken away what was picked. */
  const pickedThere = computed(() => [...picked.value].filter((id) => id in codeplug.value.channels.byId));

  function change(label: string, recipe: (codeplug: Codeplug, plan: Plan) => void): void {
    const id = radioId();
    store.edit(label, (draft) => recipe(draft.codeplugs[id]!, draft));
  }

  const nameOf = (zoneId: Id) => codeplug.value.zones.byId[zoneId]?.name ?? '';

  function drop({ ids, fromId, toId, at }: Drop): void {
    const what = fromId === toId ? `order of ${nameOf(toId)}` : `${channelCount(ids.length)} to ${nameOf(toId)}`;
    change(what, (draft) => moveChannels(draft, ids, fromId, toId, at));
  }

  /** To the end of another zone. */
  function send(ids: readonly Id[], fromId: Id | null, toId: Id): void {
    const at = codeplug.value.zones.byId[toId]!.channelIds.length;
    drop({ ids: [...ids], fromId, toId, at });
    store.notice = `${channelCount(ids.length)} ${fromId === null ? 'also in' : 'moved to'} ${nameOf(toId)}.`;
  }

  function leave(zoneId: Id, ids: readonly Id[]): void {
    change(`${channelCount(ids.length)} out of ${nameOf(zoneId)}`, (draft) => takeOut(draft, zoneId, ids));
  }

  function order(zone: Zone, by: ZoneOrder): void {
    const ids = inOrder(plan.value, MODES, radioId(), zone.channelIds, by);
    change(`${zone.name} ${ORDER_WORDS[by]}`, (draft) => void (draft.zones.byId[zone.id]!.channelIds = ids));
  }

  /** Before the first that is picked in it; else into as many as it takes. */
  function split(zone: Zone): void {
    const at = zone.channelIds.findIndex((id) => picked.value.has(id));
    let made: Id | null | undefined = null;
    change(`part ${zone.name}`, (_, draft) => {
      made = at > 0 ? splitZone(draft, radioId(), zone.id, at) : splitToFit(draft, radioId(), zone.id)[0];
    });
    store.notice = made
      ? `${zone.name} is parted: what is behind is in ${nameOf(made)}.`
      : `Nothing to part: pick the channel that begins the new zone. ${radio.value.name} ${
          radio.value.limits.zones === null ? 'has no known limit of zones' : `holds ${radio.value.limits.zones} zones`
        }.`;
    if (made) open.value = new Set([...open.value, made]);
  }

  function merge(into: Zone, from: Zone): void {
    change(`${from.name} into ${into.name}`, (draft) => mergeZones(draft, into.id, from.id));
  }

  function toggleOpen(id: Id): void {
    const next = new Set(open.value);
    if (!next.delete(id)) next.add(id);
    open.value = next;
  }

  return {
    store,
    plan,
    radio,
    codeplug,
    zones,
    stale,
    picked,
    pickedThere,
    open,
    change,
    drop,
    send,
    leave,
    order,
    split,
    merge,
    toggleOpen,
  };
}

export type Rack = ReturnType<typeof useRack>;
