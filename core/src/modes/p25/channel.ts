/** The P25 fields of a channel: as sheets and files show, read and compare them. */
import { LEAST } from '../../plan/power';
import type { ChannelField } from '../../codeplug/channel-field';
import type { PathContext } from '../../path/types';
import type { Site, ValuesOf } from '../../plan/types';
import { refused } from '../../codeplug/reading';
import { nacText, readGroup, readNac } from './addresses';
import { GROUP_ALL, NAC_ANY, NAC_DEFAULT, NAC_PASS } from '../../plan/modes/p25/limits';
import type { P25Facts } from '../../plan/modes/p25/types';

/** Whether the channel of a path is of P25. */
export function isP25Path(context: PathContext): context is PathContext<'p25'> & PathContext {
  return context.channel.mode === 'p25';
}

/** The code to send to a site: its own; where it passes any or nobody has said, the usual one. */
export function nacFor(site?: Site): number {
  const own = site?.p25?.nac ?? NAC_DEFAULT;
  return own === NAC_PASS || own === NAC_ANY ? NAC_DEFAULT : own;
}

/** The site's code, both ways. */
export function blankChannel(site?: Site): ValuesOf<'p25'> {
  const nac = nacFor(site);
  return {
    name: 'New channel',
    mode: 'p25',
    rxHz: site?.txHz ?? 439_000_000,
    txHz: site?.rxHz ?? 439_000_000,
    power: LEAST,
    timeOutS: null,
    options: {},
    p25: { nac, nacRx: nac, group: 1 },
  };
}

function nacField(
  id: string,
  title: string,
  [order, width, weight]: [number, number, number],
  fact: keyof P25Facts,
  key: 'nac' | 'nacRx',
): ChannelField<'p25'> {
  return {
    id,
    title,
    weight,
    kind: 'text',
    order,
    width,
    facts: [fact],
    expected: ({ expects }) => (typeof expects === 'number' ? nacText(expects) : ''),
    show: (one) => nacText(one.p25[key]),
    read(text) {
      const nac = readNac(text);
      return nac === null
        ? refused(`“${text}”`, `a network access code of three hex digits, such as ${nacText(NAC_DEFAULT)}`)
        : { put: (to) => void (to.p25[key] = nac) };
    },
    copy: (to, from) => (to.p25 = { ...to.p25, [key]: from.p25[key] }),
  };
}

export const fields: readonly ChannelField<'p25'>[] = [
  {
    id: 'p25-group',
    weight: 8,
    title: 'Talk group',
    kind: 'text',
    order: 60,
    width: 84,
    facts: ['p25-number', 'crossing-number'],
    show: (one) => String(one.p25.group),
    read(text) {
      const group = readGroup(text);
      return 'problem' in group ? group : { put: (to) => void (to.p25.group = group.number) };
    },
    copy: (to, from) => (to.p25 = { ...to.p25, group: from.p25.group }),
    readStored: (text) =>
      /^\d{1,5}$/.test(text) && Number(text) <= GROUP_ALL
        ? { put: (to) => void (to.p25.group = Number(text)) }
        : refused(`“${text}”`, `a whole number from 0 to ${GROUP_ALL}`),
  },
  nacField('nac', 'NAC sent', [70, 102, 6], 'nac', 'nac'),
  nacField('nac-rx', 'NAC heard', [360, 112, 4], 'nac-heard', 'nacRx'),
];
