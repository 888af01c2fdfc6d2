/** How FM operators read a tone and a width. */
import { toneWords } from '../../radio-math/tones';
import type { ModeWords } from '../mode';

export const words: ModeWords<'fm'> = {
  gateway: () => '',
  read(key, value) {
    if (key === 'tone' || key === 'tone-heard' || key === 'tone-value') return toneWords(value === null ? null : String(value));
    return null;
  },
};
