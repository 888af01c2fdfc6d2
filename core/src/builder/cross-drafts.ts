/** The channels that a want takes: its own mode's, or a cross-mode one where the radio has not the mode and the hotspot carries it. */
import { usualPower } from '../plan/power';
import { airModeFor } from '../path/cross-mode';
import { effectiveProfile } from '../plan/profiles';
import type { Destination, Plan, Radio, Site } from '../plan/types';
import type { BuildingMode, BuildModes } from './mode-build';
import type { ChannelDraft } from './types';

/** A call of one mode for what is on a network of another; `airModeFor` has said that it can be reached. */
function crossDraft(
  plan: Plan,
  modes: BuildModes,
  site: Site,
  destination: Extract<Destination, { networkId: string }>,
  air: BuildingMode,
): ChannelDraft {
  const entry = modes[destination.mode].cross!.entry(plan, destination)!;
  const values = { ...air.blankChannel(site), name: entry.name, power: usualPower(site) };
  air.cross!.ask(values, entry.digits);
  return {
    values,
    title: entry.name,
    destination,
    address: `${air.name} ${entry.digits}`,
    use: 'talk',
    networkId: destination.networkId,
    siteId: site.id,
  };
}

/**
 * What a want takes on its radio: the drafts of its own mode, or of one whose calls the site carries cross-mode.
 * Empty where neither is possible.
 */
export function draftsFor(
  plan: Plan,
  modes: BuildModes,
  radio: Radio,
  site: Site,
  destination: Destination,
): ChannelDraft[] {
  const own = modes[destination.mode];
  const air =
    modes[airModeFor({ plan, modes }, { radio, site, profile: effectiveProfile(plan, site.id) }, destination)];
  return air.id === own.id || !('networkId' in destination)
    ? own.build.channels(plan, site, destination)
    : [crossDraft(plan, modes, site, destination, air)];
}
