/** FM goes nowhere but to whoever hears the site. */
import type { Arrival, PathContext } from '../../path/types';
import type { Destination, Plan, Site } from '../../plan/types';
import { toneWords } from '../../radio-math/tones';
import type { DestinationInfo } from '../mode';

export const LOCAL: DestinationInfo = { destination: { kind: 'local', mode: 'fm' }, name: 'FM, whoever hears the site', address: 'FM', category: 'local', use: 'talk' };

/** No network carries FM here. */
export function destinations(): DestinationInfo[] {
  return [];
}

export function route({ site }: PathContext<'fm'>): Arrival | null {
  return site && { networkId: null, address: 'FM', short: 'FM', name: `who hears ${site.name}` };
}

export function offer(_plan: Plan, site: Site, destination: Destination): string | null {
  if (destination.kind !== 'local' || !site.fm) return null;
  return site.fm.toneIn === null ? '' : toneWords(site.fm.toneIn);
}
