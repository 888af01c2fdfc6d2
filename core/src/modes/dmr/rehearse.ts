/** DMR in time: slots, groups that wake and fall asleep, and radios that open for a number. */
import { fact, mustEqual } from '../../path/fact';
import { stateOf } from '../../path/world';
import type { PlanIndex } from '../../path/types';
import type { Site } from '../../plan/types';
import type { AwakeGroup, DmrArrival, DmrState, TimeSlot } from '../../plan/modes/dmr/types';
import { SIMPLEX_SLOT } from '../../plan/modes/dmr/limits';
import type { ModeRehearse } from '../../rehearse/mode-rehearse';
import type { OnAir } from '../../rehearse/types';
import { carriageOf } from './carriage';
import { callFor, callOf, routesOf } from './links';
import { dmrNetwork, groupOfNumber } from './networks';
import { unasked } from './routes/table';
import { hearsNumber } from './trace';

const SLOTS: readonly TimeSlot[] = [2, 1];

const awakeOf = (index: PlanIndex, site: Site, { networkId, number }: DmrArrival) =>
  stateOf(index.world, site.id, 'dmr')?.awake.find((one) => one.networkId === networkId && one.number === number);

/** What a repeater carries of a group: where it is static, else where it was keyed. */
function atRepeater(index: PlanIndex, site: Site, place: DmrArrival): OnAir | null {
  const carriage = carriageOf(site);
  if (!carriage || (carriage.networkId !== null && carriage.networkId !== place.networkId)) return null;
  const bound = carriage.groups.find((one) => one.number === place.number && one.static);
  const slot = bound ? (bound.slot ?? SIMPLEX_SLOT) : awakeOf(index, site, place)?.slot;
  return slot ? { mode: 'dmr', slot, number: place.number } : null;
}

/** What a hotspot turns it into by the first rule that holds it: on the slot where it was keyed; static, on either. */
function atHotspot(index: PlanIndex, site: Site, place: DmrArrival): OnAir | null {
  const login = index.profile(site.id)?.dmr.logins[place.networkId!];
  if (!login?.enabled) return null;
  const group = groupOfNumber(index, place.networkId!, place.number);
  const awake = awakeOf(index, site, place);
  if (!awake && !(group && login.staticGroupIds.includes(group.id))) return null;
  const table = routesOf(index, site.id);
  for (const slot of awake ? [awake.slot, ...SLOTS] : SLOTS) {
    const back = unasked(table, place.networkId!, { kind: 'group', slot, number: place.number });
    if (back) return { mode: 'dmr', slot: back.slot, number: back.number };
  }
  return null;
}

export const rehearse: ModeRehearse<'dmr'> = {
  place(plan, destination) {
    // What a network answers itself is no place to talk at.
    if (destination.mode !== 'dmr' || !('networkId' in destination) || destination.kind === 'special') return null;
    const call = callFor(plan, destination);
    return call && { mode: 'dmr', networkId: destination.networkId, kind: call.kind, number: call.number };
  },
  isState: (value) => {
    const { awake } = value as Partial<DmrState>;
    const isAwake = ({ networkId, slot, number, untilMs }: Partial<AwakeGroup>) =>
      typeof networkId === 'string' &&
      (slot === 1 || slot === 2) &&
      Number.isInteger(number) &&
      Number.isFinite(untilMs);
    return Array.isArray(awake) && awake.every(isAwake);
  },
  linked: ({ awake }) => awake.map(({ number }) => `group ${number}`).join(', '),
  comesOut(index, site, place) {
    if (place.mode !== 'dmr' || place.networkId === null || place.kind !== 'group') return null;
    return (site.kind === 'repeater' ? atRepeater : atHotspot)(index, site, place);
  },
  opens(context, { slot, number }) {
    const { dmr } = context.channel;
    const own = dmr.call.number === number;
    return [
      ...(slot === null ? [] : [mustEqual('slot', dmr.slot, slot)]),
      ...(number === null
        ? []
        : [fact('receive-list', number, number, hearsNumber(context, number) || (own && dmr.call.kind === 'private'))]),
    ];
  },
  answer(context) {
    const { arrives, index } = context;
    if (!arrives || arrives.networkId === null) return null;
    const special = dmrNetwork(index.plan, arrives.networkId)?.special;
    const isAt = (name: 'echo' | 'unlink' | 'status') =>
      special?.[name]?.number === arrives.number && special[name]?.kind === arrives.kind;
    return isAt('echo') ? 'echo' : isAt('unlink') || isAt('status') ? 'says link' : null;
  },
  lapses({ awake }) {
    if (awake.length === 0) return null;
    const atMs = Math.min(...awake.map((one) => one.untilMs));
    return { atMs, event: { kind: 'time passed', atMs } };
  },
  waitsFor: ({ channel: { dmr } }) =>
    dmr.admit === 'always' ? null : dmr.admit === 'channel-free' ? 'any signal' : 'its own slot',
  setWaits: ({ dmr }, waits) => void (dmr.admit = waits ? 'color-code-free' : 'always'),
  sends(context) {
    const { slot, number } = callOf(context);
    return { mode: 'dmr', slot, number };
  },
  saysOn: SIMPLEX_SLOT,
};
