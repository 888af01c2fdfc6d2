/** The FM pairs of each hop: a call stays at the site, so there is nothing beyond it. */
import { fact, mustMatch, unsaid } from '../../path/fact';
import { isSent } from '../../path/purpose';
import type { Fact, PathContext } from '../../path/types';
import { isStandardTone, nearestTone, sameTone, toneFor, type ToneText } from '../../units/tones';
import type { FmSiteFields } from '../../plan/modes/fm/types';
import type { ChannelOf } from '../../plan/types';
import type { ModeTrace } from '../../path/mode-path';

function tableFact(tone: ToneText | null): Fact[] {
  return tone === null || isStandardTone(tone) ? [] : [fact('tone-value', tone, nearestTone(tone), false, 'doubtful')];
}

function radio({ radio, channel, purpose }: PathContext<'fm'>): Fact[] {
  const { toneTx, toneRx, widthHz } = channel.fm;
  const widths = radio.fm?.widthsHz ?? [];
  return [
    ...(isSent(purpose) ? tableFact(toneTx) : []),
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
  return site?.fm ? [mustMatch('width', channel.fm.widthHz, site.fm.widthHz, 'doubtful')] : [];
}

/** A site that needs a tone stays shut without it; one that needs none does not mind. */
function site({ channel, site }: PathContext<'fm'>): Fact[] {
  if (!site?.fm) return [];
  const { toneIn } = site.fm;
  const { toneTx } = channel.fm;
  if (toneIn === null) return [unsaid('tone', toneTx)];
  const wanted = toneFor(toneIn);
  return [fact('tone', toneTx, wanted, wanted === null || sameTone(toneTx, wanted))];
}

/** Whether a channel opens on the tone that its site needs, and sends none. */
export function isOnWrongSide({ fm: { toneTx, toneRx } }: ChannelOf<'fm'>, { toneIn }: FmSiteFields): boolean {
  const wanted = toneFor(toneIn);
  return toneTx === null && wanted !== null && sameTone(toneRx, wanted);
}

/** The radio's squelch opens on its tone only: one that the site does not send keeps it shut. */
function replySite({ channel, site }: PathContext<'fm'>): Fact[] {
  if (!site?.fm) return [];
  const { toneRx } = channel.fm;
  // The access tone on the receiving side is one fault, told at the tone that is sent.
  if (toneRx === null || isOnWrongSide(channel, site.fm)) return [];
  const { toneOut } = site.fm;
  if (toneOut === null) return [unsaid('tone-heard', toneRx)];
  return [fact('tone-heard', toneRx, toneFor(toneOut), sameTone(toneRx, toneFor(toneOut)))];
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
