import type { ModeData } from '../../mode-data';
import { blanks } from './blanks';
import { keys } from './keys';
import { records } from './records';
import { references } from './references';

export const dmr: ModeData<'dmr'> = { name: 'DMR', blanks, own: ['id'], keys, records, references };
