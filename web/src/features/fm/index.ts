import type { ModeParts } from '../modes/parts';
import RadioFields from './RadioFields.vue';
import SiteFields from './SiteFields.vue';

export const parts: ModeParts<'fm'> = { RadioFields, SiteFields };
