/** The stops of the track in working order, and what each bead says. */
import type { Agreement } from '@relay/core/agreement/agreement';
import { formatId } from '@relay/core/modes/dmr/addresses';
import { needsDmrId } from '@relay/core/modes/dmr/networks';
import { hotspotsOf, repeatersOf } from '@relay/core/plan/sites';
import { tablesOf } from '@relay/core/plan/references';
import { rows } from '@relay/core/plan/table';
import type { Plan } from '@relay/core/plan/types';

type BeadState = 'empty' | 'gaps' | 'in order';

interface Bead {
  state: BeadState;
  detail: string;
}

export interface Stop {
  route: 'station' | 'radios' | 'sites' | 'networks' | 'wants' | 'codeplugs' | 'hotspots' | 'agreement' | 'carry-out';
  title: string;
  /** Checks whose findings point here make its bead show gaps. */
  places: RegExp;
  detail: (plan: Plan, agreement: Agreement | null) => string;
}

const names = (list: { name: string }[]) =>
  list.length <= 2 ? list.map((one) => one.name).join(', ') : `${list.length}`;

export const STOPS: readonly Stop[] = [
  {
    route: 'station',
    title: 'Station',
    places: /^\/station\//,
    detail: ({ station }) =>
      [station.callSign, station.dmrId === null ? '' : formatId(station.dmrId)].filter(Boolean).join(' · '),
  },
  { route: 'radios', title: 'Radios', places: /^\/radios\//, detail: (plan) => names(rows(plan.radios)) },
  // Lists belong to the house, not to a plan: what is in order or not are the repeaters taken from them.
  {
    route: 'sites',
    title: 'Sites',
    places: /^\/sites\//,
    detail: (plan) =>
      repeatersOf(plan).length > 0
        ? `${repeatersOf(plan).length} ${repeatersOf(plan).length === 1 ? 'repeater' : 'repeaters'}`
        : 'lists, near me',
  },
  { route: 'networks', title: 'Networks', places: /^\/networks\//, detail: (plan) => names(rows(plan.networks)) },
  {
    route: 'wants',
    title: 'Wants',
    places: /^\/wants\//,
    detail: (plan) => (plan.wants.order.length > 0 ? String(plan.wants.order.length) : ''),
  },
  {
    route: 'codeplugs',
    title: 'Codeplugs',
    places: /^\/codeplugs\//,
    detail: (plan) => {
      const count = plan.radios.order.reduce((sum, id) => sum + plan.codeplugs[id]!.channels.order.length, 0);
      return count > 0 ? `${count} channels` : '';
    },
  },
  { route: 'hotspots', title: 'Hotspots', places: /^\/(sites|profiles)\//, detail: (plan) => names(hotspotsOf(plan)) },
  {
    route: 'agreement',
    title: 'Agreement',
    places: /^$/,
    detail: (_, agreement) => {
      if (!agreement || agreement.channels.length === 0) return '';
      const { broken, doubtful } = agreement.tally;
      return broken > 0 ? `${broken} broken` : doubtful > 0 ? `${doubtful} doubtful` : 'all whole';
    },
  },
  { route: 'carry-out', title: 'Carry out', places: /^$/, detail: () => '' },
];

export function beadOf(stop: Stop, plan: Plan, agreement: Agreement | null): Bead {
  const detail = stop.detail(plan, agreement);
  if (stop.route === 'agreement') {
    const tally = agreement?.tally;
    if (!tally || agreement.channels.length === 0) return { state: 'empty', detail: '' };
    return { state: tally.broken + tally.doubtful > 0 ? 'gaps' : 'in order', detail };
  }
  if (stop.route === 'carry-out')
    return {
      state: agreement && agreement.channels.length > 0 && agreement.tally.broken === 0 ? 'in order' : 'empty',
      detail: '',
    };
  const gaps =
    agreement?.findings.filter((finding) => finding.severity !== 'note' && stop.places.test(finding.pointer)).length ??
    0;
  if (gaps > 0) return { state: 'gaps', detail: `${gaps} ${gaps === 1 ? 'gap' : 'gaps'}` };
  return { state: detail === '' ? 'empty' : 'in order', detail };
}

/** Where every radio speaks other modes only, no DMR ID is missed. */
const missesDmrId = (plan: Plan) => plan.station.dmrId === null && (plan.radios.order.length === 0 || needsDmrId(plan));

/** The stop that a beginner should go to next, `null` when every path is whole. */
export function nextStop(plan: Plan, agreement: Agreement | null): { route: Stop['route']; words: string } | null {
  if (plan.station.callSign === '' || missesDmrId(plan)) return { route: 'station', words: 'Next: say who you are' };
  if (plan.radios.order.length === 0) return { route: 'radios', words: 'Next: add your radio' };
  if (plan.sites.order.length === 0) return { route: 'hotspots', words: 'Next: add your hotspot' };
  if (!rows(plan.networks).some((network) => tablesOf(network)[0]![1].order.length > 0))
    return { route: 'networks', words: 'Next: add a network and what is on it' };
  if (plan.wants.order.length === 0) return { route: 'wants', words: 'Next: choose what you want to reach' };
  if (!plan.radios.order.some((id) => plan.codeplugs[id]!.channels.order.length > 0))
    return { route: 'wants', words: 'Next: build the codeplug' };
  if (agreement && agreement.tally.broken + agreement.tally.doubtful > 0)
    return { route: 'agreement', words: 'Next: mend what does not agree' };
  return { route: 'carry-out', words: 'Next: carry it out' };
}
