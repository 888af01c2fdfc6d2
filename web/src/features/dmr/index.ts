import type { Network } from '@relay/core/plan/types';
import type { ModeParts } from '../modes/parts';
import NetworkForm from './NetworkForm.vue';
import ProfileFields from './ProfileFields.vue';
import RadioFields from './RadioFields.vue';
import SiteFields from './SiteFields.vue';

export const parts: ModeParts<'dmr'> = {
  RadioFields,
  SiteFields,
  ProfileFields,
  NetworkForm,
  network: {
    kind: 'a DMR network',
    name: 'Network',
    holds: (network: Network) => [network.mode === 'dmr' ? network.groups.order.length : 0, 'group'],
  },
};
