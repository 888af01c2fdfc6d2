/** The two tones of a channel, for every mode whose radios send or open for one. */
import type { FactKey } from '../path/types';
import type { ModeId, ValuesOf } from '../plan/types';
import { nearestTone, readToneText, sameTone, TONE_PATTERN, type ToneText } from '../units/tones';
import type { ChannelField, Reading } from './channel-field';
import { refused } from './reading';

type Side = 'toneTx' | 'toneRx';

export interface ToneAccess<M extends ModeId> {
  get(values: ValuesOf<M>, side: Side): ToneText | null;
  put(to: ValuesOf<M>, side: Side, tone: ToneText | null): void;
  /** Where a channel opens for no tone at all, none is shown; one that is set all the same is. */
  hides?(values: ValuesOf<M>): boolean;
}

const NO_TONE = 'none';
const STORED_TONE = new RegExp(TONE_PATTERN);

function readTone<M extends ModeId>(text: string, put: (to: ValuesOf<M>, tone: ToneText | null) => void): Reading<M> {
  const tone = readToneText(text);
  if (tone !== undefined) return { put: (to) => put(to, tone) };
  const hertz = /\d{2,3}(?:[.,]\d)?/.exec(text)?.[0].replace(',', '.');
  const near =
    hertz && Number(hertz) > 60 && Number(hertz) < 260 && !/^d/i.test(text.trim()) ? nearestTone(hertz) : undefined;
  return refused(`“${text}”`, 'a CTCSS tone such as 110.9, a DCS code such as D023N, or none', near);
}

/** Sent and heard; `facts`: the pairs of a path that show whether each agrees. */
export function toneFields<M extends ModeId>(
  facts: { sent: FactKey; heard: FactKey | null },
  { get, put, hides }: ToneAccess<M>,
): ChannelField<M>[] {
  const field = (id: string, title: string, order: number, fact: FactKey | null, side: Side): ChannelField<M> => {
    const take = (text: string): Reading<M> =>
      readTone(hides && text.trim() === '' ? NO_TONE : text, (to, tone) => put(to, side, tone));
    return {
      id,
      title,
      weight: side === 'toneTx' ? 5 : 3,
      same: (one, _, other) => sameTone(get(one, side), get(other, side)),
      kind: 'text',
      order,
      width: 86,
      facts: fact === null ? [] : [fact],
      expected: ({ expects }) => (typeof expects === 'string' ? expects : NO_TONE),
      show: (one) => get(one, side) ?? (hides?.(one) ? '' : NO_TONE),
      read: take,
      copy: (to, from) => put(to, side, get(from, side)),
      readStored: (text) => (STORED_TONE.test(text) ? { put: (to) => put(to, side, text) } : take(text)),
    };
  };
  return [
    field('tone-tx', 'Tone sent', 185, facts.sent, 'toneTx'),
    field('tone-rx', 'Tone heard', 350, facts.heard, 'toneRx'),
  ];
}
