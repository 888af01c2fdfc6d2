/** Walkers and fix makers that checks share. */
import type { Patch, PathKey } from '../plan/patches';
import { toPointer } from '../plan/patches';
import { effectiveProfile, profilePointer } from '../plan/profiles';
import { hotspotsOf, repeatersOf } from '../plan/sites';
import { rows } from '../plan/table';
import type {
  Channel,
  Codeplug,
  Hotspot,
  Id,
  ModeId,
  ModeTypes,
  Plan,
  ProfileValues,
  Radio,
  Repeater,
} from '../plan/types';
import { pairWords } from '../path/fact-words';
import type { Fact, FactKey, FactOf, HopId, PathContext, PlanIndex, TracedPath } from '../path/types';
import type { Subject } from './check';

/** The patch that sets a value. */
export function set(pointer: string, value: unknown): Patch {
  return { op: 'replace', path: pointer, value };
}

/** The patch that says that an ID is registered to the operator too. */
export function ownIdPatch(id: number): Patch {
  return { op: 'add', path: '/station/otherIds/-', value: id };
}

/** Where a channel, or a field of it, stands in the document. */
export function channelPointer(context: Pick<PathContext, 'radio' | 'channel'>, ...field: PathKey[]): string {
  return toPointer(['codeplugs', context.radio.id, 'channels', 'byId', context.channel.id, ...field]);
}

/** Radio, channel and, where there is one, site: what a finding about a channel is about. */
export function channelSubject(context: Pick<PathContext, 'radio' | 'channel' | 'site'>): Subject {
  const subject: Subject = { radioId: context.radio.id, channelId: context.channel.id };
  if (context.site) subject.siteId = context.site.id;
  return subject;
}

/** Where a pair has something to tell: which path it is of, by its place among the paths. */
type Told = Map<string, { at: number; fact: Fact }[]>;

/** What checks ask of the paths, by hop and pair: looked through once for all checks, in the order of the plan. */
interface Asked {
  wrong: Told;
  noted: Told;
}

const keyOf = (hop: HopId, key: FactKey) => `${hop} ${key}`;

type Telling = [which: keyof Asked, key: string, fact: Fact];

/** What a path has to tell; most have nothing. */
function tellingOf({ path }: TracedPath): readonly Telling[] | null {
  let told: Telling[] | null = null;
  for (const { hops } of [path.call, path.reply])
    for (const hop of hops) {
      if (hop.state === 'whole' && !hop.noted) continue;
      for (const fact of hop.facts) {
        if (fact.state !== 'whole') (told ??= []).push(['wrong', keyOf(hop.id, fact.key), fact]);
        else if (fact.noted === true) (told ??= []).push(['noted', keyOf(hop.id, fact.key), fact]);
      }
    }
  return told;
}

function askedOf(index: PlanIndex): Asked {
  const asked: Asked = { wrong: new Map(), noted: new Map() };
  index.ofPaths(tellingOf).forEach((told, at) => {
    for (const [which, key, fact] of told ?? []) {
      const list = asked[which].get(key);
      if (!list) asked[which].set(key, [{ at, fact }]);
      // Once a channel: what the call says comes before the reply.
      else if (list.at(-1)!.at !== at) list.push({ at, fact });
    }
  });
  return asked;
}

const walk =
  (which: keyof Asked) =>
  <K extends FactKey>(
    index: PlanIndex,
    key: K,
    hop: HopId,
    visit: (context: PathContext, fact: FactOf<K>) => void,
  ): void => {
    const paths = index.paths();
    index
      .once(askedOf)
      [which].get(keyOf(hop, key))
      ?.forEach(({ at, fact }) => visit(paths[at]!.context, fact as unknown as FactOf<K>));
  };

/** Calls `visit` for each path whose pair `key` does not agree, once a channel, in the order of the plan. */
export const eachDisagreement = walk('wrong');

/**
 * Calls `visit` for each path whose pair `key` agrees and is worth a note, once a channel, in the order of the plan.
 */
export const eachNoted = walk('noted');

/** A pair in words, for the data of a message. */
export function wordsOf<K extends FactKey>(context: PathContext, fact: FactOf<K>): { has: string; expects: string } {
  const { has, expects } = pairWords(context, fact);
  return { has, expects };
}

/** A path whose channel is known to be of one mode. */
export type ContextOf<M extends ModeId> = PathContext<M> & PathContext;

function walkIn<M extends ModeId>(each: typeof eachDisagreement, mode: M) {
  const mine = (context: PathContext): context is ContextOf<M> => context.channel.mode === mode;
  return <K extends FactKey>(
    index: PlanIndex,
    key: K,
    hop: HopId,
    visit: (context: ContextOf<M>, fact: FactOf<K>) => void,
  ): void => each(index, key, hop, (context, fact) => void (mine(context) && visit(context, fact)));
}

/** The same for the channels of one mode, whose fields `visit` may look at. */
export const disagreementsIn = <M extends ModeId>(mode: M) => walkIn(eachDisagreement, mode);

/** What is worth a note in the channels of one mode. */
export const notesIn = <M extends ModeId>(mode: M) => walkIn(eachNoted, mode);

/** Every radio with its codeplug and where that stands, in the order of the plan. */
export function eachCodeplug(plan: Plan, visit: (radio: Radio, codeplug: Codeplug, pointer: string) => void): void {
  for (const radio of rows(plan.radios)) visit(radio, plan.codeplugs[radio.id]!, toPointer(['codeplugs', radio.id]));
}

/** Every radio that has a mode, with its block and where that stands, in the order of the plan. */
export function radiosIn<M extends ModeId>(mode: M) {
  return (
    index: PlanIndex,
    visit: (radio: Radio, block: NonNullable<ModeTypes[M]['radio']>, pointer: string) => void,
  ): void => {
    for (const radio of rows(index.plan.radios)) {
      const block = radio[mode] as ModeTypes[M]['radio'] | null;
      if (block) visit(radio, block, toPointer(['radios', 'byId', radio.id, mode]));
    }
  };
}

/** Where a value of a hotspot's settings stands. */
export type At = (...path: [keyof ProfileValues, ...PathKey[]]) => string;

/** Every hotspot with the settings that it runs. */
export function eachProfile(plan: Plan, visit: (site: Hotspot, values: ProfileValues, at: At) => void): void {
  for (const site of hotspotsOf(plan))
    visit(site, effectiveProfile(plan, site.id)!, (...path) => profilePointer(plan, site.id, ...path));
}

/** Every repeater of the plan and where it stands. */
export function eachRepeater(plan: Plan, visit: (site: Repeater, pointer: string) => void): void {
  for (const site of repeatersOf(plan)) visit(site, toPointer(['sites', 'byId', site.id]));
}

/** A channel by its name. */
export interface NamedChannel {
  radioId: Id;
  id: Id;
  name: string;
}

const namedOf = ({ path, context }: TracedPath): NamedChannel => ({
  radioId: path.radioId,
  id: path.channelId,
  name: context.channel.name,
});

function byRadio(index: PlanIndex): ReadonlyMap<Id, readonly NamedChannel[]> {
  const found = new Map<Id, NamedChannel[]>();
  for (const named of index.ofPaths(namedOf)) {
    const list = found.get(named.radioId);
    if (list) list.push(named);
    else found.set(named.radioId, [named]);
  }
  return found;
}

/** The channels of a radio by their names, in the order of its codeplug: for who asks for no more of them. */
export const channelNames = (index: PlanIndex, radioId: Id): readonly NamedChannel[] =>
  index.once(byRadio).get(radioId) ?? [];

const modeOfPath = ({ context }: TracedPath): ModeId => context.channel.mode;

function byMode(index: PlanIndex): ReadonlyMap<ModeId, readonly number[]> {
  const found = new Map<ModeId, number[]>();
  index.ofPaths(modeOfPath).forEach((mode, at) => {
    const list = found.get(mode);
    if (list) list.push(at);
    else found.set(mode, [at]);
  });
  return found;
}

/** The paths of one mode, in the order of the plan. Where there is none, none is looked at. */
export function contextsIn<M extends ModeId>(index: PlanIndex, mode: M): ContextOf<M>[] {
  const places = index.once(byMode).get(mode);
  if (!places) return [];
  const paths = index.paths();
  return places.map((at) => paths[at]!.context as ContextOf<M>);
}

const siteOf = ({ context }: TracedPath): Id | null => context.channel.siteId;

/** Which paths go through each site, by their place among the paths. */
function bySite(index: PlanIndex): ReadonlyMap<Id, readonly number[]> {
  const found = new Map<Id, number[]>();
  index.ofPaths(siteOf).forEach((siteId, at) => {
    if (siteId === null) return;
    const list = found.get(siteId);
    if (list) list.push(at);
    else found.set(siteId, [at]);
  });
  return found;
}

/** All channels of a plan that are linked to a site, with their pointers. */
export function channelsOfSite(index: PlanIndex, siteId: Id): { channel: Channel; pointer: string }[] {
  const paths = index.paths();
  return (index.once(bySite).get(siteId) ?? []).map((at) => {
    const { context } = paths[at]!;
    return { channel: context.channel, pointer: channelPointer(context) };
  });
}
