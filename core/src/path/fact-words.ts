/** How people read the pairs that every mode has, and what is expected by a rule. */
import type { Plan } from '../plan/types';
import { networkName } from '../plan/networks';
import { REGION_NAMES } from '../units/bands';
import { formatDbm, formatMHz, formatShiftMHz } from '../units/quantities';
import { crossWords } from './cross-mode';
import { type CommonFacts, type FactKey, type FactOf, isRule, type Rule } from './fact-types';
import type { FactWords } from './mode-path';
import { slotWords } from './recall';
import type { HopId, PathContext } from './types';
import type { Gap, Id } from '../plan/types';

export const HOP_NAMES: Readonly<Record<HopId, string>> = {
  radio: 'Channel',
  air: 'Air',
  site: 'Site',
  gateway: 'Gateway',
  network: 'Network',
  destination: 'Destination',
};

const GAP_WORDS: Readonly<Record<Gap, string>> = {
  network: 'network',
  enabled: 'enabled',
  server: 'server',
  password: 'password',
  'own-id': 'DMR ID',
  suffix: 'suffix',
  reach: 'reach of the network',
  address: 'address',
  port: 'port',
  'other-end': 'the other end of the link',
  'same-secret': 'the same secret at both ends',
  'one-only': 'room for more than one',
};

/** `server, password`: what is lacking, in the words of the settings page. */
export function gapWords(gaps: readonly Gap[]): string {
  return gaps.map((gap) => GAP_WORDS[gap]).join(', ');
}

/** `complete`, or `lacks server, password`. */
export function completeness(gaps: readonly Gap[]): string {
  return gaps.length === 0 ? 'complete' : `lacks ${gapWords(gaps)}`;
}

/** The names of networks; `none` where there is none. */
export function networkNames(plan: Plan, ids: readonly Id[]): string {
  return ids.map((id) => networkName(plan, id)).join(', ') || 'none';
}

/** A value as it is; `none` for nothing. */
export const text = (value: string | number | null): string =>
  value === null || value === '' ? 'none' : String(value);
const megahertz = (hz: number): string => `${formatMHz(hz)} MHz`;
const onOff = (on: boolean): string => (on ? 'on' : 'off');
const shiftWords = (hz: number): string => `${formatShiftMHz(hz)}${hz === 0 ? '' : ' MHz'}`;

export const COMMON_WORDS: { readonly [K in keyof CommonFacts]: FactWords<K> } = {
  'call-sign': { name: 'call sign', read: text, rule: () => 'a call sign' },
  'mode-in-radio': { name: 'mode', read: (mode, { index }) => (mode === null ? 'none' : index.modes[mode].name) },
  'radio-band': { name: 'radio tunes', read: megahertz },
  frequency: { name: 'frequency', read: megahertz },
  shift: { name: 'shift', read: shiftWords },
  'licence-band': { name: 'licence', read: megahertz },
  satellite: { name: 'segment', read: megahertz, rule: () => 'clear of satellites' },
  level: {
    name: 'level',
    read: (dbm) => (dbm === null ? 'none' : formatDbm(dbm)),
    rule: (rule) => (rule.rule === 'at most' ? formatDbm(rule.most) : null),
  },
  site: {
    name: 'site',
    read: (id, { index }) => (id === null ? 'none' : (index.plan.sites.byId[id]?.name ?? 'none')),
    rule: () => 'a site',
  },
  'mode-at-site': { name: 'mode', read: (mode, { index }) => (mode === null ? 'off' : index.modes[mode].name) },
  'on-air': { name: 'status', read: text },
  confirmed: { name: 'confirmed', read: text },
  crossing: { name: 'cross-mode', read: (pair, { index }) => (pair ? crossWords(index.modes, pair) : 'none') },
  'crossing-on': { name: 'cross-mode', read: onOff },
  'crossing-ready': { name: 'network side', read: completeness },
  'crossing-number': { name: 'number', read: text },
  recalls: {
    name: 'recalls',
    read: (id, { index, site }) => {
      const slot = id === null || site?.kind !== 'hotspot' ? undefined : site.recall.byId[id];
      return slot && site?.kind === 'hotspot' ? slotWords(index.plan, site, slot) : 'nothing';
    },
  },
  'own-networks': { name: 'own networks', read: (reached) => (reached ? 'reached' : 'not reached') },
};

/** What any pair says of a rule, in the same words. */
function commonRule<K extends FactKey>(rule: Rule<K>, { index }: PathContext, read: (value: never) => string): string {
  switch (rule.rule) {
    case 'not said':
      return 'not said';
    case 'any':
      return 'one';
    case 'clear':
      return 'clear';
    case 'leads there':
      return 'one that leads there';
    case 'at most':
      return `at most ${rule.most}`;
    case 'between':
      return `${rule.low} to ${rule.high}`;
    case 'within days':
      return `within ${rule.days} days`;
    case 'within bands':
      return `${rule.bands.map(({ lowHz, highHz }) => `${formatMHz(lowHz)}–${formatMHz(highHz)}`).join(', ')} MHz`;
    case 'within region':
      return REGION_NAMES[rule.region];
    case 'in directory':
      return rule.networkId === null
        ? 'one of a network it reaches'
        : `one of ${networkName(index.plan, rule.networkId)}`;
    case 'one of':
      return rule.of.map((value) => read(value as never)).join(' or ');
  }
}

function wordsOf<K extends FactKey>(key: K, { index, channel }: PathContext): FactWords<K> {
  const own = index.modes[channel.mode].words.facts as Partial<Record<FactKey, FactWords<K>>>;
  const common = COMMON_WORDS as unknown as Partial<Record<FactKey, FactWords<K>>>;
  const words = own[key] ?? common[key];
  if (!words) throw new Error(`No words for the pair “${key}” in ${channel.mode}.`);
  return words;
}

/** A pair in words: its name, what one end has, what the other expects. */
export interface PairWords {
  name: string;
  has: string;
  expects: string;
}

/** A pair as people read it: its name, what it has, what is expected. */
export function pairWords<K extends FactKey>(context: PathContext, { key, has, expects }: FactOf<K>): PairWords {
  const words = wordsOf(key, context);
  const read = (value: FactOf<K>['has']) => words.read(value, context);
  const expected = isRule(expects)
    ? (words.rule?.(expects, context) ?? commonRule(expects, context, read))
    : read(expects);
  return { name: words.name, has: read(has), expects: expected };
}
