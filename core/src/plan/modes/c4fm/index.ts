import type { ModeData } from '../../mode-data';
import { blanks } from './blanks';
import { keys } from './keys';
import { records } from './records';
import { references } from './references';
import { schemas } from './schema';
import { upgrade } from './upgrade';

export const c4fm: ModeData<'c4fm'> = {
  name: 'C4FM',
  schemas,
  blanks,
  own: ['callSign'],
  keys,
  records,
  references,
  upgrade,
};
