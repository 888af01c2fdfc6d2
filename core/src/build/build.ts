/**
 * Wants → channels, contacts, receive lists, zones, and the hotspot profile.
 *
 * The builder works on a draft and lists each thing it does. `propose` runs it on a copy to show the list; `carryOut`
 * runs it in the plan for the lines the user takes. What is already right is left alone, so a second run finds nothing
 * to do; what was changed by hand is listed as such and not taken unless asked for.
 */
import { current, isDraft } from 'immer';
import { MODES } from '../modes/registry';
import { contactKey } from '../path/contact-key';
import { freeId, putRow, removeRow, rows } from '../plan/table';
import { repairReferences } from '../plan/references';
import { diff } from '../plan/diff';
import { applyInPlace, sameJson } from '../plan/patches';
import type { Channel, ChannelValues, Codeplug, Id, Plan, Radio, Want, Zone } from '../plan/types';
import { buildProfiles } from './profile';
import { differences, valuesOf } from '../codeplug/channel-fields';
import { fitNames, nameFitter, type NameWish } from './names';
import type { BuildItem, ChannelDraft, ListDraft } from './types';

export type Accept = (item: BuildItem) => boolean;

/** Lines that the user must ask for are left out: hand-made values stay. */
export const acceptUnlessHandMade: Accept = (item) => !item.handMade;

interface Work {
  plan: Plan;
  radio: Radio;
  codeplug: Codeplug;
  items: BuildItem[];
  accept: Accept;
  /** What is there already, kept up to date as the work goes on: looking through thousands each time would take seconds. */
  contacts: Set<string>;
  contactName: (wish: NameWish) => string;
  zoned: Set<Id>;
  /** What the wants of this radio call, by contact key. */
  needed: ReadonlySet<string>;
}

interface Wanted {
  want: Want;
  draft: ChannelDraft;
  channel: Channel | null;
}

function offer(work: Pick<Work, 'items' | 'accept'>, item: BuildItem, act: () => void): boolean {
  work.items.push(item);
  const taken = work.accept(item);
  if (taken) act();
  return taken;
}

function wantedOf({ plan, radio, codeplug }: Work): Wanted[] {
  const byWant = new Map(rows(codeplug.channels).filter((channel) => channel.wantId !== null).map((channel) => [channel.wantId!, channel]));
  const wanted = rows(plan.wants)
    .filter((want) => want.radioId === radio.id)
    .map((want) => {
      const site = plan.sites.byId[want.siteId]!;
      const mode = MODES[plan.networks.byId[want.destination.networkId]!.mode];
      return { want, draft: mode.build.channel(plan, site, want.destination), channel: byWant.get(want.id) ?? null };
    });
  const builtFor = new Set(wanted.map((one) => one.channel?.id));
  const taken = rows(codeplug.channels).filter((channel) => !builtFor.has(channel.id)).map((channel) => channel.name);
  // The same name on two networks is told apart by the network, at two sites by the site.
  const networksOf = new Map<string, Set<Id>>();
  for (const { draft } of wanted) networksOf.set(draft.name, (networksOf.get(draft.name) ?? new Set<Id>()).add(draft.networkId));
  const qualifier = ({ draft }: Wanted) => (networksOf.get(draft.name)!.size > 1 ? plan.networks.byId[draft.networkId]! : plan.sites.byId[draft.siteId]!).name;
  const names = fitNames(wanted.map((one) => ({ name: one.draft.name, qualifier: qualifier(one) })), radio.limits.nameLength, taken);
  wanted.forEach((one, at) => (one.draft = { ...one.draft, name: names[at]! }));
  return wanted;
}

/** The number that the builder gave a channel and that nothing else in the radio calls: what goes with it may be renumbered. */
function ownNumber({ codeplug, needed }: Work, { id, built, dmr: { call } }: Channel): number | null {
  if (built?.dmr.call.number !== call.number || needed.has(contactKey(call.kind, call.number))) return null;
  const shared = rows(codeplug.channels).some((one) => one.id !== id && one.dmr.call.kind === call.kind && one.dmr.call.number === call.number);
  return shared ? null : call.number;
}

/** A channel that calls another number takes its contact along. */
function moveContact(work: Work, draft: ChannelDraft, channel: Channel): boolean {
  const { codeplug } = work;
  const { kind } = channel.dmr.call;
  const number = ownNumber(work, channel);
  const old = rows(codeplug.contacts).find((one) => one.kind === kind && one.number === number);
  if (!old || kind !== draft.contact.kind) return false;
  const item: BuildItem = { id: `contact:${contactKey(kind, draft.contact.number)}`, kind: 'change-contact', subject: old.name, field: 'number', from: String(number), to: String(draft.contact.number), handMade: false };
  offer(work, item, () => (old.number = draft.contact.number));
  return true;
}

function addContact(work: Work, draft: ChannelDraft, channel: Channel | null): void {
  const { codeplug } = work;
  const key = contactKey(draft.contact.kind, draft.contact.number);
  if (work.contacts.has(key)) return;
  work.contacts.add(key);
  if (channel && moveContact(work, draft, channel)) return;
  const name = work.contactName({ name: draft.contact.name, qualifier: '' });
  const item: BuildItem = { id: `contact:${key}`, kind: 'add-contact', subject: name, field: 'contact', from: '', to: draft.address, handMade: false };
  offer(work, item, () => putRow(codeplug.contacts, { id: freeId(`ct-${key}`, (id) => id in codeplug.contacts.byId), name, kind: draft.contact.kind, number: draft.contact.number }));
}

/** The receive list of this network and site that holds the group, or has room for it, or a new one. */
function listFor(work: Work, draft: ChannelDraft): ListDraft | null {
  return MODES[draft.mode].build.receiveList(work.plan, work.radio, work.codeplug, draft);
}

function extendList(work: Work, list: ListDraft, channel: Channel | null): boolean {
  const { codeplug } = work;
  const groups = codeplug.receiveLists.byId[list.id]?.groups;
  if (groups?.includes(list.group)) return true;
  const old = channel && ownNumber(work, channel);
  if (groups && old !== null && groups.includes(old)) {
    const item: BuildItem = { id: `list:${list.id}:${list.group}`, kind: 'change-list', subject: list.name, field: 'groups', from: String(old), to: String(list.group), handMade: false };
    return offer(work, item, () => (groups[groups.indexOf(old)] = list.group));
  }
  const item: BuildItem = { id: `list:${list.id}:${list.group}`, kind: 'extend-list', subject: list.name, field: 'groups', from: '', to: String(list.group), handMade: false };
  return offer(work, item, () => {
    const present = codeplug.receiveLists.byId[list.id];
    if (present) present.groups.push(list.group);
    else putRow(codeplug.receiveLists, { id: list.id, name: list.name, groups: [list.group] });
  });
}

function values(draft: ChannelDraft, receiveListId: Id | null): ChannelValues {
  const { name, mode, rxHz, txHz, power, dmr } = draft;
  return { name, mode, rxHz, txHz, power, dmr: { ...dmr, receiveListId } };
}

function addChannel(work: Work, { want, draft }: Wanted, proposed: ChannelValues): Id | null {
  const id = freeId(`ch-${want.id}`, (taken) => taken in work.codeplug.channels.byId);
  const item: BuildItem = { id: `add:${want.id}`, kind: 'add-channel', subject: proposed.name, field: 'channel', from: '', to: draft.address, handMade: false };
  const channel: Channel = { id, siteId: want.siteId, destination: want.destination, wantId: want.id, ...proposed, built: structuredClone(proposed) };
  return offer(work, item, () => putRow(work.codeplug.channels, channel)) ? id : null;
}

function changeChannel(work: Work, channel: Channel, proposed: ChannelValues): void {
  for (const one of differences(work.codeplug, channel, proposed)) {
    const handMade = channel.built === null || differences(work.codeplug, channel, channel.built).some((made) => made.field.id === one.field.id);
    const item: BuildItem = { id: `change:${channel.id}:${one.field.id}`, kind: 'change-channel', subject: channel.name, field: one.field.title, from: one.from, to: one.to, handMade };
    offer(work, item, () => {
      one.field.copy(channel, proposed);
      const built = channel.built ? { ...channel.built } : structuredClone(proposed);
      one.field.copy(built, proposed);
      channel.built = built;
    });
  }
}

function addToZone(work: Work, draft: ChannelDraft, channelId: Id, channelName: string): void {
  const { plan, radio, codeplug } = work;
  if (work.zoned.has(channelId)) return;
  const base = `zn-${draft.networkId}-${draft.siteId}-${draft.use}`;
  const mine = (zone: Zone) => zone.id === base || zone.id.startsWith(`${base}-`);
  const withRoom = rows(codeplug.zones).find((zone) => mine(zone) && zone.channelIds.length < radio.limits.channelsPerZone);
  const wish = [plan.networks.byId[draft.networkId]!.name, draft.use === 'service' ? 'service' : ''].join(' ');
  const [freshName] = fitNames([{ name: wish, qualifier: plan.sites.byId[draft.siteId]!.name }], radio.limits.nameLength, rows(codeplug.zones).map((zone) => zone.name));
  const name = withRoom?.name ?? freshName!;
  const item: BuildItem = { id: `zone:${channelId}`, kind: 'add-to-zone', subject: name, field: 'channels', from: '', to: channelName, handMade: false };
  offer(work, item, () => {
    if (withRoom) withRoom.channelIds.push(channelId);
    else putRow(codeplug.zones, { id: freeId(base, (id) => id in codeplug.zones.byId), name, channelIds: [channelId] });
  });
}

/** A built channel whose want is gone goes too, unless it was changed by hand. */
function removeUnwanted(work: Work): void {
  for (const channel of rows(work.codeplug.channels)) {
    if (channel.wantId !== null || channel.built === null) continue;
    const handMade = !sameJson(valuesOf(channel), channel.built);
    const item: BuildItem = { id: `remove:${channel.id}`, kind: 'remove-channel', subject: channel.name, field: 'channel', from: channel.name, to: '', handMade };
    offer(work, item, () => removeRow(work.codeplug.channels, channel.id));
  }
}

function buildRadio(work: Work): void {
  removeUnwanted(work);
  const all = wantedOf(work);
  work.needed = new Set(all.map(({ draft }) => contactKey(draft.contact.kind, draft.contact.number)));
  for (const wanted of all) {
    addContact(work, wanted.draft, wanted.channel);
    const list = listFor(work, wanted.draft);
    const listId = list && extendList(work, list, wanted.channel) ? list.id : null;
    const proposed = values(wanted.draft, listId);
    const id = wanted.channel ? wanted.channel.id : addChannel(work, wanted, proposed);
    if (wanted.channel) changeChannel(work, wanted.channel, proposed);
    if (id !== null) addToZone(work, wanted.draft, id, work.codeplug.channels.byId[id]!.name);
  }
}

/** Builds in a plain copy. @returns every line, taken or not. */
function buildInPlace(plan: Plan, accept: Accept): BuildItem[] {
  const items: BuildItem[] = [];
  // Which networks a hotspot is logged in to decides what number a channel must call.
  buildProfiles(plan, (item, act) => offer({ items, accept }, item, act));
  for (const radio of rows(plan.radios)) {
    const codeplug = plan.codeplugs[radio.id]!;
    const contacts = rows(codeplug.contacts);
    buildRadio({
      plan,
      radio,
      codeplug,
      items,
      accept,
      contacts: new Set(contacts.map((contact) => contactKey(contact.kind, contact.number))),
      contactName: nameFitter(radio.limits.nameLength, contacts.map((contact) => contact.name)),
      zoned: new Set(rows(codeplug.zones).flatMap((zone) => zone.channelIds)),
      needed: new Set(),
    });
  }
  repairReferences(plan);
  return items;
}

/** What building would do, line by line, nothing carried out. Later lines assume the earlier ones. */
export function propose(plan: Plan): BuildItem[] {
  return buildInPlace(structuredClone(plan), () => true);
}

/** A recipe for `edit`: carries out the lines that `accept` takes. The work is done on a plain copy; only what differs is put into the draft. */
export function carryOut(accept: Accept = acceptUnlessHandMade): (draft: Plan) => void {
  return (draft) => {
    const before = isDraft(draft) ? current(draft) : draft;
    const after = structuredClone(before);
    buildInPlace(after, accept);
    applyInPlace(draft, diff(before, after));
  };
}
