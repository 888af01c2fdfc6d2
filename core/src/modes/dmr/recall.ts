/**
 * A channel that is to call another number takes along what goes with it in the radio: its contact, and its group in
 * the receive list. Every press of a check that changes a number goes through here, so that it leaves nothing missing
 * behind.
 */
import type { PathContext, PlanIndex } from '../../path/types';
import { channelPointer, set } from '../../checks/walk';
import { nameFitter } from '../../codeplug/names';
import { type Patch, toPointer } from '../../plan/patches';
import { freeId, rows } from '../../plan/table';
import type { CallKind, Codeplug, Id, Plan, Radio } from '../../plan/types';
import { slotFor } from './carriage';
import { dmrChannels } from './channel';
import { contactKey } from './contact-key';
import { nameRules, roomIn } from '../../codeplug/room';

type Context = Pick<PathContext<'dmr'>, 'index' | 'radio' | 'codeplug' | 'channel' | 'site'>;

interface Call {
  kind: CallKind;
  number: number;
}

/**
 * How many channels of a radio make each call, by contact key; with a receive list's id before it, how many of its
 * users do.
 */
function callers({ plan }: PlanIndex, radioId: Id): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const { dmr } of dmrChannels(plan.codeplugs[radioId]!)) {
    const key = contactKey(dmr.call.kind, dmr.call.number);
    for (const one of [key, `${dmr.receiveListId} ${key}`]) counts.set(one, (counts.get(one) ?? 0) + 1);
  }
  return counts;
}

/** The patches by which a radio holds a contact for what a channel calls, or is to call. */
export function contactPatches({ index, radio, codeplug, channel }: Context, to: Call, name: string): Patch[] {
  const contacts = rows(codeplug.dmr.contacts);
  if (contacts.some((one) => one.kind === to.kind && one.number === to.number)) return [];
  const base = toPointer(['codeplugs', radio.id, 'dmr', 'contacts']);
  const { kind, number } = channel.dmr.call;
  const old = contacts.find((one) => one.kind === kind && one.number === number);
  // A contact that nothing else calls goes along.
  if (old && index.look(callers, radio.id).get(contactKey(kind, number)) === 1)
    return [
      ...(old.kind === to.kind ? [] : [set(`${base}/byId/${old.id}/kind`, to.kind)]),
      ...(old.number === to.number ? [] : [set(`${base}/byId/${old.id}/number`, to.number)]),
    ];
  return newContactPatches(index.plan, radio, codeplug, to, name);
}

/** The patches that add a contact for a call; none where the radio has it, or no room for it. */
export function newContactPatches(plan: Plan, radio: Radio, codeplug: Codeplug, to: Call, name: string): Patch[] {
  const contacts = rows(codeplug.dmr.contacts);
  if (contacts.some((one) => one.kind === to.kind && one.number === to.number)) return [];
  if (contacts.length >= roomIn(radio.limits.contacts)) return [];
  const base = toPointer(['codeplugs', radio.id, 'dmr', 'contacts']);
  const id = freeId(`ct-${contactKey(to.kind, to.number)}`, (taken) => taken in codeplug.dmr.contacts.byId);
  const fitted = nameFitter(
    nameRules(plan, radio),
    contacts.map((one) => one.name),
  )({ name, qualifier: '' });
  return [
    { op: 'add', path: `${base}/byId/${id}`, value: { id, name: fitted, ...to } },
    { op: 'add', path: `${base}/order/-`, value: id },
  ];
}

function listPatches({ index, radio, codeplug, channel }: Context, to: Call): Patch[] {
  const { receiveListId, call } = channel.dmr;
  const list = receiveListId === null ? undefined : codeplug.dmr.receiveLists.byId[receiveListId];
  if (!list || to.kind !== 'group' || list.groups.includes(to.number)) return [];
  const path = toPointer(['codeplugs', radio.id, 'dmr', 'receiveLists', 'byId', list.id, 'groups']);
  const at = call.kind === 'group' ? list.groups.indexOf(call.number) : -1;
  const key = `${list.id} ${contactKey(call.kind, call.number)}`;
  if (at >= 0 && index.look(callers, radio.id).get(key) === 1) return [set(`${path}/${at}`, to.number)];
  return list.groups.length < roomIn(radio.limits.groupsPerReceiveList)
    ? [{ op: 'add', path: `${path}/-`, value: to.number }]
    : [];
}

/** A repeater has a group on its slot: a channel that calls it goes there. */
function slotPatches(context: Context, to: Call): Patch[] {
  const slot = slotFor(context.site, to.kind, to.number);
  return slot === undefined || slot === context.channel.dmr.slot
    ? []
    : [set(channelPointer(context, 'dmr', 'slot'), slot)];
}

/**
 * The patches that make a channel call something else, with its slot, its contact and its group in the receive list.
 * `name`: of a new contact.
 */
export function recallPatches(context: Context, to: Call, name: string = context.channel.name): Patch[] {
  const { call } = context.channel.dmr;
  if (call.number === to.number && call.kind === to.kind) return [];
  const pointer = (field: 'kind' | 'number') => channelPointer(context, 'dmr', 'call', field);
  return [
    ...(call.number === to.number ? [] : [set(pointer('number'), to.number)]),
    ...(call.kind === to.kind ? [] : [set(pointer('kind'), to.kind)]),
    ...slotPatches(context, to),
    ...contactPatches(context, to, name),
    ...listPatches(context, to),
  ];
}
