/** How D-STAR operators read fields and gateways, and what it means when only RPT2 is wrong. */
import { text } from '../../path/fact-words';
import type { FactWords, ModeWords } from '../../path/mode-path';
import type { PathContext } from '../../path/types';
import { GATEWAY_LETTER } from '../../plan/modes/dstar/limits';
import type { DstarFacts, LinkFound } from '../../plan/modes/dstar/types';
import type { Radio } from '../../plan/types';
import { callSignOf, fieldText } from './addresses';
import { arrivalWords, reflectorWords, targetOf, toGateway } from './links';

const field = (value: string | null): string => (value === null ? 'none' : fieldText(value));
const setTo = (duplex: boolean): string => (duplex ? 'duplex' : 'simplex');
const connection = (cable: boolean): string => (cable ? 'over a cable' : 'over the air');

/** `LNK001 C`, with the entry that links the site first. */
function linkWords(found: LinkFound, { codeplug }: PathContext): string {
  if (found.is === 'not said') return 'not said';
  const to = found.to ? reflectorWords(found.to) : 'nothing';
  return found.by === null ? to : `${to}, once “${codeplug.channels.byId[found.by]!.name}” is keyed`;
}

const facts: { readonly [K in keyof DstarFacts]: FactWords<K> } = {
  my: { name: 'MY', read: field },
  'my-suffix': {
    name: 'MY suffix',
    read: text,
    rule: (rule) => (rule.rule === 'at most' ? `at most ${rule.most} characters` : null),
  },
  ur: { name: 'UR', read: field, rule: () => 'a call to all, a command or a call sign' },
  rpt1: { name: 'RPT1', read: field },
  rpt2: { name: 'RPT2', read: field },
  duplex: { name: 'set to', read: setTo },
  direct: { name: 'connection', read: connection },
  'module-band': { name: 'module', read: text },
  family: {
    name: 'reaches',
    read: (families) => (families === 'every' ? 'every family' : families.join(', ') || 'not said'),
  },
  link: { name: 'linked to', read: linkWords },
  reflector: {
    name: 'reflector',
    read: reflectorWords,
    rule: ({ rule }) => (rule === 'in directory' ? 'one of the directory' : null),
  },
};

export const words: ModeWords<'dstar'> = {
  facts,
  shown: {
    radio: ['my'],
    air: ['duplex'],
    site: ['rpt1', 'direct', 'rpt2'],
    gateway: ['rpt2', 'family', 'link'],
    network: ['ur'],
  },
  gateway({ site }) {
    if (!site?.dstar) return 'no gateway';
    return site.dstar.cable ? 'over the cable' : `${callSignOf(site.dstar.callSign.padEnd(8, ' '))} ${GATEWAY_LETTER}`;
  },
  network({ channel }) {
    return channel.destination?.kind === 'call-sign' ? 'by call sign' : 'no reflector';
  },
  onlyHears({ index, site, channel }) {
    const target = targetOf(index.plan, channel.destination);
    if (!site?.dstar || site.dstar.cable || !target || toGateway(site.dstar, channel.dstar)) return null;
    return `you will hear ${reflectorWords(target)}, but it will not hear you: RPT2 is not the gateway`;
  },
  arrival: ({ plan }, site, arrival) => arrivalWords(plan, site, arrival),
};

/** MY of a radio, or that it is empty; empty without D-STAR. */
export function knownAs({ dstar }: Radio): string {
  if (!dstar) return '';
  return dstar.my.trim() || 'MY is empty';
}
