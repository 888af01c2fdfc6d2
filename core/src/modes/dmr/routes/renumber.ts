/**
 * Keeping channels on what they reach when the routes of their hotspot change: new numbers, contacts and list
 * members.
 */
import { nameFitter } from '../../../codeplug/names';
import { contactKey } from '../contact-key';
import { freeId, putRow, rows } from '../../../plan/table';
import { networkIdOf } from '../../../plan/networks';
import type { CallKind, ChannelOf, Codeplug, Id, Plan, Radio } from '../../../plan/types';
import { dmrChannels, isDmr } from '../channel';
import type { TimeSlot } from '../../../plan/modes/dmr/types';
import { callFor } from '../links';
import { forward, numberFor, type RouteTable } from './table';
import { nameRules } from '../../../codeplug/room';

export interface Renumbering {
  radioId: Id;
  channelId: Id;
  kind: CallKind;
  from: number;
  /** `null` when no number reaches it any more. */
  to: number | null;
  networkId: Id;
  networkNumber: number;
}

type Translate = (
  kind: CallKind,
  slot: TimeSlot,
  number: number,
) => { to: number | null; networkId: Id; networkNumber: number } | null;

/** Old number → the number that reaches the same place by the new routes; `null` for one that reached nothing. */
function translator(before: RouteTable, after: RouteTable): Translate {
  return (kind, slot, number) => {
    const old = forward(before, { kind, slot, number });
    return (
      old && {
        to: numberFor(after, old.networkId, kind, old.number, slot),
        networkId: old.networkId,
        networkNumber: old.number,
      }
    );
  };
}

/**
 * A channel that is meant for a network which only the new routes reach goes there now, not where it went astray
 * before.
 */
function meant(
  plan: Plan,
  { destination, dmr: { slot } }: ChannelOf<'dmr'>,
  before: RouteTable,
  after: RouteTable,
): ReturnType<Translate> {
  const networkId = networkIdOf(destination);
  if (
    !destination ||
    networkId === null ||
    before.networkIds.includes(networkId) ||
    !after.networkIds.includes(networkId)
  )
    return null;
  const call = callFor(plan, destination);
  return (
    call && { to: numberFor(after, networkId, call.kind, call.number, slot), networkId, networkNumber: call.number }
  );
}

/** Whether a channel is meant for a network of another mode. */
function isCrossMode(plan: Plan, { destination }: ChannelOf<'dmr'>): boolean {
  const id = networkIdOf(destination);
  return id !== null && plan.networks.byId[id]?.mode !== 'dmr';
}

/** Every channel through a site whose number must change, or that is lost, when its routes do. In the plan's order. */
export function renumberings(plan: Plan, siteId: Id, before: RouteTable, after: RouteTable): Renumbering[] {
  const translate = translator(before, after);
  return rows(plan.radios).flatMap((radio) =>
    dmrChannels(plan.codeplugs[radio.id]!).flatMap((channel): Renumbering[] => {
      // A call that is carried to another mode's network asks for that network's number: no rule takes it.
      if (channel.siteId !== siteId || isCrossMode(plan, channel)) return [];
      const { call, slot } = channel.dmr;
      const found = meant(plan, channel, before, after) ?? translate(call.kind, slot, call.number);
      if (!found || found.to === call.number) return [];
      return [{ radioId: radio.id, channelId: channel.id, kind: call.kind, from: call.number, ...found }];
    }),
  );
}

function setNumber(channel: ChannelOf<'dmr'>, to: number): void {
  // A number that the builder wrote and this act moved is no work by hand.
  if (channel.built?.dmr.call.number === channel.dmr.call.number) channel.built.dmr.call.number = to;
  channel.dmr.call.number = to;
}

/** The contact of a number that no channel calls any more takes the new number; else a new one is added. */
function moveContact(
  plan: Plan,
  radio: Radio,
  codeplug: Codeplug,
  kind: CallKind,
  from: number,
  to: number,
  stillCalled: boolean,
): void {
  const contacts = rows(codeplug.dmr.contacts);
  if (contacts.some((one) => one.kind === kind && one.number === to)) return;
  const old = contacts.find((one) => one.kind === kind && one.number === from);
  if (old && !stillCalled) {
    old.number = to;
    return;
  }
  const name = nameFitter(
    nameRules(plan, radio),
    contacts.map((one) => one.name),
  )({ name: old?.name ?? `${kind} ${to}`, qualifier: '' });
  putRow(codeplug.dmr.contacts, {
    id: freeId(`ct-${contactKey(kind, to)}`, (id) => id in codeplug.dmr.contacts.byId),
    name,
    kind,
    number: to,
  });
}

/**
 * Members of receive lists that serve only channels through this site are all translated; in shared lists the new
 * number joins.
 */
function moveLists(
  plan: Plan,
  codeplug: Codeplug,
  siteId: Id,
  changes: readonly Renumbering[],
  translate: Translate,
): void {
  const channels = dmrChannels(codeplug);
  const kept = new Set(channels.filter((one) => isCrossMode(plan, one)).map((one) => one.dmr.call.number));
  for (const list of rows(codeplug.dmr.receiveLists)) {
    const users = channels.filter((channel) => channel.dmr.receiveListId === list.id);
    if (users.length === 0) continue;
    const [first] = users;
    const groups = new Set(
      users.every((user) => user.siteId === siteId)
        ? list.groups.map((group) =>
            kept.has(group) ? group : (translate('group', first!.dmr.slot, group)?.to ?? group),
          )
        : list.groups,
    );
    for (const change of changes) {
      if (change.kind === 'group' && change.to !== null && users.some((user) => user.id === change.channelId))
        groups.add(change.to);
    }
    if (groups.size !== list.groups.length || list.groups.some((group) => !groups.has(group)))
      list.groups = [...groups];
  }
}

/** Carries renumberings out in a draft whose routes are still `before`. */
export function renumber(plan: Plan, siteId: Id, before: RouteTable, after: RouteTable): void {
  const all = renumberings(plan, siteId, before, after);
  const translate = translator(before, after);
  for (const radioId of new Set(all.map((one) => one.radioId))) {
    const codeplug = plan.codeplugs[radioId]!;
    const changes = all.filter((one) => one.radioId === radioId);
    for (const { channelId, to } of changes) {
      const channel = codeplug.channels.byId[channelId]!;
      if (to !== null && isDmr(channel)) setNumber(channel, to);
    }
    const called = new Set(dmrChannels(codeplug).map(({ dmr: { call } }) => contactKey(call.kind, call.number)));
    for (const { kind, from, to } of changes)
      if (to !== null)
        moveContact(plan, plan.radios.byId[radioId]!, codeplug, kind, from, to, called.has(contactKey(kind, from)));
    moveLists(plan, codeplug, siteId, changes, translate);
  }
}
