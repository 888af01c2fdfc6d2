/**
 * What a user knows better than a list. A correction stands above the list's value and outlives newer versions of the
 * list.
 */
import { readTone } from '../units/tones';
import { readCarried, readStatus } from './cells';
import { readFrequency } from './frequencies';
import type { ListedSite } from './types';

export const CORRECTABLE = ['tone', 'colorCode', 'groups', 'input', 'status', 'notes'] as const;
export type CorrectableField = (typeof CORRECTABLE)[number];

/** A site is the same in two versions of a list when call sign, module and the frequency it sends on are. */
export function siteKey({ callSign, module, txHz }: Pick<ListedSite, 'callSign' | 'module' | 'txHz'>): string {
  return `${callSign}|${module}|${txHz}`;
}

type Change = Partial<ListedSite>;

interface Field {
  title: string;
  /** What a user types, for an error. */
  expected: string;
  /** The present value as a user would type it. */
  show: (site: ListedSite) => string;
  /** `null` when the text cannot be read. */
  read: (text: string) => Change | null;
}

const MOST_NOTES = 500;

/**
 * `1: 417; 2: 588 591d; ?: 99`: groups by slot, with `d` for dynamic and `?` for a slot that is not known. `null`
 * when it cannot be read.
 */
export function readSlotGroups(text: string): ListedSite['groups'] | null {
  const parts = text
    .split(/[;\n]/)
    .map((part) => part.trim())
    .filter(Boolean);
  const groups = parts.flatMap((part) => {
    const match = /^(?:slot|ts)?\s*([12?])\s*:\s*([\d\s,d]+)$/i.exec(part);
    const slot = match?.[1] === '?' ? null : (Number(match?.[1]) as 1 | 2);
    return match ? readCarried(match[2]!).map((one) => ({ slot, ...one })) : [null];
  });
  return groups.includes(null) ? null : (groups as ListedSite['groups']);
}

const slotText = (groups: ListedSite['groups'], slot: 1 | 2 | null) => {
  const numbers = groups.filter((one) => one.slot === slot).map((one) => `${one.number}${one.static ? '' : 'd'}`);
  return numbers.length > 0 ? `${slot ?? '?'}: ${numbers.join(' ')}` : '';
};

/** As `readSlotGroups` reads it. */
export function groupsText(groups: ListedSite['groups']): string {
  return [slotText(groups, 1), slotText(groups, 2), slotText(groups, null)].filter(Boolean).join('; ');
}

export const CORRECTIONS: Readonly<Record<CorrectableField, Field>> = {
  tone: {
    title: 'Tone',
    expected: 'a CTCSS tone such as 110.9, a DCS code such as D023N, none, or nothing while it is not known',
    show: ({ tone }) => tone ?? '',
    read: (text) => {
      const tone = readTone(text);
      return tone === undefined ? null : { tone };
    },
  },
  colorCode: {
    title: 'Color code',
    expected: 'a color code from 0 to 15, or none',
    show: ({ colorCode }) => (colorCode === null ? 'none' : String(colorCode)),
    read: (text) =>
      /^(|none)$/i.test(text)
        ? { colorCode: null }
        : /^\d{1,2}$/.test(text) && Number(text) <= 15
          ? { colorCode: Number(text) }
          : null,
  },
  groups: {
    title: 'Groups by slot',
    expected: 'groups by slot, such as 1: 417; 2: 588 591d, with d for dynamic and ? for a slot that is not known',
    show: ({ groups }) => groupsText(groups),
    read: (text) => {
      const groups = readSlotGroups(text);
      return groups && { groups };
    },
  },
  input: {
    title: 'Site listens on',
    expected: 'a frequency in MHz, such as 431.825',
    show: ({ rxHz }) => (rxHz === null ? '' : String(rxHz / 1e6)),
    read: (text) => {
      const hz = readFrequency(text, 1e6);
      return hz === null ? null : { rxHz: hz };
    },
  },
  status: {
    title: 'Status',
    expected: 'on the air, off the air, or nothing',
    show: ({ status }) => (status === 'not said' ? '' : status),
    read: (text) => {
      const status = readStatus(text);
      return status && { status };
    },
  },
  notes: {
    title: 'Notes',
    expected: `at most ${MOST_NOTES} characters`,
    show: ({ notes }) => notes,
    read: (text) => (text.length <= MOST_NOTES && !/[\u0000-\u0008]/.test(text) ? { notes: text } : null),
  },
};

/** The site as corrected. A text that could be read once can be read again. */
export function correct<S extends ListedSite>(
  site: S,
  corrections: readonly { field: CorrectableField; text: string }[],
): S {
  return corrections.reduce<S>(
    (corrected, { field, text }) => ({ ...corrected, ...CORRECTIONS[field].read(text) }),
    site,
  );
}

export interface ListDifference {
  fresh: number;
  changed: string[];
  same: number;
  gone: string[];
}

/** What a list says of a site, as one text: the same text, the same site. */
export const saidOf = (site: ListedSite): string =>
  JSON.stringify([
    site.name,
    site.place,
    site.lat,
    site.lon,
    site.rxHz,
    site.modes,
    site.colorCode,
    site.tone,
    site.toneOut,
    site.widthHz,
    site.status,
    site.confirmedOn,
    site.notes,
    site.nac,
    site.groupId,
    site.networks,
    site.linked,
    site.groups.map((one) => `${one.slot}/${one.number}/${one.static}`).sort(),
    // Lists that were filed before they said it are the same lists.
    ...(site.country === '' ? [] : [site.country]),
  ]);

/** A site by its key, and what is said of it, whole or as a fingerprint. */
export interface Said {
  key: string;
  callSign: string;
  said: string;
}

/** A newer version of a list against the one that is there. */
export function differenceOf(before: readonly Said[], after: readonly Said[]): ListDifference {
  const old = new Map(before.map((one) => [one.key, one.said]));
  const seen = new Set<string>();
  const difference: ListDifference = { fresh: 0, changed: [], same: 0, gone: [] };
  for (const { key, callSign, said } of after) {
    const there = old.get(key);
    seen.add(key);
    if (there === undefined) difference.fresh += 1;
    else if (there === said) difference.same += 1;
    else difference.changed.push(callSign);
  }
  difference.gone = before.filter((one) => !seen.has(one.key)).map((one) => one.callSign);
  return difference;
}
