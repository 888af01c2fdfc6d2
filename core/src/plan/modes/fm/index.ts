import type { ModeData } from '../../mode-data';
import { blanks } from './blanks';
import { keys } from './keys';
import { references } from './references';

export const fm: ModeData<'fm'> = { name: 'FM', blanks, own: [], keys, records: [], references };
