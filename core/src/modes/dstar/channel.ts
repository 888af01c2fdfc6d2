/** The D-STAR fields of a channel: as sheets and files show, read and compare them. */
import { LEAST } from '../../plan/power';
import type { ChannelField, Reading, Refusal } from '../../codeplug/channel-field';
import { choice, refused } from '../../codeplug/reading';
import type { PathContext } from '../../path/types';
import type { Channel, ChannelOf, Site, ValuesOf } from '../../plan/types';
import { accessProblem, padField, urProblem } from './addresses';
import { accessAt } from './access';
import { CALL_TO_ALL, FIELD_CHARACTERS, FIELD_LENGTH } from '../../plan/modes/dstar/limits';
import type { DstarFacts } from '../../plan/modes/dstar/types';

/** Whether a channel is of D-STAR. */
export function isDstar(channel: Channel): channel is ChannelOf<'dstar'> {
  return channel.mode === 'dstar';
}

/** Whether the channel of a path is of D-STAR. */
export function isDstarPath(context: PathContext): context is PathContext<'dstar'> & PathContext {
  return context.channel.mode === 'dstar';
}

/** A call to all through the gateway of a site; without one, in fields that are still empty. */
export function blankChannel(site?: Site): ValuesOf<'dstar'> {
  const access = site?.dstar ? accessAt(site, true) : { rpt1: padField(''), rpt2: padField('') };
  return {
    name: 'New channel',
    mode: 'dstar',
    rxHz: site?.txHz ?? 439_000_000,
    txHz: site?.rxHz ?? 439_000_000,
    power: LEAST,
    timeOutS: null,
    options: {},
    dstar: { ur: padField(CALL_TO_ALL), ...access, duplex: true },
  };
}

type FieldName = 'ur' | 'rpt1' | 'rpt2';

/** `problemOf`: what is wrong with it as it was typed. Files are taken as they stand, and a check says what is wrong. */
function callSignField(
  name: FieldName,
  title: string,
  [order, weight]: [number, number],
  fact: keyof DstarFacts,
  problemOf: (text: string) => Refusal | null,
): ChannelField<'dstar'> {
  const put = (text: string): Reading<'dstar'> => ({
    put: (to) => void (to.dstar[name] = padField(text.toUpperCase()).slice(0, FIELD_LENGTH)),
  });
  return {
    id: name,
    title,
    weight,
    kind: 'text',
    order,
    width: 92,
    spaces: true,
    facts: [fact],
    show: (one) => one.dstar[name].trimEnd(),
    read: (text) => problemOf(text) ?? put(text),
    copy: (to, from) => (to.dstar = { ...to.dstar, [name]: from.dstar[name] }),
    readStored(text) {
      const fits = text.length <= FIELD_LENGTH && FIELD_CHARACTERS.test(text.toUpperCase());
      return fits ? put(text) : refused(`“${text}”`, `at most ${FIELD_LENGTH} of A to Z, 0 to 9, spaces and “/”`);
    },
  };
}

const DUPLEX = { duplex: true, simplex: false } as const;

export const fields: readonly ChannelField<'dstar'>[] = [
  callSignField('ur', 'UR', [120, 7], 'ur', urProblem),
  callSignField('rpt1', 'RPT1', [130, 5], 'rpt1', accessProblem),
  callSignField('rpt2', 'RPT2', [140, 6], 'rpt2', accessProblem),
  {
    id: 'duplex',
    weight: 3,
    title: 'Set to',
    kind: 'text',
    order: 330,
    width: 74,
    options: () => Object.keys(DUPLEX),
    facts: ['duplex'],
    show: (one) => (one.dstar.duplex ? 'duplex' : 'simplex'),
    read: (text) => choice(text, DUPLEX, (to, duplex) => (to.dstar.duplex = duplex)),
    copy: (to, from) => (to.dstar = { ...to.dstar, duplex: from.dstar.duplex }),
  },
];
