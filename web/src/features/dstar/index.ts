import type { Network } from '@relay/core/plan/types';
import type { ModeParts } from '../modes/parts';
import ChannelPanel from './ChannelPanel.vue';
import NetworkForm from './NetworkForm.vue';
import ProfileFields from './ProfileFields.vue';
import RadioFields from './RadioFields.vue';
import SiteFields from './SiteFields.vue';
import SiteListFile from './SiteListFile.vue';

export const parts: ModeParts<'dstar'> = {
  RadioFields,
  SiteFields,
  ProfileFields,
  ChannelPanel,
  RadioFile: { Row: SiteListFile, takes: (radio) => radio.dstar?.siteList != null },
  NetworkForm,
  network: {
    kind: 'a family of reflectors',
    name: 'Family',
    holds: (network: Network) => [network.mode === 'dstar' ? network.reflectors.order.length : 0, 'reflector'],
  },
};
