/** The C4FM pairs of each hop: who calls, how the voice is sent, which group, which room, and what connects to it. */
import { fact, mustEqual, mustMatch, noted, unsaid } from '../../path/fact';
import { reachOf } from '../../plan/sites';
import { isSent } from '../../path/purpose';
import { baseCallSign } from '../../units/call-signs';
import { sameTone, toneFor } from '../../units/tones';
import type { Fact, PathContext } from '../../path/types';
import type { ModeTrace } from '../../path/mode-path';
import { CALL_SIGN_LENGTH, GROUP_ID_OPEN, ROOM_DIGITS } from '../../plan/modes/c4fm/limits';
import { disconnects, linkBefore, numberFor, targetOf } from './links';
import type { ConnectionFound } from '../../plan/modes/c4fm/types';
import { roomDigits, roomOfNumber } from './rooms';

/** A letter or word may stand behind the call sign, or a country before it: `QO3VES/P`, `QO3VES-V`, `F/QO3VES`. */
export function sendsAs(field: string, callSign: string): boolean {
  const plain = field.trim().toUpperCase();
  const own = baseCallSign(callSign);
  return own !== '' && (baseCallSign(plain) === own || plain.split(/[-/ ]/).includes(own));
}

function radio({ index, radio, channel, purpose }: PathContext<'c4fm'>): Fact[] {
  if (!radio.c4fm || !isSent(purpose)) return [];
  const { callSign } = radio.c4fm;
  const wanted = index.plan.station.callSign;
  const facts = [
    fact(
      'c4fm-call-sign',
      callSign.trim() || null,
      wanted || null,
      callSign.trim() !== '' && callSign.length <= CALL_SIGN_LENGTH && (wanted === '' || sendsAs(callSign, wanted)),
    ),
  ];
  const { receive, toneTx, toneRx } = channel.c4fm;
  // A digital-only channel neither sends nor opens for a tone, and its radio hides them.
  if (receive === 'digital')
    facts.push(fact('fm-tone', toneTx ?? toneRx, null, toneTx === null && toneRx === null, 'doubtful'));
  return facts;
}

/** Whether the voice must pass a bridge to another mode. */
function bridged({ index, channel, crossing }: PathContext<'c4fm'>): boolean {
  if (crossing) return true;
  const bridgesTo = targetOf(index.plan, channel.destination)?.room.bridgesTo ?? null;
  const network = bridgesTo === null ? undefined : index.plan.networks.byId[bridgesTo];
  return network !== undefined && network.mode !== 'c4fm';
}

function air(context: PathContext<'c4fm'>): Fact[] {
  const { channel, site } = context;
  const { voice, receive } = channel.c4fm;
  const facts: Fact[] = [];
  if (bridged(context)) facts.push(mustEqual('voice', voice, 'narrow'));
  else if (site?.c4fm && site.c4fm.voice !== null) facts.push(mustEqual('voice', voice, site.c4fm.voice, 'doubtful'));
  if (receive === 'analog') facts.push(fact('receive', receive, site?.fm ? 'auto' : 'digital', false));
  else if (site?.c4fm && site.fm) facts.push(mustEqual('receive', receive, 'auto', 'doubtful'));
  return facts;
}

function site({ channel, site }: PathContext<'c4fm'>): Fact[] {
  if (!site?.c4fm) return [];
  const { groupIdIn } = site.c4fm;
  // What is open for all mostly takes another group too, but nobody vouches for it.
  const facts = [
    mustMatch('group-id', channel.c4fm.groupTx, groupIdIn, groupIdIn === GROUP_ID_OPEN ? 'doubtful' : 'broken'),
  ];
  const { receive, toneTx } = channel.c4fm;
  if (receive !== 'auto' || !site.fm) return facts;
  const { toneIn } = site.fm;
  if (toneIn === null) return [...facts, unsaid('fm-tone', toneTx)];
  const wanted = toneFor(toneIn);
  return [...facts, fact('fm-tone', toneTx, wanted, wanted === null || sameTone(toneTx, wanted), 'doubtful')];
}

/** Local calls end at the site, the number that disconnects at its gateway. */
function ends(context: PathContext<'c4fm'>): 'site' | 'gateway' | null {
  const { destination, c4fm } = context.channel;
  if (destination) return destination.kind === 'local' ? 'site' : destination.kind === 'disconnect' ? 'gateway' : null;
  if (!context.site?.c4fm) return null;
  const asked = c4fm.room || (linkBefore(context.index, context.site) ?? '');
  return asked === '' ? 'site' : disconnects(context, asked) ? 'gateway' : null;
}

/** Which network the room is on, held against those that the site's gateway reaches. */
function reachFact({ channel, site }: PathContext<'c4fm'>): Fact[] {
  const { destination } = channel;
  if (!site?.c4fm || destination?.mode !== 'c4fm' || destination.kind === 'local') return [];
  const reach = reachOf(site.c4fm, destination.networkId);
  if (reach === 'not said') return [noted('room-network', site.c4fm.networkIds, [destination.networkId])];
  return [fact('room-network', site.c4fm.networkIds, [destination.networkId], reach === 'reached')];
}

/** A room is connected from the radio, or by the hotspot at start; what is connected otherwise is somebody's doing. */
function connectFacts({ index, channel, site }: PathContext<'c4fm'>): Fact[] {
  const target = targetOf(index.plan, channel.destination);
  if (!site?.c4fm || !target) return [];
  const number = roomDigits(target.room.number);
  const before = linkBefore(index, site);
  const { room } = channel.c4fm;
  const wanted: ConnectionFound = { is: 'connected', to: number };
  if (room !== '') {
    const found: ConnectionFound = before === room ? { is: 'connected', to: room } : { is: 'by call', to: room };
    return [fact('connect', found, found, true)];
  }
  if (before === undefined) return [noted('connect', { is: 'not said' }, wanted)];
  return [fact('connect', { is: 'connected', to: before }, wanted, before === number)];
}

function gateway(context: PathContext<'c4fm'>): Fact[] {
  const reach = reachFact(context);
  // What is not reached cannot be connected: told once.
  const facts = reach.some((one) => one.state === 'broken') ? reach : [...reach, ...connectFacts(context)];
  return ends(context) === 'gateway' ? [...facts, ...numberFacts(context)] : facts;
}

function numberFacts({ index, channel }: PathContext<'c4fm'>): Fact[] {
  const expects = numberFor(index.plan, channel.destination);
  const { room } = channel.c4fm;
  if (expects !== null)
    return room === '' && channel.destination?.kind === 'room' ? [] : [mustEqual('room-number', room, expects)];
  return room === '' ? [] : [fact('room-number', room, { rule: 'any' }, room.length === ROOM_DIGITS)];
}

/** A number without a meaning in the plan: is there such a room on what the site reaches? */
function knownFact(context: PathContext<'c4fm'>): Fact[] {
  const { channel, network } = context;
  const { room } = channel.c4fm;
  if (channel.destination !== null || room.length !== ROOM_DIGITS || !context.site?.c4fm) return [];
  const known = network ? roomOfNumber(network, Number(room)) : undefined;
  return known ? [] : [noted('room', room, { rule: 'in directory', networkId: network?.id ?? null })];
}

function network(context: PathContext<'c4fm'>): Fact[] {
  return context.site?.c4fm ? [...numberFacts(context), ...knownFact(context)] : [];
}

/** The receiver opens for all, or for the group that the site sends; in FM for the tone that the site sends. */
function replySite({ channel, site }: PathContext<'c4fm'>): Fact[] {
  if (!site?.c4fm) return [];
  const { groupRx, receive, toneRx } = channel.c4fm;
  const facts = groupRx === GROUP_ID_OPEN ? [] : [mustMatch('group-id-heard', groupRx, site.c4fm.groupIdOut)];
  // In FM the squelch opens on its tone only.
  if (receive !== 'auto' || !site.fm || toneRx === null) return facts;
  const { toneOut } = site.fm;
  if (toneOut === null) return [...facts, unsaid('fm-tone-heard', toneRx)];
  const comes = toneFor(toneOut);
  return [...facts, fact('fm-tone-heard', toneRx, comes, sameTone(toneRx, comes), 'doubtful')];
}

/** Another room than was meant, and a place that is reached. */
function astray({ index, channel, arrives }: PathContext<'c4fm'>): boolean {
  const expects = numberFor(index.plan, channel.destination);
  return arrives?.kind === 'room' && expects !== null && arrives.number !== expects;
}

export const trace: ModeTrace<'c4fm'> = {
  radio,
  air,
  site,
  ends,
  beyond: { gateway, network, replyNetwork: () => [], replyGateway: gateway },
  destination: () => [],
  replySite,
  replyRadio: () => [],
  astray,
};
