/**
 * The two tones of a channel where a program says them in parts. `TONE_FIELDS` are the parts: one or two columns that
 * select, and columns that hold tones and codes. A row is read by what its selectors say; it is written by trying what
 * the selectors can say, and keeping the way that reads back as it should with the fewest changes.
 */
import { NO_TONE } from '../../units/tones';
import type { ToneMode } from './tone-columns';

export const SELECTORS = ['tone-mode', 'tone-kind-tx', 'tone-kind-rx', 'tone-turn'] as const;
export const HOLDERS = ['tone-tx', 'tone-rx', 'tone-code-tx', 'tone-code-rx'] as const;
export type ToneField = (typeof SELECTORS)[number] | (typeof HOLDERS)[number];
type Holder = (typeof HOLDERS)[number];
type Side = 'tx' | 'rx';

export const TONE_FIELDS: readonly ToneField[] = [...SELECTORS, ...HOLDERS];

/** What the parts of a row say; `undefined`: nothing, or nothing that can be read. */
export type ToneTexts = Readonly<Partial<Record<ToneField, string>>>;
export type HasField = (field: ToneField) => boolean;

/** Tones as plans write them, or `none`; `undefined`: nothing is said. */
export interface Tones {
  sent: string | undefined;
  heard: string | undefined;
  /** A part that does not hold what another part says it holds. */
  clash: { field: Holder; expected: 'a tone' | 'a code' } | null;
}

/** Whether a table says tones in parts. */
export const isSplit = (has: HasField): boolean =>
  SELECTORS.some((field) => has(field)) || has('tone-code-tx') || has('tone-code-rx');

/** `own`: what its columns hold, tone before code. */
type Kind = 'none' | 'tone' | 'code' | 'own';
interface Part {
  kind: Kind;
  /** Whose columns hold it. */
  from: Side;
  /** Of a code; `null`: as its cell says. */
  inverted: boolean | null;
}

const part = (kind: Kind, from: Side): Part => ({ kind, from, inverted: null });

const BY_MODE: Readonly<Record<ToneMode, readonly [Part, Part]>> = {
  none: [part('none', 'tx'), part('none', 'rx')],
  'tone sent': [part('tone', 'tx'), part('none', 'rx')],
  'tone both ways': [part('tone', 'tx'), part('tone', 'rx')],
  'tone heard': [part('none', 'tx'), part('tone', 'rx')],
  'heard tone both ways': [part('tone', 'rx'), part('tone', 'rx')],
  'each its own': [part('own', 'tx'), part('own', 'rx')],
  'code both ways': [part('code', 'tx'), part('code', 'rx')],
  'code sent': [part('code', 'tx'), part('none', 'rx')],
  'code heard': [part('none', 'tx'), part('code', 'rx')],
  'tone sent, code heard': [part('tone', 'tx'), part('code', 'rx')],
  'code sent, tone heard': [part('code', 'tx'), part('tone', 'rx')],
};

function turned(one: Part, side: Side, turn: string | undefined): Part {
  if (turn === undefined) return one;
  return {
    ...one,
    inverted: turn === 'both inverted' || turn === (side === 'tx' ? 'sent inverted' : 'heard inverted'),
  };
}

/** What a row says of one direction; `null`: nothing that can be read. */
function partOf(side: Side, has: HasField, texts: ToneTexts): Part | null {
  const turn = has('tone-turn') ? texts['tone-turn'] : undefined;
  const selector = `tone-kind-${side}` as const;
  if (has(selector)) {
    const kind = texts[selector];
    if (kind === undefined) return null;
    if (kind === 'code inverted') return { kind: 'code', from: side, inverted: true };
    return turned(part(kind as Kind, side), side, turn);
  }
  if (has('tone-mode')) {
    const both = BY_MODE[texts['tone-mode'] as ToneMode] as (typeof BY_MODE)[ToneMode] | undefined;
    return both ? turned(both[side === 'tx' ? 0 : 1], side, turn) : null;
  }
  return has(`tone-${side}`) || has(`tone-code-${side}`) ? turned(part('own', side), side, turn) : null;
}

const isCode = (tone: string) => /^D\d{3}[NI]$/.test(tone);
const other = (side: Side): Side => (side === 'tx' ? 'rx' : 'tx');

/** The columns that may hold a tone or a code of a direction, the first that is there first. */
function holders(kind: 'tone' | 'code', from: Side, has: HasField): Holder[] {
  const tones: Holder[] = [`tone-${from}`, `tone-${other(from)}`];
  const codes: Holder[] = [`tone-code-${from}`, `tone-code-${other(from)}`];
  return (kind === 'tone' ? tones : [...codes, ...tones]).filter((field) => has(field));
}

const withTurn = (code: string, inverted: boolean | null) =>
  inverted === null ? code : `${code.slice(0, 4)}${inverted ? 'I' : 'N'}`;

type Found = { tone: string | undefined } | { clash: NonNullable<Tones['clash']> };

function held({ kind, from, inverted }: Part, has: HasField, texts: ToneTexts): Found {
  if (kind === 'none') return { tone: NO_TONE };
  if (kind === 'own') {
    const tone = texts[`tone-${from}`];
    const code = texts[`tone-code-${from}`];
    // A direction that has no column has no tone.
    if (!has(`tone-${from}`) && !has(`tone-code-${from}`)) return { tone: NO_TONE };
    const said = tone === undefined || tone === NO_TONE ? (code ?? tone) : tone;
    return { tone: said !== undefined && isCode(said) ? withTurn(said, inverted) : said };
  }
  const fields = holders(kind, from, has);
  const fits = (text: string | undefined) =>
    text !== undefined && text !== NO_TONE && isCode(text) === (kind === 'code');
  // The column of the other direction counts where this one holds nothing.
  const field = fields.find((one) => fits(texts[one]));
  if (field) return { tone: kind === 'code' ? withTurn(texts[field]!, inverted) : texts[field] };
  const [first] = fields;
  return first ? { clash: { field: first, expected: `a ${kind}` } } : { tone: undefined };
}

/** The tones of a row by its parts. */
export function readTones(has: HasField, texts: ToneTexts): Tones {
  const [sent, heard] = (['tx', 'rx'] as const).map((side): Found => {
    const one = partOf(side, has, texts);
    return one ? held(one, has, texts) : { tone: undefined };
  }) as [Found, Found];
  return {
    sent: 'tone' in sent ? sent.tone : undefined,
    heard: 'tone' in heard ? heard.tone : undefined,
    clash: 'clash' in sent ? sent.clash : 'clash' in heard ? heard.clash : null,
  };
}

/** What to put in the columns of one direction, as its part says. */
function puts({ kind, from }: Part, tone: string, has: HasField): Partial<Record<Holder, string>> {
  if (kind === 'none') return {};
  if (kind === 'own') {
    const [mine, codes] = [`tone-${from}`, `tone-code-${from}`] as const;
    const isInCodes = isCode(tone) && has(codes);
    return {
      ...(has(mine) ? { [mine]: isInCodes ? NO_TONE : tone } : {}),
      ...(has(codes) ? { [codes]: isInCodes ? tone : NO_TONE } : {}),
    };
  }
  const [first] = holders(kind, from, has);
  return first ? { [first]: tone } : {};
}

export interface ToneWriter {
  has: HasField;
  /** What a selector can say. */
  words(field: ToneField): readonly string[];
  canSay(field: ToneField, value: string): boolean;
}

/** What the selectors can say, what they say now first. */
function ways({ has, words }: ToneWriter, now: ToneTexts): ToneTexts[] {
  return SELECTORS.filter((field) => has(field)).reduce<ToneTexts[]>(
    (all, field) => {
      const mine = now[field];
      const options = [...(mine === undefined ? [] : [mine]), ...words(field).filter((word) => word !== mine)];
      return all.flatMap((texts) => options.map((option) => ({ ...texts, [field]: option })));
    },
    [now],
  );
}

/**
 * What the parts of a row must say for two tones (or `none`); `null`: the columns have no way to say it. Parts that do
 * not matter for it are not in the answer.
 */
export function writeTones(
  writer: ToneWriter,
  now: ToneTexts,
  sent: string,
  heard: string,
): Partial<Record<ToneField, string>> | null {
  const { has, canSay } = writer;
  const saysHeard = SELECTORS.some((field) => has(field)) || has('tone-rx') || has('tone-code-rx');
  const isRight = (texts: ToneTexts) => {
    const read = readTones(has, texts);
    return read.sent === sent && (read.heard === heard || (!saysHeard && heard === NO_TONE));
  };
  let best: { changes: Partial<Record<ToneField, string>>; count: number } | null = null;
  for (const way of ways(writer, now)) {
    const parts = [partOf('tx', has, way), partOf('rx', has, way)] as const;
    const next: ToneTexts = {
      ...way,
      ...(parts[1] ? puts(parts[1], heard, has) : {}),
      ...(parts[0] ? puts(parts[0], sent, has) : {}),
    };
    for (const texts of [way, next]) {
      const changes = Object.fromEntries(
        TONE_FIELDS.flatMap((field) => {
          const text = texts[field];
          return text === undefined || text === now[field] ? [] : [[field, text]];
        }),
      ) as Partial<Record<ToneField, string>>;
      const count = Object.keys(changes).length;
      if ((best && best.count <= count) || !isRight(texts)) continue;
      if ((Object.entries(changes) as [ToneField, string][]).every(([field, text]) => canSay(field, text)))
        best = { changes, count };
    }
  }
  return best && best.changes;
}
