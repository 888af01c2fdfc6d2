/** What a user knows better than a list. A correction stands above the list's value and outlives newer versions of the list. */
import { parseTone } from '../radio-math/tones';
import { readGroups, readNumber, readStatus } from './cells';
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

function readSlotGroups(text: string): ListedSite['groups'] | null {
  const parts = text.split(/[;\n]/).map((part) => part.trim()).filter(Boolean);
  const groups = parts.flatMap((part) => {
    const match = /^(?:slot|ts)?\s*([12])\s*:\s*([\d\s,]+)$/i.exec(part);
    return match ? readGroups(match[2]!).map((number) => ({ slot: Number(match[1]) as 1 | 2, number })) : [null];
  });
  return groups.includes(null) ? null : (groups as ListedSite['groups']);
}

const slotText = ({ groups }: ListedSite, slot: 1 | 2) => {
  const numbers = groups.filter((one) => one.slot === slot).map((one) => one.number);
  return numbers.length > 0 ? `${slot}: ${numbers.join(' ')}` : '';
};

export const CORRECTIONS: Readonly<Record<CorrectableField, Field>> = {
  tone: {
    title: 'Tone',
    expected: 'a CTCSS tone such as 110.9, a DCS code such as D023, or none',
    show: ({ ctcssHz, dcs }) => (ctcssHz !== null ? ctcssHz.toFixed(1) : dcs !== null ? `D${dcs}` : 'none'),
    read: (text) => parseTone(text),
  },
  colorCode: {
    title: 'Color code',
    expected: 'a color code from 0 to 15, or none',
    show: ({ colorCode }) => (colorCode === null ? 'none' : String(colorCode)),
    read: (text) => (/^(|none)$/i.test(text) ? { colorCode: null } : /^\d{1,2}$/.test(text) && Number(text) <= 15 ? { colorCode: Number(text) } : null),
  },
  groups: {
    title: 'Groups by slot',
    expected: 'groups by slot, such as 1: 417; 2: 588 591',
    show: (site) => [slotText(site, 1), slotText(site, 2)].filter(Boolean).join('; '),
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
      const value = readNumber(text.replace(/\s*mhz$/i, ''));
      return value !== null && value > 1 && value < 6000 ? { rxHz: Math.round(value * 1e6) } : null;
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
export function correct<S extends ListedSite>(site: S, corrections: readonly { field: CorrectableField; text: string }[]): S {
  return corrections.reduce<S>((corrected, { field, text }) => ({ ...corrected, ...CORRECTIONS[field].read(text) }), site);
}

export interface ListDifference {
  fresh: number;
  changed: string[];
  same: number;
  gone: string[];
}

const said = (site: ListedSite) => JSON.stringify([site.name, site.place, site.lat, site.lon, site.rxHz, site.modes, site.colorCode, site.ctcssHz, site.dcs, site.status, site.confirmedOn, site.notes, site.groups.map((one) => `${one.slot}/${one.number}`).sort()]);

/** A newer version of a list against the one that is there, by call signs. */
export function differenceOf(before: readonly ListedSite[], after: readonly ListedSite[]): ListDifference {
  const old = new Map(before.map((site) => [siteKey(site), site]));
  const seen = new Set<string>();
  const difference: ListDifference = { fresh: 0, changed: [], same: 0, gone: [] };
  for (const site of after) {
    const key = siteKey(site);
    const there = old.get(key);
    seen.add(key);
    if (!there) difference.fresh += 1;
    else if (said(there) === said(site)) difference.same += 1;
    else difference.changed.push(site.callSign);
  }
  difference.gone = before.filter((site) => !seen.has(siteKey(site))).map((site) => site.callSign);
  return difference;
}
