/** What a rule of a zone says, in a line. */
import { MODES } from '@relay/core/registries/modes';
import type { Plan, ZoneRule, ZoneSource } from '@relay/core/plan/types';
import { ORDER_WORDS } from './use-rack';

export const SOURCE_TITLES: Readonly<Record<ZoneSource['kind'], string>> = {
  near: 'Sites near a place',
  along: 'Sites along a trip',
  home: 'My own hotspots',
  network: 'What a network carries',
  purpose: 'Channels for one purpose',
};

function sourceWords(plan: Plan, from: ZoneSource): string {
  switch (from.kind) {
    case 'near':
      return `within ${from.withinKm} km of ${from.centre ? `${from.centre.lat}, ${from.centre.lon}` : 'the station'}`;
    case 'along':
      return `within ${from.withinKm} km of a trip of ${from.points.length} places`;
    case 'home':
      return 'through my own hotspots';
    case 'network':
      return `on ${plan.networks.byId[from.networkId]?.name ?? 'a network that is gone'}`;
    case 'purpose':
      return `for ${from.purpose}`;
  }
}

/** `DMR and FM within 50 km of the station, by distance`. */
export function ruleWords(plan: Plan, { from, modes, order }: ZoneRule): string {
  const which = modes.length === 0 ? 'Everything' : modes.map((mode) => MODES[mode].name).join(' and ');
  return `${which} ${sourceWords(plan, from)}, ${ORDER_WORDS[order]}`;
}
