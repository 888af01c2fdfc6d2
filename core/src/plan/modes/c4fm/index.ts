import type { ModeData } from '../../mode-data';
import { blanks } from './blanks';
import { keys } from './keys';
import { records } from './records';
import { references } from './references';

export const c4fm: ModeData<'c4fm'> = {
  name: 'C4FM',
  blanks,
  own: ['callSign'],
  keys,
  records,
  references,
};
