import type { ModeData } from '../../mode-data';
import { blanks } from './blanks';
import { keys } from './keys';
import { references } from './references';
import { schemas } from './schema';
import { upgrade } from './upgrade';

export const dstar: ModeData<'dstar'> = {
  name: 'D-STAR',
  schemas,
  blanks,
  own: ['my', 'suffix'],
  keys,
  records: [],
  references,
  upgrade,
};
