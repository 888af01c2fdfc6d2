import type { ModeData } from '../../mode-data';
import { blanks } from './blanks';
import { keys } from './keys';
import { references } from './references';

export const p25: ModeData<'p25'> = {
  name: 'P25',
  blanks,
  own: ['unitId'],
  keys,
  records: [],
  references,
};
