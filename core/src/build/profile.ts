/** Wants → what each hotspot must be set to: its modes and crossings on, and whatever they need to reach the network. */
import { modeOfDestination, MODES } from '../modes/registry';
import type { Mode } from '../modes/mode';
import { airModeFor, crossingOf, crossingWords } from '../path/crossing';
import { hotspotsOf } from '../plan/sites';
import { rows } from '../plan/table';
import type { Crossing, Destination, Hotspot, NetworkModeId, Plan, Profile } from '../plan/types';
import type { BuildItem, OfferSetting } from './types';

interface Wished {
  destination: Destination;
  /** The mode of its network, and the one that is on the air. */
  own: Mode;
  air: Mode;
}

function wishedAt(plan: Plan, site: Hotspot): Wished[] {
  return rows(plan.wants).filter((want) => want.siteId === site.id).map(({ destination, radioId }) => {
    const own = modeOfDestination(plan, destination);
    return { destination, own, air: MODES[airModeFor(plan, plan.radios.byId[radioId]!, site, destination, own.id)] };
  });
}

function switchOn(profile: Profile, mode: Mode, offer: OfferSetting): void {
  const switched = mode.id as keyof typeof profile.modes;
  if (switched in profile.modes && !profile.modes[switched]) offer(`mode ${mode.name}`, 'off', 'on', () => (profile.modes[switched] = true), true);
}

/** The crossings that are wished for, each with what is wanted by it. */
function crossingsOf(wished: readonly Wished[]): Map<Crossing, { own: Mode; wanted: Destination[] }> {
  const found = new Map<Crossing, { own: Mode; wanted: Destination[] }>();
  for (const { destination, own, air } of wished) {
    if (air === own) continue;
    const id = crossingOf(air.id, own.id as NetworkModeId);
    const there = found.get(id) ?? { own, wanted: [] };
    there.wanted.push(destination);
    found.set(id, there);
  }
  return found;
}

export function buildProfiles(plan: Plan, offer: (item: BuildItem, act: () => void) => boolean): void {
  for (const site of hotspotsOf(plan)) {
    const wished = wishedAt(plan, site);
    const profile = plan.profiles[site.id]!;
    const offerSetting: OfferSetting = (field, from, to, act, handMade = false) =>
      offer({ id: `profile:${site.id}:${field}`, kind: 'set-profile', subject: site.name, field, from, to, handMade }, act);
    for (const mode of Object.values(MODES)) {
      if (wished.some((one) => one.air === mode)) switchOn(profile, mode, offerSetting);
      const mine = wished.filter((one) => one.own === mode && one.air === mode).map((one) => one.destination);
      if (mine.length > 0) mode.build.profile(plan, site.id, mine, offerSetting);
    }
    for (const [id, { own, wanted }] of crossingsOf(wished)) {
      if (!profile.crossings.includes(id)) offerSetting(`crossing ${crossingWords(id)}`, 'off', 'on', () => profile.crossings.push(id), true);
      own.cross?.profile?.(plan, site.id, wanted, offerSetting);
    }
  }
}
