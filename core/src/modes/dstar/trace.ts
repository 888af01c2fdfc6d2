/** The D-STAR pairs of each hop: who calls, through which site, whether the gateway takes it, and where it comes out. */
import { fact, mustEqual, noted, unsaid } from '../../path/fact';
import { isSent } from '../../path/purpose';
import type { Fact, PathContext } from '../../path/types';
import { moduleOfBand } from '../../plan/modes/dstar/blanks';
import type { ChannelOf, Site } from '../../plan/types';
import type { LinkFound, Reflector } from '../../plan/modes/dstar/types';
import type { ModeTrace } from '../../path/mode-path';
import { callSignOf, fieldProblem, moduleOf, padField, readCommand, withModule } from './addresses';
import { baseCallSign } from '../../units/call-signs';
import { accessTo, moduleFor } from './access';
import { DIRECT_FIELD, GATEWAY_LETTER, SUFFIX_LENGTH } from '../../plan/modes/dstar/limits';
import { hears, reachesFamily } from './link';
import { commandFor, gatewayOf, linkWhenTalking, listedReflector, targetOf, toGateway, urFor } from './links';

/** Whether MY is the station's: its call sign, with or without what is added, or a letter in the eighth place. */
export function isOwnMy(my: string, callSign: string): boolean {
  const own = baseCallSign(callSign);
  const field = padField(my.toUpperCase());
  return callSignOf(field) === own || baseCallSign(field.trim()) === own;
}

/** What MY should be: the station's call sign, with or without a letter in the eighth place. */
function myFacts({ index, radio, purpose }: PathContext<'dstar'>): Fact[] {
  if (!radio.dstar || !isSent(purpose)) return [];
  const { my, suffix } = radio.dstar;
  const { callSign } = index.plan.station;
  const field = padField(my.toUpperCase());
  const sound = my.trim() !== '' && field.length === 8 && fieldProblem(my) === null && my === my.toUpperCase();
  return [
    fact('my', my.trim() === '' ? null : my, callSign || null, sound && (callSign === '' || isOwnMy(my, callSign))),
    fact(
      'my-suffix',
      suffix,
      { rule: 'at most', most: SUFFIX_LENGTH },
      suffix.length <= SUFFIX_LENGTH && fieldProblem(suffix, SUFFIX_LENGTH) === null && suffix === suffix.toUpperCase(),
      'doubtful',
    ),
  ];
}

/** Whether a field says that the radio is on a cable. */
export function isDirect({ rpt1, rpt2 }: { rpt1: string; rpt2: string }): boolean {
  return rpt1.trim() === DIRECT_FIELD || rpt2.trim() === DIRECT_FIELD;
}

/** Only a radio that is set to duplex sends RPT1 and RPT2; over a cable nothing is sent. */
function air({ channel, site }: PathContext<'dstar'>): Fact[] {
  return site?.dstar && !site.dstar.cable ? [mustEqual('duplex', channel.dstar.duplex, true)] : [];
}

function site(context: PathContext<'dstar'>): Fact[] {
  const { channel, site } = context;
  if (!site?.dstar) return [];
  const { callSign, module, cable } = site.dstar;
  const direct = isDirect(channel.dstar);
  if (cable || direct) return [fact('direct', direct, cable, cable && toGateway(site.dstar, channel.dstar))];
  const usual = moduleOfBand(site.rxHz);
  const facts = [rpt1Fact(channel, site)];
  // Which letter a site has is its owner's choice.
  if (usual !== null && module !== '' && module !== usual) facts.push(noted('module-band', module, usual));
  // Where nothing is to leave the site, RPT2 belongs to the site: its own module, or nothing.
  if (channel.destination?.kind === 'local') {
    const { rpt2 } = channel.dstar;
    const own = accessTo(callSign, module || moduleOf(rpt2).trim(), false).rpt2;
    facts.push(fact('rpt2', rpt2, own, rpt2.trim() === '' || rpt2 === own, 'doubtful'));
  }
  return facts;
}

/** A site of which the module is not said takes any letter behind the right call sign; without one the band's is a guess. */
function rpt1Fact(channel: ChannelOf<'dstar'>, site: Site): Fact {
  const { callSign, module } = site.dstar!;
  const { rpt1 } = channel.dstar;
  if (module !== '') return mustEqual('rpt1', rpt1, withModule(callSign, module));
  const fits = callSignOf(rpt1) === callSign && moduleOf(rpt1) !== ' ';
  return fits ? unsaid('rpt1', rpt1) : fact('rpt1', rpt1, withModule(callSign, moduleFor(site)), false);
}

/** What UR should be, held against what it is. Left on a command, it still gets there, and repeats it at every key-up. */
function urFact({ index, channel }: PathContext<'dstar'>): Fact {
  const { ur } = channel.dstar;
  const expects = urFor(index.plan, channel.destination);
  const command = readCommand(ur);
  if (expects === null) return fact('ur', ur, { rule: 'any' }, command.kind !== 'malformed');
  const target = targetOf(index.plan, channel.destination);
  const left = target && command.kind === 'link' && hears(command, target);
  return fact('ur', ur, expects, ur === expects, left ? 'doubtful' : 'broken');
}

/** The reflector that a call is meant for, else the one that UR links to. */
function aimedAt({ index, channel }: PathContext<'dstar'>): Reflector | null {
  const command = readCommand(channel.dstar.ur);
  const linked =
    channel.destination === null && command.kind === 'link'
      ? { reflector: command.reflector, module: command.module }
      : null;
  return targetOf(index.plan, channel.destination) ?? linked;
}

function wantsGateway({ index, channel }: PathContext<'dstar'>): boolean {
  const command =
    channel.destination === null ? readCommand(channel.dstar.ur) : commandFor(index.plan, channel.destination);
  return channel.destination === null ? command?.kind !== 'call to all' : channel.destination.kind !== 'local';
}

/** What links is told apart from what talks: a talk channel needs the link first. */
function linkFacts(context: PathContext<'dstar'>): Fact[] {
  const { index, channel, site } = context;
  const target = targetOf(index.plan, channel.destination);
  if (!site?.dstar || !target || channel.destination?.kind !== 'reflector' || channel.destination.use !== 'talk')
    return [];
  const { state, by } = linkWhenTalking(context);
  const wanted: LinkFound = { is: 'linked', to: target, by: null };
  if (state === undefined) return [noted('link', { is: 'not said' }, wanted)];
  return [fact('link', { is: 'linked', to: state, by }, wanted, hears(state, target))];
}

function gateway(context: PathContext<'dstar'>): Fact[] {
  const { channel, site } = context;
  if (!site?.dstar) return [];
  const { callSign, cable, families } = site.dstar;
  const facts: Fact[] = [];
  // A wrong connection is told at the site.
  if (!cable && !isDirect(channel.dstar) && wantsGateway(context))
    facts.push(mustEqual('rpt2', channel.dstar.rpt2, withModule(callSign, GATEWAY_LETTER)));
  const aimed = aimedAt(context);
  if (aimed) {
    const letters = aimed.reflector.slice(0, 3);
    const said = families?.length !== 0;
    const reached = !said || reachesFamily(gatewayOf(site.dstar), aimed.reflector);
    facts.push(
      said ? fact('family', families ?? 'every', [letters], reached) : noted('family', families ?? 'every', [letters]),
    );
    // What the gateway does not reach cannot be linked: told once.
    if (reached) facts.push(...linkFacts(context));
  }
  if (ends(context) === 'gateway') facts.push(urFact(context));
  return facts;
}

/** What the directory knows of a reflector; modules that it does not list are not doubted. */
function reflectorFact({ index }: PathContext<'dstar'>, aimed: Reflector): Fact {
  const listed = listedReflector(index.plan, aimed.reflector);
  if (!listed) return noted('reflector', aimed, { rule: 'in directory', networkId: null });
  if (listed.modules === '' || listed.modules.includes(aimed.module)) return fact('reflector', aimed, aimed, true);
  return noted('reflector', aimed, {
    rule: 'one of',
    of: [...listed.modules].map((module) => ({ ...aimed, module })),
  });
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
  if (arrives === null || channel.destination === null) return false;
  const target = targetOf(index.plan, channel.destination);
  if (!target) return channel.dstar.ur !== urFor(index.plan, channel.destination);
  return arrives.kind !== 'reflector' || !hears(arrives.to, target);
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
