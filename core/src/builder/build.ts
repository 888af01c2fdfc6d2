/**
 * Wants → channels, contacts, receive lists, zones, and the hotspot profile.
 *
 * The builder works on a draft and lists each thing it does. `propose` runs it on a copy to show the list; `carryOut`
 * runs it in the plan for the lines the user takes. What is already right is left alone, so a second run finds nothing
 * to do; what was changed by hand is listed as such and not taken unless asked for.
 */
import { builtZoneId } from '../plan/built-zone';
import { newZone } from '../plan/create';
import { current, freeze, isDraft } from 'immer';
import { differences, valuesOf } from '../codeplug/channel-fields';
import { fitNames, nameFitter, sharedWords } from '../codeplug/names';
import { purposeOf } from '../path/purpose';
import { destinationKey } from '../plan/destination-key';
import { diff } from '../plan/diff';
import { applyInPlace, sameJson } from '../plan/patches';
import { onRadio } from '../plan/power';
import { repairReferences } from '../plan/references';
import { freeId, putRow, removeRow, rows } from '../plan/table';
import type { Channel, ChannelValues, Codeplug, Destination, Id, Plan, Radio, Want, Zone } from '../plan/types';
import { draftsFor } from './cross-drafts';
import type { BuildModes, RadioWork } from './mode-build';
import { buildProfiles } from './profile';
import type { BuildItem, ChannelDraft } from './types';
import { nameRules, roomIn } from '../codeplug/room';
import { ruled } from './rules';

export type Accept = (item: BuildItem) => boolean;

/** Lines that the user must ask for are left out: hand-made values stay. */
export const acceptUnlessHandMade: Accept = (item) => !item.handMade;

export interface Work extends RadioWork {
  modes: BuildModes;
  drafts: ChannelDraft[];
  /** The wants that are built; all where it is not said. */
  only?: ReadonlySet<Id>;
  /** Channels that are in a zone, kept up to date as the work goes on. */
  zoned: Set<Id>;
}

interface Wanted {
  want: Want;
  draft: ChannelDraft;
  channel: Channel | null;
}

/** The same for a channel and for the draft it was made from: what it reaches, and through which site. */
export const placeKey = (siteId: Id | null, destination: Destination) => `${siteId} ${destinationKey(destination)}`;

/**
 * Every channel that the wants of a radio take, each once: what several wants need (an unlink entry) is the first
 * one's.
 */
function draftsOf({ plan, radio, modes, only }: Work): { want: Want; draft: ChannelDraft; alone: boolean }[] {
  const drafts = new Map<string, { want: Want; draft: ChannelDraft; alone: boolean }>();
  for (const want of rows(plan.wants)) {
    if (want.radioId !== radio.id || only?.has(want.id) === false) continue;
    const site = plan.sites.byId[want.siteId]!;
    const own = draftsFor(plan, modes, radio, site, want.destination);
    for (const draft of own) {
      const key = placeKey(site.id, draft.destination);
      if (!drafts.has(key)) drafts.set(key, { want, draft, alone: own.length === 1 });
    }
  }
  return [...drafts.values()];
}

/** What the wants of a radio take, and the channels that are there for it. */
function wantedOf(work: Work): Wanted[] {
  const { codeplug } = work;
  const built = rows(codeplug.channels).filter((channel) => channel.wantId !== null || channel.built !== null);
  const byWant = new Map(
    built.filter((channel) => channel.wantId !== null).map((channel) => [channel.wantId!, channel]),
  );
  const byPlace = new Map(
    built.flatMap((channel) =>
      channel.destination ? [[placeKey(channel.siteId, channel.destination), channel] as const] : [],
    ),
  );
  const drafts = draftsOf(work);
  // A want that takes one channel has it, wherever hands have led it since; of several each is told by what it reaches.
  const own = new Map(
    drafts.flatMap(({ want, draft, alone }) =>
      alone && byWant.has(want.id) ? [[draft, byWant.get(want.id)!] as const] : [],
    ),
  );
  const taken = new Set(own.values());
  const there = (draft: ChannelDraft) => {
    const found = byPlace.get(placeKey(draft.siteId, draft.destination));
    return found && !taken.has(found) ? found : null;
  };
  return drafts.map(({ want, draft }) => ({ want, draft, channel: own.get(draft) ?? there(draft) }));
}

/** Names that fit, given to all at once: they must differ from each other and from those that stay. */
function nameAll({ plan, radio, codeplug }: Work, all: readonly Wanted[]): void {
  // What a zone names by a pattern is not named again here.
  const byPattern = new Set(rows(codeplug.zones).flatMap((zone) => (zone.pattern === '' ? [] : zone.channelIds)));
  const wanted = all.filter(({ channel }) => !channel || !byPattern.has(channel.id));
  for (const one of all)
    if (one.channel && byPattern.has(one.channel.id))
      one.draft = { ...one.draft, values: { ...one.draft.values, name: one.channel.name } };
  const builtFor = new Set(wanted.map((one) => one.channel?.id));
  const taken = rows(codeplug.channels)
    .filter((channel) => !builtFor.has(channel.id))
    .map((channel) => channel.name);
  // The same name on two networks is told apart by the network, at two sites by the site.
  const networksOf = new Map<string, Set<Id | null>>();
  const nameOf = ({ draft }: Wanted) => draft.values.name;
  for (const one of wanted)
    networksOf.set(nameOf(one), (networksOf.get(nameOf(one)) ?? new Set<Id | null>()).add(one.draft.networkId));
  const qualifier = (one: Wanted) =>
    networksOf.get(nameOf(one))!.size > 1 ? placeName(plan, one.draft) : plan.sites.byId[one.draft.siteId]!.name;
  const names = fitNames(
    wanted.map((one) => ({ name: nameOf(one), qualifier: qualifier(one) })),
    nameRules(plan, radio),
    taken,
    sharedWords(wanted.map(nameOf)),
  );
  wanted.forEach((one, at) => (one.draft = { ...one.draft, values: { ...one.draft.values, name: names[at]! } }));
}

/** Its network's name; its site's where it needs none. */
function placeName(plan: Plan, { networkId, siteId }: ChannelDraft): string {
  return (networkId === null ? plan.sites.byId[siteId]! : plan.networks.byId[networkId]!).name;
}

/** The values of a draft, with the rows that it needs beside it in the radio. */
export function furnished(work: Work, draft: ChannelDraft, channel: Channel | null): ChannelValues {
  const { furnish } = work.modes[draft.values.mode].build;
  const values = furnish ? furnish(work, draft, channel) : draft.values;
  // Of the steps that this radio has, the one that is meant: beside a hotspot the least.
  const power = onRadio(work.radio, values.power);
  const usual = power === values.power ? values : { ...values, power };
  const { plan, modes, radio } = work;
  return ruled(plan, modes, usual, { radio, purpose: draft.use, site: plan.sites.byId[draft.siteId]! });
}

function addChannel(work: Work, { want, draft }: Wanted, proposed: ChannelValues): Id | null {
  const id = freeId(
    ['ch', want.id, ...(draft.part ? [draft.part] : [])].join('-'),
    (taken) => taken in work.codeplug.channels.byId,
  );
  const item: BuildItem = {
    id: ['add', want.id, ...(draft.part ? [draft.part] : [])].join(':'),
    kind: 'add-channel',
    subject: proposed.name,
    field: 'channel',
    from: '',
    to: draft.address,
    handMade: false,
  };
  const channel = {
    id,
    siteId: want.siteId,
    destination: draft.destination,
    purpose: null,
    wantId: want.id,
    ...proposed,
    built: structuredClone(proposed),
  } as Channel;
  return work.offer(item, () => putRow(work.codeplug.channels, channel)) ? id : null;
}

function changeChannel(work: Work, channel: Channel, proposed: ChannelValues): void {
  for (const one of differences(work.modes, work.codeplug, channel, proposed)) {
    const handMade =
      channel.built === null ||
      differences(work.modes, work.codeplug, channel, channel.built).some((made) => made.field.id === one.field.id);
    const item: BuildItem = {
      id: `change:${channel.id}:${one.field.id}`,
      kind: 'change-channel',
      subject: channel.name,
      field: one.field.title,
      from: one.from,
      to: one.to,
      handMade,
    };
    work.offer(item, () => {
      one.field.copy(channel, proposed);
      const built: ChannelValues = channel.built ? { ...channel.built } : structuredClone(proposed);
      one.field.copy(built, proposed);
      (channel as { built: ChannelValues | null }).built = built;
    });
  }
}

/** Rules are for channels that no want made too; those are somebody's own, so that each line must be asked for. */
function ruleByHand(work: Work, channel: Channel): void {
  const { plan, modes, radio, codeplug } = work;
  const site = plan.sites.byId[channel.siteId ?? ''] ?? null;
  const proposed = ruled(plan, modes, valuesOf(channel), { radio, purpose: purposeOf(channel, modes), site });
  for (const { field, from, to } of differences(modes, codeplug, channel, proposed)) {
    const item: BuildItem = {
      id: `rule:${channel.id}:${field.id}`,
      kind: 'change-channel',
      subject: channel.name,
      field: field.title,
      from,
      to,
      handMade: true,
    };
    work.offer(item, () => field.copy(channel, proposed));
  }
}

/** What the zones are called, by their ids, into which the channels of one network through one site go. */
export const zoneBase = ({ networkId, siteId, use, values }: ChannelDraft): string =>
  builtZoneId(networkId ?? values.mode, siteId, use);

/** Whether a row is one of those that a base makes. */
export const isOfBase = (id: Id, base: string): boolean => id === base || id.startsWith(`${base}-`);

/** The zone of each base into which the last channel went: zones only fill while a radio is built. */
const openZones = (): Map<string, Id> => new Map<string, Id>();

function zoneWithRoom(work: Work, base: string): Zone | undefined {
  const { zones } = work.codeplug;
  const hasRoom = (zone: Zone) => zone.channelIds.length < roomIn(work.radio.limits.channelsPerZone);
  const open = work.once(openZones);
  const last = zones.byId[open.get(base) ?? ''];
  if (last && hasRoom(last)) return last;
  const found = rows(zones).find((zone) => isOfBase(zone.id, base) && hasRoom(zone));
  if (found) open.set(base, found.id);
  return found;
}

/** Gives names to zones; a name that was given and not taken is asked for again by its wish. */
interface ZoneNames {
  fit: ReturnType<typeof nameFitter>;
  open: Map<string, string>;
}

const zoneNames = ({ plan, radio, codeplug }: RadioWork): ZoneNames => ({
  fit: nameFitter(
    nameRules(plan, radio),
    rows(codeplug.zones).map((zone) => zone.name),
  ),
  open: new Map(),
});

function freshZoneName(work: Work, draft: ChannelDraft): string {
  const { plan } = work;
  const { fit, open } = work.once(zoneNames);
  const name = [placeName(plan, draft), draft.use === 'service' ? 'service' : ''].join(' ');
  const qualifier = plan.sites.byId[draft.siteId]!.name;
  const key = `${name}\n${qualifier}`;
  const known = open.get(key) ?? fit({ name, qualifier });
  open.set(key, known);
  return known;
}

function addToZone(work: Work, draft: ChannelDraft, channelId: Id, channelName: string): void {
  const { codeplug } = work;
  if (work.zoned.has(channelId)) return;
  const base = zoneBase(draft);
  const withRoom = zoneWithRoom(work, base);
  const name = withRoom?.name ?? freshZoneName(work, draft);
  const item: BuildItem = {
    id: `zone:${channelId}`,
    kind: 'add-to-zone',
    subject: name,
    field: 'channels',
    from: '',
    to: channelName,
    handMade: false,
  };
  work.offer(item, () => {
    if (withRoom) withRoom.channelIds.push(channelId);
    else {
      // Its name is taken: the next one gets another.
      const { open } = work.once(zoneNames);
      for (const [wish, given] of open) if (given === name) open.delete(wish);
      const id = freeId(base, (taken) => taken in codeplug.zones.byId);
      putRow(codeplug.zones, newZone(id, name, [channelId]));
    }
  });
}

/** A built channel that no want takes any more goes too, unless it was changed by hand. */
function removeUnwanted(work: Work, wanted: readonly Wanted[]): void {
  const needed = new Set(wanted.map(({ channel }) => channel?.id));
  for (const channel of rows(work.codeplug.channels)) {
    if (channel.built === null || needed.has(channel.id)) continue;
    const handMade = !sameJson(valuesOf(channel), channel.built);
    const item: BuildItem = {
      id: `remove:${channel.id}`,
      kind: 'remove-channel',
      subject: channel.name,
      field: 'channel',
      from: channel.name,
      to: '',
      handMade,
    };
    work.offer(item, () => removeRow(work.codeplug.channels, channel.id));
  }
}

function buildRadio(work: Work): void {
  const all = wantedOf(work);
  removeUnwanted(work, all);
  nameAll(work, all);
  work.drafts = all.map(({ draft }) => draft);
  for (const wanted of all) {
    const proposed = furnished(work, wanted.draft, wanted.channel);
    const id = wanted.channel ? wanted.channel.id : addChannel(work, wanted, proposed);
    if (wanted.channel) {
      // What several wants need outlives the one it was first made for.
      wanted.channel.wantId = wanted.want.id;
      changeChannel(work, wanted.channel, proposed);
    }
    if (id !== null) addToZone(work, wanted.draft, id, work.codeplug.channels.byId[id]!.name);
  }
  if (work.plan.channelRules.order.length > 0)
    for (const channel of rows(work.codeplug.channels))
      if (channel.wantId === null && channel.built === null) ruleByHand(work, channel);
}

/**
 * The work on one radio; `items` takes every line that is offered, `accept` says which are carried out, `only` which
 * wants are built.
 */
export function workOn(
  plan: Plan,
  modes: BuildModes,
  radio: Radio,
  items: BuildItem[],
  accept: Accept,
  only?: ReadonlySet<Id>,
): Work {
  const codeplug: Codeplug = plan.codeplugs[radio.id]!;
  const made = new Map<unknown, object>();
  const work: Work = {
    plan,
    modes,
    radio,
    codeplug,
    drafts: [],
    ...(only ? { only } : {}),
    zoned: new Set(rows(codeplug.zones).flatMap((zone) => zone.channelIds)),
    offer(item, act) {
      items.push(item);
      const taken = accept(item);
      if (taken) act();
      return taken;
    },
    once<T extends object>(make: (work: RadioWork) => T): T {
      if (!made.has(make)) made.set(make, make(work));
      return made.get(make) as T;
    },
  };
  return work;
}

/** Builds in a plain copy. `only`: what these wants need. @returns every line, taken or not. */
export function buildInPlace(plan: Plan, modes: BuildModes, accept: Accept, only?: ReadonlySet<Id>): BuildItem[] {
  const items: BuildItem[] = [];
  // Which networks a hotspot is logged in to decides what number a channel must call.
  buildProfiles(plan, modes, (item, act) => {
    items.push(item);
    const taken = accept(item);
    if (taken) act();
    return taken;
  });
  for (const radio of rows(plan.radios)) buildRadio(workOn(plan, modes, radio, items, accept, only));
  repairReferences(plan);
  return items;
}

/** What building would do, line by line, nothing carried out. Later lines assume the earlier ones. */
export function propose(plan: Plan, modes: BuildModes): BuildItem[] {
  return buildInPlace(structuredClone(plan), modes, () => true);
}

/**
 * A recipe for `edit`: carries out the lines that `accept` takes. The work is done on a plain copy; only what differs
 * is put into the draft.
 */
export function carryOut(modes: BuildModes, accept: Accept = acceptUnlessHandMade): (draft: Plan) => void {
  return (draft) => {
    const before = isDraft(draft) ? current(draft) : draft;
    const after = structuredClone(before);
    buildInPlace(after, modes, accept);
    // What is frozen is taken into the draft as it is, without a look at every value of thousands of channels.
    applyInPlace(draft, diff(before, freeze(after, true)));
  };
}
