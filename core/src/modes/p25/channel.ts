/** The P25 fields of a channel: as sheets and files show, read and compare them. */
import type { ChannelField } from '../../codeplug/channel-field';
import type { PathContext } from '../../path/types';
import type { Site, ValuesOf } from '../../plan/types';
import { groupProblem, nacText, readNac } from './addresses';
import { GROUP_ALL, NAC_ANY, NAC_DEFAULT, NAC_PASS } from './limits';
import type { P25FactKey } from './types';

export function isP25Path(context: PathContext): context is PathContext<'p25'> & PathContext {
  return context.channel.mode === 'p25';
}

/** The site's code, both ways; where it passes any, the usual one. */
export function blankChannel(site?: Site): ValuesOf<'p25'> {
  const nac = site?.p25 && site.p25.nac !== NAC_PASS && site.p25.nac !== NAC_ANY ? site.p25.nac : NAC_DEFAULT;
  return { name: 'New channel', mode: 'p25', rxHz: site?.txHz ?? 439_000_000, txHz: site?.rxHz ?? 439_000_000, power: 'low', p25: { nac, nacRx: nac, group: 1 } };
}

function nacField(id: string, title: string, fact: P25FactKey, key: 'nac' | 'nacRx'): ChannelField<'p25'> {
  return {
    id,
    title,
    kind: 'text',
    fact,
    show: (one) => nacText(one.p25[key]),
    read(text) {
      const nac = readNac(text);
      return nac === null ? { problem: `Found “${text}”, expected a network access code of three hex digits, such as ${nacText(NAC_DEFAULT)}.` } : { put: (to) => void (to.p25[key] = nac) };
    },
    copy: (to, from) => (to.p25 = { ...to.p25, [key]: from.p25[key] }),
  };
}

export const fields: readonly ChannelField<'p25'>[] = [
  {
    id: 'p25-group',
    title: 'Talk group',
    kind: 'text',
    fact: 'p25-number',
    show: (one) => String(one.p25.group),
    read(text) {
      const digits = text.replace(/\s/g, '');
      const problem = /^\d{1,6}$/.test(digits) ? groupProblem(Number(digits)) : `Found “${text}”, expected a talk group from 1 to 65534.`;
      return problem === null ? { put: (to) => void (to.p25.group = Number(digits)) } : { problem };
    },
    copy: (to, from) => (to.p25 = { ...to.p25, group: from.p25.group }),
    readStored: (text) => (/^\d{1,5}$/.test(text) && Number(text) <= GROUP_ALL ? { put: (to) => void (to.p25.group = Number(text)) } : { problem: `Found “${text}”, expected a whole number from 0 to ${GROUP_ALL}.` }),
  },
  nacField('nac', 'NAC sent', 'nac', 'nac'),
  nacField('nac-rx', 'NAC heard', 'nac-heard', 'nacRx'),
];
