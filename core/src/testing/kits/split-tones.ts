/** Tones as programs say them that have a column for what is sent and heard, and others that hold tones and codes. */

export interface SplitColumn {
  field: 'tone-mode' | 'tone-kind-tx' | 'tone-kind-rx' | 'tone-tx' | 'tone-rx' | 'tone-code-tx' | 'tone-code-rx';
  /** In our words; of a row without tones the usual ones. */
  values: string[];
  isWord: boolean;
}

/** What stands in a column that does not count. */
const USUAL = { tone: '88.5', code: 'D023N' };

type Kind = 'none' | 'tone' | 'code';
const kindOf = (tone: string): Kind => (tone === 'none' ? 'none' : tone.startsWith('D') ? 'code' : 'tone');

const MODES: Readonly<Record<string, string>> = {
  'none none': 'none',
  'tone none': 'tone sent',
  'none tone': 'tone heard',
  'tone tone': 'tone both ways',
  'code none': 'code sent',
  'none code': 'code heard',
  'code code': 'code both ways',
  'tone code': 'tone sent, code heard',
  'code tone': 'code sent, tone heard',
};

/** `null`: a channel without tones. */
export function splitTones(
  way: 'one mode' | 'two kinds' | 'codes apart',
  pairs: readonly ({ sent: string; heard: string } | null)[],
): SplitColumn[] {
  const isApart = way === 'codes apart';
  const of = (side: 'sent' | 'heard') => pairs.map((pair) => pair?.[side] ?? 'none');
  const holding = (kind: 'tone' | 'code', tones: readonly string[]) =>
    tones.map((tone) => (kindOf(tone) === kind ? tone : isApart ? 'none' : USUAL[kind]));
  const [sent, heard] = [of('sent'), of('heard')];
  const kinds = (tones: readonly string[]) =>
    tones.map((tone) => (kindOf(tone) === 'code' && tone.endsWith('I') ? 'code inverted' : kindOf(tone)));
  const holders: SplitColumn[] = [
    { field: 'tone-tx', values: holding('tone', sent), isWord: false },
    { field: 'tone-rx', values: holding('tone', heard), isWord: false },
    { field: 'tone-code-tx', values: holding('code', sent), isWord: false },
    { field: 'tone-code-rx', values: holding('code', heard), isWord: false },
  ];
  if (isApart) return holders;
  if (way === 'one mode') {
    const values = sent.map((tone, at) => MODES[`${kindOf(tone)} ${kindOf(heard[at]!)}`]!);
    return [{ field: 'tone-mode', values, isWord: true }, ...holders];
  }
  return [
    { field: 'tone-kind-tx', values: kinds(sent), isWord: true },
    { field: 'tone-kind-rx', values: kinds(heard), isWord: true },
    ...holders,
  ];
}
