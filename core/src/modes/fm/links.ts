/** FM goes nowhere but to whoever hears the site. */
import type { DestinationInfo } from '../../builder/mode-build';
import type { PathContext } from '../../path/types';
import type { ArrivalOf, Destination, Plan, Site } from '../../plan/types';
import { NO_TONE, toneWords } from '../../units/tones';

export const LOCAL: DestinationInfo = {
  destination: { mode: 'fm', kind: 'local' },
  name: 'FM, whoever hears the site',
  address: 'FM',
  category: 'local',
  use: 'talk',
};

/** An FM call stays at the site; `null` where there is none. */
export function route({ site }: PathContext<'fm'>): ArrivalOf<'fm'> | null {
  return site && { mode: 'fm', networkId: null };
}

/** How FM can be reached through a site: its tone; `null` where it has no FM. */
export function offer(_plan: Plan, site: Site, destination: Destination): string | null {
  if (destination.kind !== 'local' || !site.fm) return null;
  return site.fm.toneIn === null ? 'tone not said' : site.fm.toneIn === NO_TONE ? '' : toneWords(site.fm.toneIn);
}
