/** The FM pairs of each hop: a call stays at the site, so there is nothing beyond it. */
import { fact, mustEqual } from '../../path/fact';
import type { Fact, PathContext } from '../../path/types';
import { isStandardTone, nearestTone, type ToneText } from '../../units/tones';
import type { ModeTrace } from '../../path/mode-path';

function tableFact(tone: ToneText | null): Fact[] {
  return tone === null || isStandardTone(tone) ? [] : [fact('tone-value', tone, nearestTone(tone), false, 'doubtful')];
}

function radio({ radio, channel }: PathContext<'fm'>): Fact[] {
  const { toneTx, toneRx, widthHz } = channel.fm;
  const widths = radio.fm?.widthsHz ?? [];
  return [
    ...tableFact(toneTx),
    ...(toneRx === toneTx ? [] : tableFact(toneRx)),
    // A radio without FM is told of once, as that.
    ...(radio.fm
      ? [
          fact(
            'width-in-radio',
            widthHz,
            widths.includes(widthHz) ? widthHz : (widths[0] ?? null),
            widths.includes(widthHz),
          ),
        ]
      : []),
  ];
}

function air({ channel, site }: PathContext<'fm'>): Fact[] {
  return site?.fm ? [mustEqual('width', channel.fm.widthHz, site.fm.widthHz, 'doubtful')] : [];
}

/** A site that needs a tone stays shut without it; one that needs none does not mind. */
function site({ channel, site }: PathContext<'fm'>): Fact[] {
  if (!site?.fm) return [];
  const { toneIn } = site.fm;
  return [fact('tone', channel.fm.toneTx, toneIn, toneIn === null || channel.fm.toneTx === toneIn)];
}

/** The radio's squelch opens on its tone only: one that the site is not known to send keeps it shut. */
function replySite({ channel, site }: PathContext<'fm'>): Fact[] {
  if (!site?.fm) return [];
  const { toneRx } = channel.fm;
  return [fact('tone-heard', toneRx, site.fm.toneOut, toneRx === null || toneRx === site.fm.toneOut)];
}

export const trace: ModeTrace<'fm'> = {
  radio,
  air,
  site,
  beyond: null,
  destination: () => [],
  replySite,
  replyRadio: () => [],
  astray: () => false,
};
