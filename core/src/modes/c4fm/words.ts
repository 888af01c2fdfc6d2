/** How C4FM operators read a gateway. */
import type { ModeWords } from '../mode';

export const words: ModeWords<'c4fm'> = {
  shown: { radio: ['c4fm-call-sign'], air: ['voice', 'receive'], site: ['group-id', 'group-id-heard'], gateway: ['room-network', 'connect', 'room-number'], network: ['room-number'] },
  gateway: ({ site }) => (site?.c4fm ? `${site.name} gateway` : 'no gateway'),
  network: () => 'no room',
  read: () => null,
};
