import type { Network } from '@relay/core/plan/types';
import type { ModeParts } from '../modes/parts';
import ChannelPanel from './ChannelPanel.vue';
import NetworkForm from './NetworkForm.vue';
import ProfileFields from './ProfileFields.vue';
import RadioFields from './RadioFields.vue';
import SiteFields from './SiteFields.vue';

export const parts: ModeParts<'c4fm'> = {
  RadioFields,
  SiteFields,
  ProfileFields,
  ChannelPanel,
  NetworkForm,
  network: {
    kind: 'a network of rooms',
    name: 'Rooms',
    holds: (network: Network) => [network.mode === 'c4fm' ? network.rooms.order.length : 0, 'room'],
  },
};
