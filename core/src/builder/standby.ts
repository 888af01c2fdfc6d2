/**
 * “Ready, silent”: what a profile of a hotspot, and the radios that speak to it, take so that nothing is heard until a
 * radio calls, in any mode, and every radio can leave again what it called. Common practice: all networks up, nothing
 * linked at start, no static groups, 20 s of hang time.
 */
import { current, isDraft } from 'immer';
import { networkModesOf } from '../path/mode-path';
import { radioTunes } from '../path/common-facts';
import { indexPlan, trace } from '../path/plan-index';
import { listensFor } from '../plan/carriage';
import { newNetwork } from '../plan/create';
import { destinationKey } from '../plan/destination-key';
import { diff } from '../plan/diff';
import { GOOD_HANG_S, SHORT_HANG_S } from '../plan/hang';
import { switchMode } from '../plan/hotspot';
import { dataOf } from '../plan/modes';
import { networksOf } from '../plan/networks';
import { applyInPlace } from '../plan/patches';
import { editProfile, effectiveProfile } from '../plan/profiles';
import { freeId, putRow, removeRow, rows } from '../plan/table';
import type { Hotspot, Id, NetworkModeId, Plan, ProfileValues, Radio } from '../plan/types';
import { type Accept, buildInPlace } from './build';
import type { BuildingMode, BuildModes } from './mode-build';
import type { BuildItem } from './types';

interface Work {
  plan: Plan;
  modes: BuildModes;
  site: Hotspot;
  profileId: Id;
  accept: Accept;
  items: BuildItem[];
  /** Wants that were added for ways out, whether or not their channels are taken. */
  wantIds: Set<Id>;
}

type NetworkMode = BuildingMode & { id: NetworkModeId };

const values = ({ plan, site, profileId }: Work) => effectiveProfile(plan, site.id, profileId)!;
const networkModes = ({ modes }: Work) => networkModesOf(modes) as NetworkMode[];

function offer(work: Work, item: Omit<BuildItem, 'handMade'>, act: () => void): boolean {
  const line: BuildItem = { ...item, handMade: false };
  work.items.push(line);
  const taken = work.accept(line);
  if (taken) act();
  return taken;
}

function set(work: Work, field: string, from: string, to: string, recipe: (of: ProfileValues) => void): void {
  const { plan, site, profileId } = work;
  offer(work, { id: `standby:${field}`, kind: 'set-profile', subject: site.name, field, from, to }, () =>
    editProfile(plan, site.id, recipe, profileId),
  );
}

/** Radios that could speak to the hotspot in a mode. */
const radiosIn = ({ plan, site }: Work, mode: NetworkModeId): Radio[] =>
  rows(plan.radios).filter(
    (radio) => radio[mode] !== null && radioTunes(radio, site.rxHz) && radioTunes(radio, site.txHz),
  );

/** Every mode that a radio speaks is on, with a network where one is needed to leave by. */
function switchModesOn(work: Work): void {
  const { plan, site, profileId } = work;
  for (const mode of networkModes(work)) {
    if (radiosIn(work, mode.id).length === 0) continue;
    if (!listensFor(values(work), mode.id)) {
      const item = { id: `standby:${mode.id}`, kind: 'set-profile' as const, subject: site.name, field: mode.name };
      offer(work, { ...item, from: 'off', to: 'on' }, () => switchMode(plan, site.id, mode.id, true, profileId));
    }
    if (mode.ways!.out(plan, site).length === 0 && networksOf(plan, mode.id).length === 0) {
      const id = freeId(mode.id, (taken) => taken in plan.networks.byId);
      const network = newNetwork(mode.id, id, `${mode.name} network`, plan);
      const to = `${network.name}, to be named`;
      offer(
        work,
        { id: `network:${mode.id}`, kind: 'add-network', subject: mode.name, field: '', from: '', to },
        () => {
          putRow(plan.networks, network);
          dataOf(mode.id).blanks.networkAdded?.(plan, id);
        },
      );
    }
    // What leaves by a network needs the hotspot to be on it.
    const [first] = networksOf(plan, mode.id);
    const [any] = first && mode.ways!.out(plan, site).length === 0 ? mode.destinations(first) : [];
    if (any)
      mode.build.profile?.(plan, site.id, [any.destination], (field, from, to, act) =>
        offer(work, { id: `standby:${field}`, kind: 'set-profile', subject: site.name, field, from, to }, act),
      );
  }
}

function takeLinksOut(work: Work): void {
  const { plan, modes, site } = work;
  for (const mode of networkModes(work)) {
    const index = indexPlan(plan, { modes });
    for (const { what, out } of mode.standing?.(index, site) ?? [])
      set(work, `${mode.name} ${what}`, 'from the start', 'when it is called', out);
  }
}

function setTimes(work: Work): void {
  const { hang, modeHang } = values(work);
  const isShort = (seconds: number | null) => seconds === null || seconds < SHORT_HANG_S;
  const words = (seconds: number | null) => (seconds === null ? 'not said' : `${seconds} s`);
  for (const [key, side] of [
    ['radioS', 'radio side'],
    ['networkS', 'network side'],
  ] as const) {
    if (isShort(hang[key]))
      set(work, `hang time, ${side}`, words(hang[key]), `${GOOD_HANG_S} s`, (of) => {
        of.hang = { ...of.hang, [key]: GOOD_HANG_S };
      });
  }
  for (const mode of networkModes(work)) {
    const own = modeHang[mode.id];
    const short = own && [own.radioS, own.networkS].find((one) => one !== null && one < SHORT_HANG_S);
    if (short !== null && short !== undefined)
      set(work, `hang time of ${mode.name}`, words(short), 'as common', (of) => void (of.modeHang[mode.id] = null));
  }
}

/** The channels by which radios leave: each is wanted, so that building keeps them. */
function addWaysOut(work: Work): void {
  const { plan, modes, site } = work;
  const index = indexPlan(plan, { modes });
  for (const mode of networkModes(work)) {
    if (!listensFor(values(work), mode.id)) continue;
    for (const radio of radiosIn(work, mode.id)) {
      const mine = rows(plan.codeplugs[radio.id]!.channels)
        .filter((channel) => channel.siteId === site.id && channel.mode === mode.id)
        .map((channel) => trace(index, radio.id, channel.id).context);
      for (const destination of mode.ways!.out(plan, site)) {
        const key = destinationKey(destination);
        const isWanted = rows(plan.wants).some(
          (want) => want.radioId === radio.id && want.siteId === site.id && destinationKey(want.destination) === key,
        );
        if (isWanted || mine.some((context) => mode.ways!.leaves(context, destination))) continue;
        const id = freeId(`out-${radio.id}-${mode.id}`.slice(0, 50), (taken) => taken in plan.wants.byId);
        putRow(plan.wants, { id, destination, radioId: radio.id, siteId: site.id });
        work.wantIds.add(id);
      }
    }
  }
}

/** What is added for ways out; to change or remove what is there is another matter. */
const FOR_WAYS_OUT: readonly BuildItem['kind'][] = ['add-channel', 'add-contact', 'add-to-zone'];

/** Builds what the ways out need, and nothing that is wanted besides. */
function buildWaysOut(work: Work): void {
  const { plan, modes, wantIds, items, accept } = work;
  if (wantIds.size === 0) return;
  const isMine = ({ kind }: BuildItem) => FOR_WAYS_OUT.includes(kind);
  const all = buildInPlace(plan, modes, (item) => isMine(item) && accept(item), wantIds);
  items.push(...all.filter(isMine));
  for (const want of wantIds)
    if (!Object.values(plan.codeplugs).some(({ channels }) => rows(channels).some((one) => one.wantId === want)))
      removeRow(plan.wants, want);
}

/** Works in a plain copy. @returns every line, taken or not */
function standbyInPlace(plan: Plan, modes: BuildModes, siteId: Id, profileId: Id, accept: Accept): BuildItem[] {
  const site = plan.sites.byId[siteId] as Hotspot;
  const { activeProfileId, rxHz, txHz } = site;
  const work: Work = { plan, modes, site, profileId, accept, items: [], wantIds: new Set() };
  // Channels and links are looked at as if the hotspot ran that profile.
  Object.assign(site, { activeProfileId: profileId, ...values(work).frequencies });
  if (!values(work).standby) set(work, 'standby', 'off', 'on', (of) => void (of.standby = true));
  switchModesOn(work);
  takeLinksOut(work);
  setTimes(work);
  if (values(work).announcements === true)
    set(work, 'announcements', 'on', 'off', (of) => void (of.announcements = false));
  addWaysOut(work);
  buildWaysOut(work);
  if (activeProfileId !== profileId) Object.assign(site, { activeProfileId, rxHz, txHz });
  return work.items;
}

/** What standby would change, line by line, nothing carried out. Later lines assume the earlier ones. */
export function proposeStandby(plan: Plan, modes: BuildModes, siteId: Id, profileId: Id): BuildItem[] {
  return standbyInPlace(structuredClone(plan), modes, siteId, profileId, () => true);
}

/** A recipe for `edit`: carries out the lines that `accept` takes. */
export function carryOutStandby(
  modes: BuildModes,
  siteId: Id,
  profileId: Id,
  accept: Accept = () => true,
): (draft: Plan) => void {
  return (draft) => {
    const before = isDraft(draft) ? current(draft) : draft;
    const after = structuredClone(before);
    standbyInPlace(after, modes, siteId, profileId, accept);
    applyInPlace(draft, diff(before, after));
  };
}
