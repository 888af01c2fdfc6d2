/** The FM fields of a channel: as sheets and files show, read and compare them. */
import { LEAST } from '../../plan/power';
import type { ChannelField } from '../../codeplug/channel-field';
import { choice } from '../../codeplug/reading';
import { toneFields } from '../../codeplug/tone-fields';
import type { PathContext } from '../../path/types';
import type { Site, ValuesOf } from '../../plan/types';
import { toneFor } from '../../units/tones';
import type { FmWidthHz } from '../../plan/modes/fm/types';

/** Whether the channel of a path is of FM. */
export function isFmPath(context: PathContext): context is PathContext<'fm'> & PathContext {
  return context.channel.mode === 'fm';
}

/** Without a site on a frequency of none yet. */
export function blankChannel(site?: Site): ValuesOf<'fm'> {
  const { toneIn = null, widthHz = null } = site?.fm ?? {};
  return {
    name: 'New channel',
    mode: 'fm',
    rxHz: site?.txHz ?? 145_500_000,
    txHz: site?.rxHz ?? 145_500_000,
    power: LEAST,
    timeOutS: null,
    options: {},
    fm: { toneTx: toneFor(toneIn), toneRx: null, widthHz: widthHz ?? 12_500 },
  };
}

const WIDTHS: Readonly<Record<string, FmWidthHz>> = { '12.5': 12_500, '25': 25_000, narrow: 12_500, wide: 25_000 };

export const fields: readonly ChannelField<'fm'>[] = [
  ...toneFields<'fm'>(
    { sent: 'tone', heard: 'tone-heard' },
    { get: (one, side) => one.fm[side], put: (to, side, tone) => (to.fm = { ...to.fm, [side]: tone }) },
  ),
  {
    id: 'width',
    weight: 1,
    title: 'Width kHz',
    kind: 'text',
    order: 370,
    width: 78,
    options: () => ['12.5', '25'],
    facts: ['width'],
    expected: ({ expects }) => String(Number(expects) / 1000),
    show: (one) => String(one.fm.widthHz / 1000),
    read: (text) => choice<FmWidthHz, 'fm'>(text.replace(',', '.'), WIDTHS, (to, widthHz) => (to.fm.widthHz = widthHz)),
    copy: (to, from) => (to.fm = { ...to.fm, widthHz: from.fm.widthHz }),
  },
];
