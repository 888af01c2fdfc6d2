/**
 * The entry by which a radio recalls a stored profile of a hotspot: a channel with what goes along, or a code that it
 * keeps.
 */
import { lowestOf } from '../plan/power';
import { newZone } from '../plan/create';
import { nameFitter } from '../codeplug/names';
import { radioTunes } from '../path/common-facts';
import type { Modes } from '../path/mode-path';
import { recallEntries, slotNumber } from '../path/recall';
import { type Patch, toPointer } from '../plan/patches';
import { freeId, rows } from '../plan/table';
import type { Destination, Hotspot, NetworkModeId, Plan, Radio, RecallSlot } from '../plan/types';
import { addedChannel } from './channel-beside';
import { nameRules, roomIn } from '../codeplug/room';

/** What an entry is called before its name is made to fit: `3 Travel`. */
function titleOf(plan: Plan, site: Hotspot, slot: RecallSlot): string {
  const held = slot.profileId === null ? undefined : plan.profiles.byId[slot.profileId];
  return `${slotNumber(site, slot.id)} ${held?.name ?? 'slot'}`;
}

/** Whether a radio could recall anything from a hotspot in a mode: it speaks it, and tunes the hotspot. */
export function couldRecall(radio: Radio, site: Hotspot, mode: NetworkModeId): boolean {
  return radio[mode] !== null && site[mode] !== null && radioTunes(radio, site.txHz) && radioTunes(radio, site.rxHz);
}

/** Why a radio lacks the entry for a slot in a mode, or `null` where it has it. */
export type Lack =
  /** Nobody has said what recalls the slot from this mode. */
  | 'no call'
  /** It keeps as many channels or codes as it can. */
  | 'no room'
  | 'missing'
  /** There is one that sends something else. */
  | 'wrong';

/** What a radio lacks to recall a slot in a mode; `null` where it has the entry, and that sends the call. */
export function lackOf(plan: Plan, modes: Modes, site: Hotspot, slot: RecallSlot, radio: Radio, mode: NetworkModeId) {
  const entries = recallEntries(plan, modes, site, slot).filter(
    (one) => one.radio.id === radio.id && one.mode === mode,
  );
  if (slot.calls[mode] === '' || modes[mode].recall?.expected(slot.calls[mode]) !== null) return 'no call';
  if (entries.some((one) => one.sendsIt)) return null;
  if (entries.length > 0) return 'wrong';
  return hasRoom(plan, modes, radio, mode) ? 'missing' : 'no room';
}

function hasRoom(plan: Plan, modes: Modes, radio: Radio, mode: NetworkModeId): boolean {
  const codeplug = plan.codeplugs[radio.id]!;
  const { codes } = modes[mode].recall!;
  return codes
    ? codes.of(codeplug).order.length < codes.most(radio)
    : codeplug.channels.order.length < roomIn(radio.limits.channels);
}

/**
 * The patches that give a radio the entry for a slot, or make the one that it has send the call; none where nothing can
 * be done.
 */
export function recallPatches(
  plan: Plan,
  modes: Modes,
  site: Hotspot,
  slot: RecallSlot,
  radio: Radio,
  mode: NetworkModeId,
): Patch[] {
  const lack = lackOf(plan, modes, site, slot, radio, mode);
  if (lack === 'wrong') return rightenPatches(plan, modes, site, slot, radio, mode);
  if (lack !== 'missing') return [];
  const { recall } = modes[mode];
  return recall!.codes
    ? codePatches(plan, modes, site, slot, radio, mode)
    : channelPatches(plan, modes, site, slot, radio, mode);
}

type About = Parameters<typeof recallPatches>;

function rightenPatches(...[plan, modes, site, slot, radio, mode]: About): Patch[] {
  const recall = modes[mode].recall!;
  const call = slot.calls[mode];
  return recallEntries(plan, modes, site, slot)
    .filter((one) => one.radio.id === radio.id && one.mode === mode)
    .flatMap(({ channelId, codeId, name }): Patch[] => {
      if (codeId !== null)
        return [
          {
            op: 'replace',
            path: toPointer(['codeplugs', radio.id, ...recall.codes!.path, 'byId', codeId, 'code']),
            value: call,
          },
        ];
      const codeplug = plan.codeplugs[radio.id]!;
      // A plain copy: what is handed in may tell an index who reads what.
      const values = JSON.parse(JSON.stringify(codeplug.channels.byId[channelId!])) as never;
      recall.channel!.send(values, call);
      return [
        {
          op: 'replace',
          path: toPointer(['codeplugs', radio.id, 'channels', 'byId', channelId!, mode]),
          value: (values as Record<string, unknown>)[mode],
        },
        ...(recall.channel!.along?.(plan, radio, codeplug, call, name) ?? []),
      ];
    });
}

function codePatches(...[plan, modes, site, slot, radio, mode]: About): Patch[] {
  const codes = modes[mode].recall!.codes!;
  const table = codes.of(plan.codeplugs[radio.id]!);
  const at = (...path: string[]) => toPointer(['codeplugs', radio.id, ...codes.path, ...path]);
  const id = freeId(`code-${slot.id}`.slice(0, 50), (taken) => taken in table.byId);
  const fit = nameFitter(
    nameRules(plan, radio),
    rows(table).map((one) => one.name),
  );
  const recalls = { siteId: site.id, slotId: slot.id };
  const row = {
    id,
    name: fit({ name: titleOf(plan, site, slot), qualifier: site.name }),
    code: slot.calls[mode],
    recalls,
  };
  return [
    { op: 'add', path: at('byId', id), value: row },
    { op: 'add', path: at('order', '-'), value: id },
  ];
}

function channelPatches(...[plan, modes, site, slot, radio, mode]: About): Patch[] {
  const { blank, send, along } = modes[mode].recall!.channel!;
  const codeplug = plan.codeplugs[radio.id]!;
  const call = slot.calls[mode];
  const values = structuredClone(blank(site));
  send(values, call);
  const { id, name, patches } = addedChannel(plan, radio, codeplug, {
    base: `ch-recall-${slot.id}-${mode}`.slice(0, 50),
    name: titleOf(plan, site, slot),
    power: lowestOf(radio),
    site,
    values,
    // A mode that recalls by codes has no such channel.
    destination: { mode, kind: 'recall', siteId: site.id, slotId: slot.id } as Destination,
  });
  return [...patches, ...zonePatches(plan, site, radio, id), ...(along?.(plan, radio, codeplug, call, name) ?? [])];
}

/** Into the zone for recalls of that hotspot, which is made where there is none yet; nowhere where no zone has room. */
function zonePatches(plan: Plan, site: Hotspot, radio: Radio, channelId: string): Patch[] {
  const { zones } = plan.codeplugs[radio.id]!;
  const all = rows(zones);
  const at = (...path: string[]) => toPointer(['codeplugs', radio.id, 'zones', ...path]);
  const base = `zn-recall-${site.id}`.slice(0, 50);
  const isMine = ({ id }: { id: string }) => id === base || id.startsWith(`${base}-`);
  const there = all.find((one) => isMine(one) && one.channelIds.length < roomIn(radio.limits.channelsPerZone));
  if (there) return [{ op: 'add', path: at('byId', there.id, 'channelIds', '-'), value: channelId }];
  if (all.length >= roomIn(radio.limits.zones)) {
    const other = all.find((one) => one.channelIds.length < roomIn(radio.limits.channelsPerZone));
    return other ? [{ op: 'add', path: at('byId', other.id, 'channelIds', '-'), value: channelId }] : [];
  }
  const id = freeId(base, (taken) => taken in zones.byId);
  const name = nameFitter(
    nameRules(plan, radio),
    all.map((one) => one.name),
  )({ name: 'Recall', qualifier: site.name });
  return [
    { op: 'add', path: at('byId', id), value: newZone(id, name, [channelId]) },
    { op: 'add', path: at('order', '-'), value: id },
  ];
}
