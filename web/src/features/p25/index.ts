import type { Network } from '@relay/core/plan/types';
import type { ModeParts } from '../modes/parts';
import NetworkForm from './NetworkForm.vue';
import ProfileFields from './ProfileFields.vue';
import RadioFields from './RadioFields.vue';
import SiteFields from './SiteFields.vue';

export const parts: ModeParts<'p25'> = {
  RadioFields,
  SiteFields,
  ProfileFields,
  NetworkForm,
  network: {
    kind: 'a P25 network',
    name: 'P25',
    holds: (network: Network) => [network.mode === 'p25' ? network.groups.order.length : 0, 'group'],
  },
};
