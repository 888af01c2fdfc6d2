/** The stops of the track in working order, and what each bead says. */
import type { Agreement } from '@relay/core/agreement/agreement';
import { formatId } from '@relay/core/modes/dmr/addresses';
import { needsDmrId } from '@relay/core/modes/dmr/networks';
import { hotspotsOf, repeatersOf } from '@relay/core/plan/sites';
import { tablesOf } from '@relay/core/plan/references';
import { rows } from '@relay/core/plan/table';
import type { Plan, Site } from '@relay/core/plan/types';

type BeadState = 'empty' | 'gaps' | 'in order';

const paths = (count: number) => `${count} ${count === 1 ? 'path' : 'paths'}`;

interface Bead {
  state: BeadState;
  detail: string;
}

export interface Stop {
  route:
    | 'station'
    | 'radios'
    | 'sites'
    | 'networks'
    | 'wants'
    | 'codeplugs'
    | 'hotspots'
    | 'agreement'
    | 'rehearse'
    | 'carry-out';
  title: string;
  /** Whether a finding is mended here: then its bead shows it. */
  isHere: (pointer: string, plan: Plan) => boolean;
  detail: (plan: Plan, agreement: Agreement | null) => string;
}

const under =
  (...places: string[]) =>
  (pointer: string) =>
    places.some((place) => pointer.startsWith(`/${place}/`));
const nowhere = () => false;
/** Repeaters are looked after at Sites, one's own hotspots at Hotspots. */
const ofSite = (kind: Site['kind']) => (pointer: string, plan: Plan) => {
  const [, id] = /^\/sites\/byId\/([^/]+)/.exec(pointer) ?? [];
  return id !== undefined && plan.sites.byId[id]?.kind === kind;
};

const names = (list: { name: string }[]) =>
  list.length <= 2 ? list.map((one) => one.name).join(', ') : `${list.length}`;

export const STOPS: readonly Stop[] = [
  {
    route: 'station',
    title: 'Station',
    isHere: under('station'),
    detail: ({ station }) =>
      [station.callSign, station.dmrId === null ? '' : formatId(station.dmrId)].filter(Boolean).join(' · '),
  },
  { route: 'radios', title: 'Radios', isHere: under('radios'), detail: (plan) => names(rows(plan.radios)) },
  // Lists belong to the house, not to a plan: what is in order or not are the repeaters taken from them.
  {
    route: 'sites',
    title: 'Sites',
    isHere: ofSite('repeater'),
    detail: (plan) =>
      repeatersOf(plan).length > 0
        ? `${repeatersOf(plan).length} ${repeatersOf(plan).length === 1 ? 'repeater' : 'repeaters'}`
        : 'lists, near me',
  },
  { route: 'networks', title: 'Networks', isHere: under('networks'), detail: (plan) => names(rows(plan.networks)) },
  {
    route: 'wants',
    title: 'Wants',
    isHere: under('wants'),
    detail: (plan) => (plan.wants.order.length > 0 ? String(plan.wants.order.length) : ''),
  },
  {
    route: 'codeplugs',
    title: 'Codeplugs',
    isHere: under('codeplugs'),
    detail: (plan) => {
      const count = plan.radios.order.reduce((sum, id) => sum + plan.codeplugs[id]!.channels.order.length, 0);
      return count > 0 ? `${count} channels` : '';
    },
  },
  {
    route: 'hotspots',
    title: 'Hotspots',
    isHere: (pointer, plan) => under('profiles')(pointer) || ofSite('hotspot')(pointer, plan),
    detail: (plan) => names(hotspotsOf(plan)),
  },
  {
    route: 'agreement',
    title: 'Agreement',
    isHere: nowhere,
    detail: (_, agreement) => {
      if (!agreement || agreement.channels.length === 0) return '';
      const { broken, doubtful } = agreement.tally;
      return broken > 0 ? `${paths(broken)} broken` : doubtful > 0 ? `${paths(doubtful)} doubtful` : 'all paths whole';
    },
  },
  { route: 'rehearse', title: 'Rehearse', isHere: nowhere, detail: () => '' },
  { route: 'carry-out', title: 'Carry out', isHere: nowhere, detail: () => '' },
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
  const found = agreement?.findings.filter(
    (finding) => finding.severity !== 'note' && stop.isHere(finding.pointer, plan),
  ).length;
  if (found) return { state: 'gaps', detail: `${found} ${found === 1 ? 'finding' : 'findings'}` };
  return { state: detail === '' ? 'empty' : 'in order', detail };
}

/** Where every radio speaks other modes only, no DMR ID is missed. */
const missesDmrId = (plan: Plan) => plan.station.dmrId === null && (plan.radios.order.length === 0 || needsDmrId(plan));

export interface Next {
  route: Stop['route'];
  /** What is missing, or to be done. */
  words: string;
}

/** All that is still to do, in working order. */
function* stillToDo(plan: Plan, agreement: Agreement | null): Generator<Next> {
  if (plan.station.callSign === '') yield { route: 'station', words: 'enter your call sign' };
  else if (missesDmrId(plan)) yield { route: 'station', words: 'enter your DMR ID' };
  if (plan.radios.order.length === 0) yield { route: 'radios', words: 'add your radio' };
  if (plan.sites.order.length === 0) yield { route: 'hotspots', words: 'add your hotspot' };
  if (!rows(plan.networks).some((network) => tablesOf(network)[0]![1].order.length > 0))
    yield { route: 'networks', words: 'add a network and what is on it' };
  if (plan.wants.order.length === 0) yield { route: 'wants', words: 'choose what you want to reach' };
  if (!plan.radios.order.some((id) => plan.codeplugs[id]!.channels.order.length > 0))
    yield { route: 'wants', words: 'build the codeplug' };
  if (agreement && agreement.tally.broken + agreement.tally.doubtful > 0)
    yield { route: 'agreement', words: 'mend what does not agree' };
  yield { route: 'carry-out', words: 'carry it out' };
}

/** What is missing at a stop, and where to go from there; `null` where that is nowhere else. */
export function nextStops(
  plan: Plan,
  agreement: Agreement | null,
  at: string | symbol | null | undefined,
): { here: Next | null; onward: Next | null } {
  const all = [...stillToDo(plan, agreement)];
  const here = all[0]?.route === at ? all[0]! : null;
  return { here, onward: all.find((one) => one.route !== at) ?? null };
}
