/** Everything a hotspot is set to in one of its profiles, with the modes that are handed in. */
import type { Modes } from '../path/mode-path';
import { effectiveProfile } from '../plan/profiles';
import type { Id, ModeId, Plan } from '../plan/types';
import { commonSettings } from './common';
import { type ModeSettings, SECTIONS, type Setting } from './setting';

/** The modes as they are handed in. */
export type SettingModes = Modes & Readonly<Record<ModeId, { settings?: ModeSettings }>>;

/**
 * In the order in which one depends on another. `profileId`: the one that the hotspot runs where none is given.
 * @throws Error for a site that is no hotspot, or has no such profile
 */
export function settingsOf(plan: Plan, siteId: Id, modes: SettingModes, profileId?: Id): Setting[] {
  const site = plan.sites.byId[siteId];
  const values = effectiveProfile(plan, siteId, profileId);
  if (site?.kind !== 'hotspot' || !values) throw new Error(`The plan has no hotspot “${siteId}”.`);
  const of = { plan, site, values, profileId: profileId ?? site.activeProfileId };
  const all = [
    ...commonSettings(of, modes),
    ...Object.values(modes).flatMap((mode) => (site[mode.id] === null ? [] : (mode.settings?.(of) ?? []))),
  ];
  return SECTIONS.flatMap((section) => all.filter((one) => one.section === section));
}
