/** How DMR operators read IDs, logins, and numbers that a rule changes on the way. */
import type { FactWords, ModeWords } from '../../path/mode-path';
import { completeness, networkNames, text } from '../../path/fact-words';
import type { PathContext } from '../../path/types';
import type { Activity, DmrFacts } from '../../plan/modes/dmr/types';
import { networkName } from '../../plan/networks';
import type { Id, Radio } from '../../plan/types';
import { formatId, formatLogin } from './addresses';
import { carriageOf } from './carriage';
import { ADMIT_WORDS, isDmrPath } from './channel';
import { arrivalWords, callOf, routesOf } from './links';
import { loginOf } from './login';
import { matchingRule } from './routes/table';
import { bothNumbers, rulePosition } from './routes/words';

/** Dynamic groups: what one hears of them now. */
export function activityWords(activity: Activity): string {
  switch (activity.is) {
    case 'static':
      return 'static';
    case 'awake':
      return `dynamic, awake for ${Math.ceil(activity.minutesLeft)} min`;
    case 'asleep':
      return 'dynamic, silent until you key it once';
  }
}

function ruleWords(id: Id | null, { profile }: PathContext): string {
  const rule = id === null ? undefined : profile?.dmr.rules.byId[id];
  return rule ? `rule ${rulePosition(profile!, rule)}` : 'none';
}

/** With the network's number, where a rule of the hotspot makes another of it. */
function numberWords(number: number, context: PathContext): string {
  if (!isDmrPath(context) || context.site?.kind !== 'hotspot') return String(number);
  const table = routesOf(context.index, context.site.id);
  const call = { ...callOf(context), number };
  return bothNumbers(call, table.selection === 'several' ? matchingRule(table, call) : null);
}

const idWords = (id: number | null): string => (id === null ? 'none' : formatId(id));
const two = (number: number): string => String(number).padStart(2, '0');

const facts: { readonly [K in keyof DmrFacts]: FactWords<K> } = {
  'own-id': { name: 'own ID', read: idWords },
  contact: { name: 'contact', read: text },
  admit: { name: 'admit', read: (admit) => ADMIT_WORDS[admit] },
  slot: { name: 'slot', read: text },
  'color-code': { name: 'color code', read: text },
  login: { name: 'login', read: completeness },
  suffix: {
    name: 'suffix',
    read: (suffix) => (suffix === null ? 'none' : two(suffix)),
    rule: (rule) => (rule.rule === 'between' ? `${two(rule.low)} to ${two(rule.high)}` : null),
  },
  carried: { name: 'logged in to', read: (ids, { index }) => networkNames(index.plan, ids) },
  route: {
    name: 'route',
    read: ruleWords,
    rule: ({ rule }) => (rule === 'any' ? 'a rule' : 'a rule that leads there'),
  },
  return: { name: 'comes back as', read: (number) => (number === null ? 'nothing' : String(number)) },
  network: { name: 'network', read: (id, { index }) => networkName(index.plan, id) },
  'call-kind': { name: 'call', read: text },
  number: { name: 'number', read: numberWords },
  group: {
    name: 'group',
    read: text,
    rule: (rule, { index }) => (rule.rule === 'in directory' ? networkName(index.plan, rule.networkId) : null),
  },
  activity: { name: 'group', read: activityWords },
  'receive-list': { name: 'hears', read: text },
  'site-network': { name: 'linked to', read: (id, { index }) => networkName(index.plan, id) },
  'group-carried': { name: 'carries', read: text },
  'wide-area': { name: 'meant for', read: text, rule: () => 'for this area' },
};

export const words: ModeWords<'dmr'> = {
  facts,
  shown: {
    radio: ['own-id', 'contact'],
    air: ['slot'],
    site: ['color-code', 'slot'],
    gateway: ['login', 'route', 'group-carried'],
    network: ['number', 'call-kind', 'group', 'activity'],
  },
  gateway(context) {
    const { index, site } = context;
    const carriage = carriageOf(site);
    if (carriage) return carriage.networkId === null ? 'network not said' : 'linked';
    const login = loginOf(context);
    const { dmrId } = index.plan.station;
    return login?.suffix != null && dmrId !== null ? formatLogin(dmrId, login.suffix) : 'login';
  },
  arrival: (index, _site, arrival) => arrivalWords(index, arrival),
};

/** The DMR ID of a radio in its usual groups of digits, or `no DMR ID`; empty without DMR. */
export function knownAs({ dmr }: Radio): string {
  if (!dmr) return '';
  return dmr.id === null ? 'no DMR ID' : formatId(dmr.id);
}
