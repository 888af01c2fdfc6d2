/** How people read a fact: its name, and its values in the trade's writing. */
import { REGION_NAMES } from '../radio-math/bands';
import { formatDbm, formatMHz, formatShiftMHz } from '../radio-math/quantities';
import type { RegionId } from '../plan/types';
import { C4FM_FACTS } from '../modes/c4fm/facts';
import { DSTAR_FACTS } from '../modes/dstar/facts';
import { P25_FACTS } from '../modes/p25/facts';
import type { FactKey, FactValue, HopId } from './types';

export const HOP_NAMES: Readonly<Record<HopId, string>> = {
  radio: 'Channel',
  air: 'Air',
  site: 'Site',
  gateway: 'Gateway',
  network: 'Network',
  destination: 'Destination',
};

export interface FactWords {
  name: string;
  read: (value: FactValue) => string;
}

const text = (value: FactValue): string => (value === null ? 'none' : String(value));
const megahertz = (value: FactValue): string => (typeof value === 'number' ? `${formatMHz(value)} MHz` : text(value));
const kilohertz = (value: FactValue): string => (typeof value === 'number' ? `${value / 1000} kHz` : text(value));
const ADMIT: Readonly<Record<string, string>> = { always: 'always', 'channel-free': 'channel free', 'color-code-free': 'color code free' };

export const FACT_WORDS: Readonly<Record<FactKey, FactWords>> = {
  'call-sign': { name: 'call sign', read: text },
  'own-id': { name: 'own ID', read: text },
  'mode-in-radio': { name: 'mode', read: text },
  'radio-band': { name: 'radio tunes', read: megahertz },
  contact: { name: 'contact', read: text },
  admit: { name: 'admit', read: (value) => ADMIT[text(value)] ?? text(value) },
  frequency: { name: 'frequency', read: megahertz },
  shift: { name: 'shift', read: (value) => (typeof value === 'number' ? `${formatShiftMHz(value)}${value === 0 ? '' : ' MHz'}` : text(value)) },
  slot: { name: 'slot', read: text },
  'licence-band': { name: 'licence', read: (value) => (typeof value === 'number' ? megahertz(value) : (REGION_NAMES[value as RegionId] ?? text(value))) },
  satellite: { name: 'segment', read: (value) => (value === null ? 'clear of satellites' : megahertz(value)) },
  level: { name: 'level', read: (value) => (typeof value === 'number' ? formatDbm(value) : text(value)) },
  site: { name: 'site', read: text },
  'color-code': { name: 'color code', read: text },
  'mode-at-site': { name: 'mode', read: (value) => (value === null ? 'off' : text(value)) },
  login: { name: 'login', read: (value) => (value === 'complete' ? 'complete' : `lacks ${text(value)}`) },
  suffix: { name: 'suffix', read: (value) => (typeof value === 'number' ? String(value).padStart(2, '0') : text(value)) },
  carried: { name: 'logged in to', read: text },
  route: { name: 'route', read: text },
  return: { name: 'comes back as', read: (value) => (value === null ? 'nothing' : String(value)) },
  network: { name: 'network', read: text },
  'call-kind': { name: 'call', read: text },
  number: { name: 'number', read: text },
  group: { name: 'group', read: text },
  activity: { name: 'group', read: text },
  'receive-list': { name: 'hears', read: text },
  'on-air': { name: 'status', read: text },
  confirmed: { name: 'confirmed', read: text },
  tone: { name: 'tone', read: text },
  'tone-heard': { name: 'opens on', read: text },
  'tone-value': { name: 'tone', read: text },
  width: { name: 'width', read: kilohertz },
  'width-in-radio': { name: 'width', read: kilohertz },
  'site-network': { name: 'linked to', read: text },
  'group-carried': { name: 'carries', read: text },
  'wide-area': { name: 'meant for', read: text },
  crossing: { name: 'crosses', read: text },
  'crossing-on': { name: 'crossing', read: text },
  'crossing-ready': { name: 'network side', read: (value) => (value === 'complete' ? 'complete' : `lacks ${text(value)}`) },
  'crossing-number': { name: 'number', read: text },
  ...DSTAR_FACTS,
  ...C4FM_FACTS,
  ...P25_FACTS,
};
