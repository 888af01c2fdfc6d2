/** Wants → what each hotspot must be set to: its modes and cross-mode pairs on, and whatever they need to reach the network. */
import { airModeFor, crossWords } from '../path/cross-mode';
import type { CrossPair } from '../path/types';
import { pairOf, setPair } from '../plan/carriage';
import { editProfile, effectiveProfile } from '../plan/profiles';
import { hotspotsOf } from '../plan/sites';
import { rows } from '../plan/table';
import type { Destination, Hotspot, Id, NetworkModeId, Plan } from '../plan/types';
import type { BuildingMode, BuildModes } from './mode-build';
import type { Offer, OfferSetting } from './types';

interface Wished {
  destination: Destination;
  /** The mode of its network, and the one that is on the air. */
  own: BuildingMode;
  air: BuildingMode;
}

function wishedAt(plan: Plan, modes: BuildModes, site: Hotspot): Wished[] {
  const profile = effectiveProfile(plan, site.id);
  return rows(plan.wants)
    .filter((want) => want.siteId === site.id)
    .map(({ destination, radioId }) => {
      const air = airModeFor({ plan, modes }, { radio: plan.radios.byId[radioId]!, site, profile }, destination);
      return { destination, own: modes[destination.mode], air: modes[air] };
    });
}

function switchOn(plan: Plan, siteId: Id, mode: BuildingMode, offer: OfferSetting): void {
  const id = mode.id as NetworkModeId;
  if (mode.trace.beyond === null || pairOf(effectiveProfile(plan, siteId)!, id, id).on) return;
  // What it has not got can be switched on all the same: the path then says what is missing.
  offer(
    `mode ${mode.name}`,
    'off',
    'on',
    () => editProfile(plan, siteId, (values) => setPair(values, id, id, { on: true })),
    true,
  );
}

/** The cross-mode pairs that are wished for, each with what is wanted by it. */
function crossingsOf(wished: readonly Wished[]): { pair: CrossPair; own: BuildingMode; wanted: Destination[] }[] {
  const found = new Map<string, { pair: CrossPair; own: BuildingMode; wanted: Destination[] }>();
  for (const { destination, own, air } of wished) {
    if (air === own) continue;
    const key = `${air.id}-${own.id}`;
    const there = found.get(key) ?? {
      pair: { air: air.id as NetworkModeId, network: own.id as NetworkModeId },
      own,
      wanted: [],
    };
    there.wanted.push(destination);
    found.set(key, there);
  }
  return [...found.values()];
}

/**
 * Offers, for each hotspot, what its profile still lacks for the wants through it: modes on, cross-mode pairs on,
 * and what each mode adds.
 */
export function buildProfiles(plan: Plan, modes: BuildModes, offer: Offer): void {
  for (const site of hotspotsOf(plan)) {
    const wished = wishedAt(plan, modes, site);
    const offerSetting: OfferSetting = (field, from, to, act, handMade = false) =>
      offer(
        { id: `profile:${site.id}:${field}`, kind: 'set-profile', subject: site.name, field, from, to, handMade },
        act,
      );
    for (const mode of Object.values(modes)) {
      if (wished.some((one) => one.air === mode)) switchOn(plan, site.id, mode, offerSetting);
      const mine = wished.filter((one) => one.own === mode && one.air === mode).map((one) => one.destination);
      if (mine.length > 0) mode.build.profile?.(plan, site.id, mine, offerSetting);
    }
    for (const { pair, own, wanted } of crossingsOf(wished)) {
      const { air, network } = pair;
      const switchPair = () => editProfile(plan, site.id, (values) => setPair(values, air, network, { on: true }));
      if (!pairOf(effectiveProfile(plan, site.id)!, air, network).on)
        offerSetting(`cross-mode ${crossWords(modes, pair)}`, 'off', 'on', switchPair, true);
      own.build.profile?.(plan, site.id, wanted, offerSetting);
    }
  }
}
