import { hotspotsOf } from '../../plan/sites';
import type { ModeFresh } from '../mode';
import type { Radio } from '../../plan/types';
import { GROUP_ID_OPEN } from './limits';
import { roomNetworks } from './rooms';

/** Five categories of twenty rooms, sixteen characters: usual for a handheld. Where there is one network of rooms, a hotspot reaches it. */
export const fresh: ModeFresh<'c4fm'> = {
  radio: ({ station }) => ({ callSign: station.callSign, rooms: { categories: 5, perCategory: 20, nameLength: 16 }, dtmfMemories: 0 }),
  site(plan, site) {
    const networks = roomNetworks(plan);
    return { groupIdIn: GROUP_ID_OPEN, groupIdOut: GROUP_ID_OPEN, voice: null, networkIds: site.kind === 'hotspot' && networks.length === 1 ? [networks[0]!.id] : [] };
  },
  network(plan, networkId) {
    for (const { c4fm } of hotspotsOf(plan)) if (c4fm?.networkIds.length === 0) c4fm.networkIds.push(networkId);
  },
};

export function knownAs({ c4fm }: Radio): string {
  if (!c4fm) return '';
  return c4fm.callSign.trim() || 'sends no call sign';
}
