/** How FM operators read a tone and a width. */
import type { FactWords, ModeWords } from '../../path/mode-path';
import type { FmFacts } from '../../plan/modes/fm/types';
import { toneWords } from '../../units/tones';

const widthWords = (hz: number | null): string => (hz === null ? 'none' : `${hz / 1000} kHz`);

const facts: { readonly [K in keyof FmFacts]: FactWords<K> } = {
  tone: { name: 'tone', read: toneWords },
  'tone-heard': { name: 'opens on', read: toneWords },
  'tone-value': { name: 'tone', read: toneWords },
  width: { name: 'width', read: widthWords },
  'width-in-radio': { name: 'width', read: widthWords },
};

export const words: ModeWords<'fm'> = {
  facts,
  shown: { air: ['width'], site: ['tone'] },
  gateway: () => '',
  arrival: (_index, site) => ({ address: 'FM', short: 'FM', name: `who hears ${site.name}` }),
};
