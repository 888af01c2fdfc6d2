import type { ModeData } from '../../mode-data';
import { blanks } from './blanks';
import { keys } from './keys';
import { references } from './references';

export const dstar: ModeData<'dstar'> = {
  name: 'D-STAR',
  blanks,
  own: ['my', 'suffix'],
  keys,
  records: [],
  references,
};
