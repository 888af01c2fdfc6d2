/** The P25 pairs of each hop: who calls, under which access code, and which group links where. */
import { fact, mustEqual, noted, unsaid } from '../../path/fact';
import { reachOf } from '../../plan/sites';
import type { Fact, PathContext } from '../../path/types';
import type { ModeTrace } from '../../path/mode-path';
import { isSent } from '../../path/purpose';
import { isOwnId } from '../../plan/station';
import { classifyGroup, isUnitId } from './addresses';
import { NAC_ANY, NAC_PASS } from '../../plan/modes/p25/limits';
import type { GroupFound } from '../../plan/modes/p25/types';
import { groupFor, linkBefore, unlinks, whatIsAt } from './links';

/** Codes that are settings of a receiver, and are never to be sent by a radio. */
export function isSpecialNac(nac: number): boolean {
  return nac === NAC_ANY || nac === NAC_PASS;
}

function radio({ index, radio, channel, purpose }: PathContext<'p25'>): Fact[] {
  if (!radio.p25 || !isSent(purpose)) return [];
  const { unitId } = radio.p25;
  const { dmrId } = index.plan.station;
  const facts = [
    fact(
      'unit-id',
      unitId,
      dmrId,
      unitId !== null && isUnitId(unitId) && (dmrId === null || isOwnId(index.plan, unitId)),
    ),
  ];
  facts.push(fact('nac-value', channel.p25.nac, { rule: 'any' }, !isSpecialNac(channel.p25.nac)));
  return facts;
}

/** A site that passes any code minds none; a special code of the radio is told of as that. */
function site({ channel, site }: PathContext<'p25'>): Fact[] {
  if (!site?.p25) return [];
  const { nac } = site.p25;
  if (nac === null) return [unsaid('nac', channel.p25.nac)];
  return [
    fact(
      'nac',
      channel.p25.nac,
      nac,
      nac === NAC_PASS || nac === NAC_ANY || channel.p25.nac === nac || isSpecialNac(channel.p25.nac),
    ),
  ];
}

/** Local calls end at the site, the unlink group at its gateway. */
function ends(context: PathContext<'p25'>): 'site' | 'gateway' | null {
  const { destination, p25 } = context.channel;
  if (destination?.kind === 'local') return 'site';
  if (destination)
    return destination.mode === 'p25' && destination.kind === 'special' && destination.special === 'unlink'
      ? 'gateway'
      : null;
  return context.site?.p25 && unlinks(context, p25.group) ? 'gateway' : null;
}

function reachFact({ index, channel, site }: PathContext<'p25'>): Fact[] {
  const wanted = groupFor(index.plan, channel.destination);
  if (!site?.p25 || !wanted) return [];
  const reach = reachOf(site.p25, wanted.network.id);
  if (reach === 'not said') return [noted('p25-network', site.p25.networkIds, [wanted.network.id])];
  return [fact('p25-network', site.p25.networkIds, [wanted.network.id], reach === 'reached')];
}

function linkFact({ index, channel, site }: PathContext<'p25'>): Fact[] {
  const { destination } = channel;
  if (!site?.p25 || destination?.mode !== 'p25' || destination.kind !== 'group') return [];
  const { group } = channel.p25;
  const found: GroupFound = { is: linkBefore(index, site) === group ? 'linked' : 'by call', to: group };
  return [fact('p25-link', found, found, true)];
}

function gateway(context: PathContext<'p25'>): Fact[] {
  const reach = reachFact(context);
  // What is not reached cannot be linked: told once.
  const facts = reach.some((one) => one.state === 'broken') ? reach : [...reach, ...linkFact(context)];
  return ends(context) === 'gateway' ? [...facts, ...numberFacts(context)] : facts;
}

function numberFacts({ index, channel }: PathContext<'p25'>): Fact[] {
  const { group } = channel.p25;
  const wanted = groupFor(index.plan, channel.destination);
  if (wanted) return [mustEqual('p25-number', group, wanted.number)];
  return [fact('p25-number', group, { rule: 'any' }, classifyGroup(group) === 'usable')];
}

function network(context: PathContext<'p25'>): Fact[] {
  const { channel, network, site } = context;
  if (!site?.p25) return [];
  const facts = numberFacts(context);
  if (channel.destination !== null || classifyGroup(channel.p25.group) !== 'usable') return facts;
  if (network && whatIsAt(network, channel.p25.group) !== null) return facts;
  return [...facts, noted('p25-group', channel.p25.group, { rule: 'in directory', networkId: network?.id ?? null })];
}

/** The receiver opens for its own code, or for any. */
function replySite({ channel, site }: PathContext<'p25'>): Fact[] {
  if (!site?.p25) return [];
  const { nacRx } = channel.p25;
  const { nac } = site.p25;
  if (nac === null) return nacRx === NAC_ANY ? [] : [unsaid('nac-heard', nacRx)];
  // What passes any code sends the one that it was given.
  // A receiver that opens for any says nothing of what is sent.
  if (nac === NAC_ANY) return nacRx === NAC_ANY ? [] : [unsaid('nac-heard', nacRx)];
  const comes = nac === NAC_PASS ? channel.p25.nac : nac;
  return [fact('nac-heard', nacRx, comes, nacRx === NAC_ANY || nacRx === comes)];
}

function astray({ index, channel, arrives }: PathContext<'p25'>): boolean {
  const wanted = groupFor(index.plan, channel.destination);
  return (
    arrives !== null &&
    arrives.networkId !== null &&
    wanted !== null &&
    classifyGroup(channel.p25.group) === 'usable' &&
    channel.p25.group !== wanted.number
  );
}

export const trace: ModeTrace<'p25'> = {
  radio,
  air: () => [],
  site,
  ends,
  beyond: { gateway, network, replyNetwork: () => [], replyGateway: reachFact },
  destination: () => [],
  replySite,
  replyRadio: () => [],
  astray,
};
