import type { ModeData } from '../../mode-data';
import { blanks } from './blanks';
import { keys } from './keys';
import { references } from './references';
import { schemas } from './schema';
import { upgrade } from './upgrade';

export const fm: ModeData<'fm'> = { name: 'FM', schemas, blanks, own: [], keys, records: [], references, upgrade };
