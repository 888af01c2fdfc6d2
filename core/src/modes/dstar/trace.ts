/** The D-STAR pairs of each hop: who calls, through which site, whether the gateway takes it, and where it comes out. */
import { fact, mustEqual } from '../../path/fact';
import type { Fact, PathContext } from '../../path/types';
import { amateurBands } from '../../radio-math/bands';
import type { Plan, Site } from '../../plan/types';
import type { ModeTrace } from '../mode';
import { callSignOf, fieldProblem, padField, readCommand, withModule } from './addresses';
import { accessTo } from './access';
import { DIRECT_FIELD, GATEWAY_LETTER, MODULE_BY_BAND, SUFFIX_LENGTH } from './limits';
import { reachesFamily } from './link';
import { commandFor, gatewayOf, linkWhenTalking, listedReflector, reflectorWords, targetOf, toGateway, urFor } from './links';

/** What MY should be: the station's call sign, with or without a letter in the eighth place. */
function myFacts({ index, radio }: PathContext<'dstar'>): Fact[] {
  if (!radio.dstar) return [];
  const { my, suffix } = radio.dstar;
  const { callSign } = index.plan.station;
  const field = padField(my.toUpperCase());
  const sound = my.trim() !== '' && field.length === 8 && fieldProblem(my) === null && my === my.toUpperCase();
  return [
    fact('my', my.trim() === '' ? null : my, callSign || null, sound && (callSign === '' || callSignOf(field) === callSign || field.trim() === callSign)),
    fact('my-suffix', suffix, `at most ${SUFFIX_LENGTH} characters`, suffix.length <= SUFFIX_LENGTH && fieldProblem(suffix, SUFFIX_LENGTH) === null && suffix === suffix.toUpperCase(), 'doubtful'),
  ];
}

export function isDirect({ rpt1, rpt2 }: { rpt1: string; rpt2: string }): boolean {
  return rpt1.trim() === DIRECT_FIELD || rpt2.trim() === DIRECT_FIELD;
}

/** Only a radio that is set to duplex sends RPT1 and RPT2; over a cable nothing is sent. */
function air({ channel, site }: PathContext<'dstar'>): Fact[] {
  return site?.dstar && !site.dstar.cable ? [mustEqual('duplex', channel.dstar.duplex ? 'duplex' : 'simplex', 'duplex')] : [];
}

/** The letter that a band asks for; `null` where no letter is usual. Common practice. */
export function moduleOfBand(site: Site, plan: Plan): string | null {
  const band = amateurBands(plan.station.region).find(({ lowHz, highHz }) => site.rxHz >= lowHz && site.rxHz <= highHz);
  return (band && MODULE_BY_BAND[band.name]) ?? null;
}

function site(context: PathContext<'dstar'>): Fact[] {
  const { index, channel, site } = context;
  if (!site?.dstar) return [];
  const { callSign, module, cable } = site.dstar;
  const direct = isDirect(channel.dstar);
  if (cable || direct) return [fact('direct', direct ? 'over a cable' : 'over the air', cable ? 'over a cable' : 'over the air', cable && toGateway(site.dstar, channel.dstar))];
  const usual = moduleOfBand(site, index.plan);
  const facts = [mustEqual('rpt1', channel.dstar.rpt1, withModule(callSign, module))];
  if (usual !== null) facts.push(fact('module-band', module || null, usual, module === usual, 'doubtful'));
  // Where nothing is to leave the site, RPT2 belongs to the site: its own module, or nothing.
  if (channel.destination?.kind === 'local') {
    const { rpt2 } = channel.dstar;
    const own = accessTo(callSign, module, false).rpt2;
    facts.push(fact('rpt2', rpt2, own, rpt2.trim() === '' || rpt2 === own, 'doubtful'));
  }
  return facts;
}

/** What UR should be, held against what it is. Left on a command, it still gets there, and repeats it at every key-up. */
function urFact({ index, channel }: PathContext<'dstar'>): Fact {
  const { ur } = channel.dstar;
  const expects = urFor(index.plan, channel.destination);
  const command = readCommand(ur);
  if (expects === null) return fact('ur', ur, 'a call to all, a command or a call sign', command.kind !== 'malformed');
  const target = targetOf(index.plan, channel.destination);
  const left = target && command.kind === 'link' && reflectorWords(command) === reflectorWords(target);
  return fact('ur', ur, expects, ur === expects, left ? 'doubtful' : 'broken');
}

/** The reflector that a call is meant for, else the one that UR links to. */
function aimedAt({ index, channel }: PathContext<'dstar'>): { reflector: string; module: string } | null {
  const command = readCommand(channel.dstar.ur);
  return targetOf(index.plan, channel.destination) ?? (channel.destination === null && command.kind === 'link' ? command : null);
}

function wantsGateway({ index, channel }: PathContext<'dstar'>): boolean {
  const command = channel.destination === null ? readCommand(channel.dstar.ur) : commandFor(index.plan, channel.destination);
  return channel.destination === null ? command?.kind !== 'call to all' : channel.destination.kind !== 'local';
}

/** What links is told apart from what talks: a talk channel needs the link first. */
function linkFacts(context: PathContext<'dstar'>): Fact[] {
  const { index, channel, site } = context;
  const target = targetOf(index.plan, channel.destination);
  if (!site?.dstar || !target || channel.destination?.kind !== 'reflector' || channel.destination.use !== 'talk') return [];
  const { state, by } = linkWhenTalking(context);
  const name = reflectorWords(target);
  if (by !== null) return [fact('link', `${name}, once “${by}” is keyed`, name, true)];
  const linked = state ? reflectorWords(state) : null;
  return [fact('link', state === undefined ? 'nobody has said' : (linked ?? 'nothing'), name, linked === name, state === undefined ? 'doubtful' : 'broken')];
}

function gateway(context: PathContext<'dstar'>): Fact[] {
  const { channel, site } = context;
  if (!site?.dstar) return [];
  const { callSign, cable, families } = site.dstar;
  const facts: Fact[] = [];
  // A wrong connection is told at the site.
  if (!cable && !isDirect(channel.dstar) && wantsGateway(context)) facts.push(mustEqual('rpt2', channel.dstar.rpt2, withModule(callSign, GATEWAY_LETTER)));
  const aimed = aimedAt(context);
  if (aimed) {
    const letters = aimed.reflector.slice(0, 3);
    const said = families?.length !== 0;
    facts.push(fact('family', families === null ? letters : families.join(', ') || null, letters, reachesFamily(gatewayOf(site.dstar), aimed.reflector), said ? 'broken' : 'doubtful'));
    // What the gateway does not reach cannot be linked: told once.
    if (reachesFamily(gatewayOf(site.dstar), aimed.reflector)) facts.push(...linkFacts(context));
  }
  if (ends(context) === 'gateway') facts.push(urFact(context));
  return facts;
}

function reflectorFact({ index }: PathContext<'dstar'>, { reflector, module }: { reflector: string; module: string }): Fact {
  const listed = listedReflector(index.plan, reflector);
  const name = reflectorWords({ reflector, module });
  if (!listed) return fact('reflector', name, 'one of the directory', false, 'doubtful');
  const known = listed.modules === '' || listed.modules.includes(module);
  return fact('reflector', name, known ? name : `${reflector} ${[...listed.modules].join(', ')}`, known, 'doubtful');
}

function network(context: PathContext<'dstar'>): Fact[] {
  if (!context.site?.dstar) return [];
  const aimed = aimedAt(context);
  return [urFact(context), ...(aimed ? [reflectorFact(context, aimed)] : [])];
}

/** Local calls end at the site, commands at its gateway. */
function ends({ channel }: PathContext<'dstar'>): 'site' | 'gateway' | null {
  const { destination } = channel;
  if (destination) return destination.kind === 'local' ? 'site' : destination.kind === 'command' ? 'gateway' : null;
  const { kind } = readCommand(channel.dstar.ur);
  return kind === 'unlink' || kind === 'status' || kind === 'echo' ? 'gateway' : null;
}

/** Another place than was meant: linked elsewhere, or UR asks for something else. */
function astray({ index, channel, arrives }: PathContext<'dstar'>): boolean {
  const target = targetOf(index.plan, channel.destination);
  return arrives !== null && channel.destination !== null && (target ? arrives.address !== reflectorWords(target) : channel.dstar.ur !== urFor(index.plan, channel.destination));
}

/** A local call that asks for something else than all: told at the site, where it ends. */
function siteAndUr(context: PathContext<'dstar'>): Fact[] {
  return [...site(context), ...(ends(context) === 'site' && context.site?.dstar ? [urFact(context)] : [])];
}

export const trace: ModeTrace<'dstar'> = {
  radio: myFacts,
  air,
  site: siteAndUr,
  ends,
  // To hear a reflector takes no field of the radio, only the link.
  beyond: { gateway, network, replyNetwork: () => [], replyGateway: linkFacts },
  destination: () => [],
  replySite: () => [],
  replyRadio: () => [],
  astray,
};
