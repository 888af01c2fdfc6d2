/**
 * The driver: carries what one machine does to the next, in order of time. What a call meets at each hop is what the
 * trace finds in the world as it is then; what the trace cannot know is when, and that is what the machines add.
 *
 *   key down → radio → site finds, takes or loses it → gateway: trace → place on a network → sites that hear the place
 *            → radios on those sites
 */
import TinyQueue from 'tinyqueue';
import { landingOf } from '../path/place';
import type { Fact, HopId, PathContext, TracedPath } from '../path/types';
import { rows } from '../plan/table';
import type { Arrival, Id, ModeId, Plan } from '../plan/types';
import { type Chance, chanceOf } from './chance';
import type { RehearsedModes } from './mode-rehearse';
import { radioOn, type RadioEffect, type RadioEvent, type RadioState, stepRadio } from './radio';
import { SITE_AT_REST, type SiteEffect, type SiteEvent, type SiteState, msToFind, stepSite } from './site';
import { Stage } from './stage';
import {
  type Act,
  type Cast,
  type Happening,
  type Lane,
  NOBODY,
  type OnAir,
  type Over,
  placeKey,
  type Talker,
  type Why,
} from './types';

export interface RunOptions {
  modes: RehearsedModes;
  cast?: Cast;
  seed?: number;
  /** ISO date against which ages are held. */
  today?: string | null;
  /** Whether what happened, and every state, is kept to be looked at. Without, only `onHappening` sees it. */
  keeps?: boolean;
  onHappening?: (happening: Happening) => void;
}

/** A site or radio as it was from a time on. */
export type Moment = { atMs: number } & (
  | { is: 'radio'; id: Id; state: RadioState }
  | { is: 'site'; id: Id; state: SiteState }
  | { is: 'link'; id: Id; mode: ModeId; state: unknown }
);

/** Somebody at the far end, and where. */
interface TalkPlace {
  talker: Talker;
  place: Arrival;
  key: string;
}

interface Todo {
  atMs: number;
  /** What was planned first comes first. */
  order: number;
  do: () => void;
}

/** A call that a site has taken, and where it goes. */
interface Carried {
  context: PathContext;
  /** Where it comes out; `null`: nowhere beyond the site. */
  place: Arrival | null;
  takenMs: number;
  talks: boolean;
}

interface Live extends Over {
  /** The site whose air it is on as a radio's signal. */
  siteId: Id | null;
  air: OnAir | null;
  traced: TracedPath | null;
  carried: Carried | null;
  /** The talker's place, where a network talks. */
  at: { key: string; networkId: Id | null } | null;
}

const hasOver = (list: readonly { over: number }[], over: number) => list.some((one) => one.over === over);
const laneOf = (siteId: Id): Lane => ({ is: 'site', id: siteId });

/** The pair that breaks a direction of a path, with its hop; `null`: nothing does. */
export function breakOf({ path }: Pick<TracedPath, 'path'>): { hop: HopId; fact: Fact } | null {
  if (path.call.verdict !== 'broken') return null;
  const hop = path.call.hops.find((one) => one.state === 'broken')!;
  return { hop: hop.id, fact: hop.facts.find((one) => one.state === 'broken')! };
}

export class Run {
  readonly happened: Happening[] = [];
  readonly moments: Moment[] = [];
  /** Every over, with the path that it met where a radio sent it. */
  readonly overs = new Map<number, Over & { traced: TracedPath | null }>();
  private readonly stage: Stage;
  private readonly cast: Cast;
  private readonly chance: Chance;
  private readonly queue = new TinyQueue<Todo>([], (a, b) => a.atMs - b.atMs || a.order - b.order);
  private readonly radios = new Map<Id, RadioState>();
  private readonly sites = new Map<Id, SiteState>();
  /** Hotspots whose card did not outlive a cut of power. */
  private readonly damaged = new Set<Id>();
  /** Links as they were told last. */
  private readonly links = new Map<string, unknown>();
  private readonly live = new Map<number, Live>();
  /** Who talks at a place now. */
  private readonly speakers = new Map<string, number>();
  private readonly waiting = new Map<string, (() => void)[]>();
  private readonly silent: ReadonlySet<string>;
  private readonly places: TalkPlace[] = [];
  private order = 0;
  private lastOver = 0;
  private clockMs = 0;
  /** How many events were carried out: what a run costs. */
  events = 0;

  constructor(
    private readonly plan: Plan,
    private readonly options: RunOptions,
  ) {
    const { modes, cast = NOBODY, seed = 1, today = null } = options;
    this.cast = cast;
    this.chance = chanceOf(seed, 'sites');
    this.stage = new Stage(plan, modes, cast.times, today);
    this.silent = new Set(
      cast.silent.flatMap((to) => {
        const place = modes[to.mode].rehearse.place(plan, to);
        return place ? [placeKey(place)] : [];
      }),
    );
    for (const radio of rows(plan.radios))
      this.setRadio(radio.id, radioOn(plan.codeplugs[radio.id]!.channels.order[0] ?? null));
    for (const site of rows(plan.sites)) this.setSite(site.id, SITE_AT_REST);
    for (const site of rows(plan.sites)) this.tellLinks(site.id);
    for (const talker of cast.talkers) this.addTalker(talker);
  }

  /** Somebody more talks; where the plan has no such place, nobody hears it. @returns whether it has */
  addTalker(talker: Talker): boolean {
    const place = this.options.modes[talker.at.mode].rehearse.place(this.plan, talker.at);
    if (!place) return false;
    const talk: TalkPlace = { talker, place, key: placeKey(place) };
    this.places.push(talk);
    const chance = chanceOf(this.options.seed ?? 1, `talker ${talker.id}`);
    this.at(Math.max(talker.fromMs, this.clockMs), () => this.talk(talk, chance));
    return true;
  }

  /** When something happens next by itself; `null`: nothing will. */
  get nextMs(): number | null {
    return this.queue.peek()?.atMs ?? null;
  }

  get nowMs(): number {
    return this.clockMs;
  }

  radio(id: Id): RadioState {
    return this.radios.get(id)!;
  }

  site(id: Id): SiteState {
    return this.sites.get(id)!;
  }

  /** The path of a channel in the world as it is now. */
  trace(radioId: Id, channelId: Id): TracedPath {
    return this.stage.trace(radioId, channelId);
  }

  /** What a site is linked to in a mode, as its machine has it; `null`: not known. */
  linkOf(siteId: Id, mode: ModeId): unknown {
    return this.stage.state(siteId, mode);
  }

  /** Plans an act. One in the past is done now. */
  act(act: Act): void {
    this.at(Math.max(act.atMs, this.clockMs), () => this.carryOut(act));
  }

  /** Runs until a time, and everything of that time. Time never goes back. */
  runTo(untilMs: number): void {
    for (let next = this.queue.peek(); next && next.atMs <= untilMs; next = this.queue.peek()) {
      this.queue.pop();
      this.clockMs = next.atMs;
      this.events += 1;
      next.do();
    }
    this.clockMs = Math.max(this.clockMs, untilMs);
  }

  private at(atMs: number, what: () => void): void {
    this.queue.push({ atMs, order: (this.order += 1), do: what });
  }

  private tell(happening: DistributiveOmit<Happening, 'atMs'>): void {
    const told = { atMs: this.clockMs, ...happening } as Happening;
    if (this.options.keeps !== false) this.happened.push(told);
    this.options.onHappening?.(told);
  }

  private keep(moment: DistributiveOmit<Moment, 'atMs'>): void {
    if (this.options.keeps !== false) this.moments.push({ atMs: this.clockMs, ...moment } as Moment);
  }

  private setRadio(id: Id, state: RadioState): void {
    if (this.radios.get(id) === state) return;
    this.radios.set(id, state);
    this.keep({ is: 'radio', id, state });
  }

  private setSite(id: Id, state: SiteState): void {
    if (this.sites.get(id) === state) return;
    this.sites.set(id, state);
    this.keep({ is: 'site', id, state });
  }

  private lose(lane: Lane, over: number, why: Why): void {
    this.tell({ kind: 'lost', lane, over, why });
  }

  private begin(from: Over['from'], mode: ModeId): Live {
    const over: Live = {
      id: (this.lastOver += 1),
      from,
      mode,
      startMs: this.clockMs,
      siteId: null,
      air: null,
      traced: null,
      carried: null,
      at: null,
    };
    this.live.set(over.id, over);
    if (this.options.keeps !== false) this.overs.set(over.id, over);
    return over;
  }

  private carryOut(act: Act): void {
    switch (act.kind) {
      case 'key down':
        return this.keyDown(act.radioId, act.channelId);
      case 'key up':
        return this.toRadio(act.radioId, { kind: 'key up' });
      case 'choose':
        return this.toRadio(act.radioId, { kind: 'choose', channelId: act.channelId });
      case 'squelch':
        return this.toRadio(act.radioId, { kind: 'squelch', open: act.open });
      case 'sleep':
        return this.toRadio(act.radioId, { kind: 'sleep', asleep: act.asleep });
      case 'power':
        return this.power(act.siteId, act.on, act.cut === true);
    }
  }

  // The radio

  private toRadio(id: Id, event: DistributiveOmit<RadioEvent, 'atMs'>): void {
    const before = this.radios.get(id);
    if (!before) return;
    const [after, effects] = stepRadio(before, { atMs: this.clockMs, ...event } as RadioEvent);
    this.setRadio(id, after);
    if (before.hearing !== null && after.hearing === null)
      this.tell({ kind: 'hears no more', radioId: id, over: before.hearing });
    for (const effect of effects) this.fromRadio(id, effect);
    // A radio that hears nothing may open for what is on the air already.
    if (!after.sending && (before.sending || before.channelId !== after.channelId || (before.asleep && !after.asleep)))
      this.listenAgain(id);
  }

  private keyDown(id: Id, channelId: Id): void {
    const before = this.radios.get(id);
    const channel = this.stage.channel(id, channelId);
    if (!before || before.sending || !channel) return;
    if (before.channelId !== channelId) this.toRadio(id, { kind: 'choose', channelId });
    const traced = this.stage.trace(id, channelId);
    const { context } = traced;
    const broken = breakOf(traced);
    const rehearse = this.stage.rehearsed(channel.mode);
    const over = this.begin({ is: 'radio', radioId: id, channelId }, channel.mode);
    over.traced = traced;
    const slot = rehearse.slot?.(context) ?? null;
    over.air = { mode: channel.mode, slot, number: null };
    this.toRadio(id, {
      kind: 'key down',
      facts: {
        over: over.id,
        broken:
          context.purpose === 'receive only'
            ? { is: 'receive only' }
            : broken?.hop === 'radio'
              ? { is: 'pair', hop: 'radio', key: broken.fact.key }
              : null,
        waitsFor: rehearse.waitsFor?.(context) ?? null,
        onAir: this.onAir(context, over.air),
        squelchHolds: rehearse.squelchHolds === true,
        timeOutMs: channel.timeOutS === null ? null : channel.timeOutS * 1000,
      },
    });
    if (this.radios.get(id)!.sending?.over !== over.id) this.live.delete(over.id);
  }

  /** What a radio hears on a channel before it sends. */
  private onAir({ site, radio, channel }: PathContext, air: OnAir): 'nothing' | 'another slot' | 'its own slot' {
    // A radio that waits for its own slot takes no notice of other modes.
    const share = (other: OnAir) =>
      other.mode === air.mode && (air.slot === null || other.slot === null || other.slot === air.slot);
    const heard: OnAir[] = site ? this.sites.get(site.id)!.uses.map((use) => use.air) : [];
    for (const one of this.live.values())
      if (one.from.is === 'radio' && one.from.radioId !== radio.id && one.air && one.traced)
        if (one.traced.context.channel.txHz === channel.rxHz) heard.push(one.air);
    if (heard.some(share)) return 'its own slot';
    return heard.length > 0 ? 'another slot' : 'nothing';
  }

  private fromRadio(id: Id, effect: RadioEffect): void {
    switch (effect.kind) {
      case 'sends':
        return this.sent(id, this.live.get(effect.over)!);
      case 'refuses': {
        const channelId = this.radios.get(id)!.channelId!;
        return this.tell({ kind: 'refused', radioId: id, channelId, why: effect.why });
      }
      case 'releases':
        return this.released(id, effect.over, effect.timedOut);
      case 'hears':
        return this.tell({ kind: 'hears', radioId: id, over: effect.over });
      case 'look again':
        return this.at(effect.atMs, () => this.toRadio(id, effect.event));
    }
  }

  /** A signal is on the air: other radios on the frequency hear it, and the site, where the path gets that far. */
  private sent(id: Id, over: Live): void {
    const { context } = over.traced!;
    const { channel, site } = context;
    this.tell({ kind: 'keyed', radioId: id, channelId: channel.id, over: over.id });
    if (channel.rxHz === channel.txHz) this.heardDirectly(id, over);
    const broken = breakOf(over.traced!);
    if (broken?.hop === 'air' || broken?.hop === 'site') {
      const lane: Lane = site ? laneOf(site.id) : { is: 'radio', id };
      return this.lose(lane, over.id, { is: 'pair', hop: broken.hop, key: broken.fact.key });
    }
    if (!site) return;
    over.siteId = site.id;
    const modes = this.stage.lookedFor(site.id);
    const { times } = this.cast;
    const isScanning = site.kind === 'hotspot' && this.sites.get(site.id)!.lock === null && modes.length > 1;
    const foundMs = isScanning ? Math.round(msToFind(modes, over.mode, this.chance(), times)) : 0;
    this.toSite(site.id, { kind: 'signal', over: over.id, air: over.air!, foundMs });
  }

  /** Radios that listen on the frequency, with the same opening of the channel. */
  private heardDirectly(id: Id, over: Live): void {
    const sender = over.traced!.context.channel;
    for (const [other, state] of this.radios) {
      if (other === id || state.channelId === null) continue;
      const channel = this.stage.channel(other, state.channelId);
      if (!channel || channel.mode !== sender.mode || channel.rxHz !== sender.txHz) continue;
      const air = {
        ...over.air!,
        number: over.mode === 'dmr' && sender.mode === 'dmr' ? sender.dmr.call.number : null,
      };
      const opens = channel.siteId === sender.siteId && this.stage.shutBy(other, channel.id, air) === null;
      if (opens) this.toRadio(other, { kind: 'hears', over: over.id });
    }
  }

  private released(id: Id, overId: number, timedOut: boolean): void {
    const over = this.live.get(overId)!;
    this.tell({ kind: 'released', radioId: id, over: overId, timedOut });
    this.finish(over);
    if (over.siteId !== null) this.toSite(over.siteId, { kind: 'ended', over: overId });
    if (over.carried) this.carriedOver(over.carried, over);
  }

  /** An over is over, wherever it was heard. */
  private finish(over: Live): void {
    this.live.delete(over.id);
    this.tell({ kind: 'ended', over: over.id });
    // Heard from radio to radio; what a site sends ends when it stops.
    if (over.from.is === 'radio') this.unheard(over.id);
  }

  private unheard(over: number): void {
    for (const [radioId, state] of this.radios)
      if (state.hearing === over) this.toRadio(radioId, { kind: 'ended', over });
  }

  // The site

  private toSite(id: Id, event: DistributiveOmit<SiteEvent, 'atMs'>): void {
    const facts = this.stage.factsOf(id);
    const [after, effects] = stepSite(facts, this.sites.get(id)!, { atMs: this.clockMs, ...event } as SiteEvent);
    this.setSite(id, after);
    for (const effect of effects) this.fromSite(id, effect);
  }

  private fromSite(id: Id, effect: SiteEffect): void {
    switch (effect.kind) {
      case 'takes':
        this.tell({ kind: 'taken', siteId: id, over: effect.over, missedMs: effect.missedMs });
        return this.carry(id, this.live.get(effect.over));
      case 'loses':
      case 'kept out': {
        const over = this.live.get(effect.over);
        if (over?.carried && effect.kind === 'loses') this.silence(over);
        return this.lose(laneOf(id), effect.over, effect.why);
      }
      case 'sends':
        return this.sends(id, effect.over, effect.air);
      case 'stops':
        this.tell({ kind: 'stops', siteId: id, over: effect.over });
        return this.unheard(effect.over);
      case 'locks':
        return this.tell({ kind: 'locked', siteId: id, mode: effect.mode });
      case 'scans':
        return this.tell({ kind: 'scanning', siteId: id });
      case 'look again':
        return this.at(effect.atMs, () => this.toSite(id, effect.event));
    }
  }

  private sends(siteId: Id, over: number, air: OnAir): void {
    this.tell({ kind: 'sends', siteId, over, ...air });
    for (const radioId of this.radios.keys()) this.offerTo(radioId, siteId, over, air);
  }

  /** A radio that is on a channel of the site opens for what it sends, or is shut by a pair. */
  private offerTo(radioId: Id, siteId: Id, over: number, air: OnAir): void {
    const { channelId, sending } = this.radios.get(radioId)!;
    const channel = channelId === null ? undefined : this.stage.channel(radioId, channelId);
    if (!channel || channel.siteId !== siteId || channel.mode !== air.mode || sending) return;
    const shut = this.stage.shutBy(radioId, channel.id, air);
    if (shut) this.lose({ is: 'radio', id: radioId }, over, { is: 'pair', hop: 'radio', key: shut.key });
    else this.toRadio(radioId, { kind: 'hears', over });
  }

  private listenAgain(radioId: Id): void {
    for (const [siteId, { uses }] of this.sites)
      for (const use of uses) if (use.way === 'out') this.offerTo(radioId, siteId, use.over, use.air);
  }

  private power(siteId: Id, on: boolean, isCut: boolean): void {
    const isWorking = this.sites.get(siteId)!.power === 'on';
    if (!on && isWorking && isCut && this.chance() < this.cast.times.cutDamages) this.damaged.add(siteId);
    const is = !on ? 'off' : this.damaged.has(siteId) ? 'damaged' : 'starting';
    this.tell({ kind: 'power', siteId, is });
    this.toSite(siteId, { kind: 'power', is: is === 'starting' ? is : 'off' });
    if (is === 'starting') this.startsFor(siteId, this.cast.times.startMs);
  }

  private startsFor(siteId: Id, ms: number, profileId: Id | null = null): void {
    this.at(this.clockMs + ms, () => {
      if (this.sites.get(siteId)!.power !== 'starting') return;
      if (profileId !== null) {
        this.stage.run(siteId, profileId, this.clockMs);
        this.tell({ kind: 'profile', siteId, profileId });
      } else this.stage.start(siteId, this.clockMs);
      this.toSite(siteId, { kind: 'power', is: 'on' });
      this.tell({ kind: 'power', siteId, is: 'on' });
      this.tellLinks(siteId);
      this.joinTalks(siteId);
    });
  }

  // Beyond the site

  /** A site has taken a call: it goes where the trace leads it, in the world as it is now. */
  private carry(siteId: Id, over: Live | undefined): void {
    if (!over?.traced) return;
    const { context } = over.traced;
    this.repeat(siteId, over);
    const broken = breakOf(over.traced);
    const rehearse = this.stage.rehearsed(over.mode);
    const isOwn = !context.crossing && !context.recalls;
    const first = isOwn ? rehearse.first?.(context) : undefined;
    const place = landingOf(context);
    over.carried = { context, place, takenMs: this.clockMs, talks: false };
    const isAstray = over.traced.path.outcome === 'wrong place';
    if (broken && !isAstray) {
      over.carried = null;
      return this.lose(laneOf(siteId), over.id, { is: 'pair', hop: broken.hop, key: broken.fact.key });
    }
    if (first !== undefined && first !== context.channel.id)
      return this.lose(laneOf(siteId), over.id, { is: 'not linked', first });
    const isCommand = first !== undefined || context.recalls !== null || (isOwn && rehearse.answer?.(context) != null);
    const connects = isOwn ? (rehearse.connects?.(context) ?? null) : null;
    // What is said while a link is asked for goes nowhere.
    if (isCommand || (connects && this.stage.comesOut(siteId, connects) === null)) return;
    if (place && place.networkId !== null) this.speak(over, place);
  }

  /** What a repeater, or a hotspot with two frequencies, hears it sends on at once. */
  private repeat(siteId: Id, over: Live): void {
    const facts = this.stage.factsOf(siteId);
    if (facts.isSimplex) return;
    const { context } = over.traced!;
    const number = context.channel.mode === 'dmr' ? context.channel.dmr.call.number : null;
    const air = { ...over.air!, number };
    for (const radioId of this.radios.keys())
      if (over.from.is === 'radio' && radioId !== over.from.radioId) this.offerTo(radioId, siteId, over.id, air);
  }

  /** An over comes out at a place, unless somebody talks there. */
  private speak(over: Live, place: Arrival): void {
    const key = placeKey(place);
    const networkId = place.networkId ?? null;
    if (this.speakers.has(key)) {
      const lane: Lane = networkId === null ? laneOf(over.siteId!) : { is: 'network', id: networkId };
      return this.lose(lane, over.id, { is: 'someone talks' });
    }
    if (over.carried) over.carried.talks = true;
    this.speakers.set(key, over.id);
    over.at = { key, networkId };
    this.tell({ kind: 'reached', place: key, networkId, over: over.id });
    this.offerAround(over, place, key);
  }

  /** Every site that is linked to a place gets what is said there, but the one that it came from. */
  private offerAround(over: Live, place: Arrival, key: string): void {
    const loss = this.linkTo(place.networkId).loss;
    for (const siteId of this.sites.keys()) {
      if (siteId === over.siteId || this.stage.comesOut(siteId, place, key) === null) continue;
      if (loss > 0 && this.chance() < loss) {
        this.lose({ is: 'network', id: place.networkId! }, over.id, { is: 'network loss' });
        continue;
      }
      this.after(this.linkTo(place.networkId).delayMs, () => {
        const air = this.stage.comesOut(siteId, place, key);
        if (air) this.toSite(siteId, { kind: 'offer', over: over.id, air });
      });
    }
  }

  private linkTo(networkId: Id | null): { delayMs: number; loss: number } {
    return this.cast.networks[networkId ?? ''] ?? { delayMs: 0, loss: 0 };
  }

  private after(ms: number, what: () => void): void {
    if (ms === 0) what();
    else this.at(this.clockMs + ms, what);
  }

  /** Whoever talked is not heard any more. */
  private silence(over: Live): void {
    if (!over.at || this.speakers.get(over.at.key) !== over.id) return;
    const { key } = over.at;
    this.speakers.delete(key);
    this.after(this.linkTo(over.at.networkId).delayMs, () => {
      for (const [siteId, { uses, offered }] of this.sites)
        if (siteId !== over.siteId && (hasOver(uses, over.id) || hasOver(offered, over.id)))
          this.toSite(siteId, { kind: 'ended', over: over.id });
    });
    const next = this.waiting.get(key)?.shift();
    // Common practice: a second or two between overs.
    if (next) this.at(this.clockMs + 1_000, next);
  }

  /** A radio has let go: what its call asks for is done, and what answers answers. */
  private carriedOver({ context, place }: Carried, over: Live): void {
    const site = context.site!;
    this.silence(over);
    if (context.recalls) return this.recall(site.id, context);
    const { mode } = context.channel;
    if (context.crossing) {
      if (place) this.stage.cross(site.id, placeKey(place), { ...over.air!, number: null });
      return this.joinTalks(site.id);
    }
    const rehearse = this.stage.rehearsed(mode);
    const now: PathContext = { ...context, index: this.stage.now };
    const answer = rehearse.answer?.(now) ?? null;
    if (answer === 'echo') return this.echo(site.id, over);
    const connects = rehearse.connects?.(now) ?? null;
    const isNew = connects !== null && this.stage.comesOut(site.id, connects) === null;
    if (connects && isNew) return this.connect(site.id, context, connects);
    this.stage.keyed(context, this.clockMs);
    this.tellLink(site.id, mode);
    this.watchLapse(site.id, mode);
    if (answer === 'says link' || (connects && rehearse.saysLinkAgain)) this.announce(site.id, mode);
    else if (place && mode === 'dmr') this.joinTalks(site.id);
  }

  private recall(siteId: Id, { channel }: PathContext): void {
    const profileId = this.stage.recalled(siteId, channel);
    if (profileId === null) return;
    this.tell({ kind: 'power', siteId, is: 'starting' });
    this.toSite(siteId, { kind: 'power', is: 'starting' });
    this.startsFor(siteId, this.cast.times.profileMs, profileId);
  }

  /** A link takes a while; a place that does not answer is asked for as long as an attempt lasts. */
  private connect(siteId: Id, context: PathContext, place: Arrival): void {
    const { mode } = context.channel;
    const key = placeKey(place);
    const { connectMs, attemptMs } = this.cast.times;
    const isSilent = this.silent.has(key);
    this.tell({ kind: 'connecting', siteId, mode, place: key });
    this.at(this.clockMs + (isSilent ? attemptMs : connectMs), () => {
      if (this.sites.get(siteId)!.power !== 'on') return;
      if (isSilent) {
        this.tell({ kind: 'not answered', siteId, mode, place: key });
        return;
      }
      this.stage.keyed(context, this.clockMs);
      this.tellLink(siteId, mode);
      this.announce(siteId, mode);
      this.joinTalks(siteId);
    });
  }

  private tellLink(siteId: Id, mode: ModeId, kind: 'linked' | 'asleep' = 'linked'): void {
    const state = this.stage.state(siteId, mode);
    const key = `${siteId} ${mode}`;
    if (this.links.get(key) === state) return;
    this.links.set(key, state);
    this.keep({ is: 'link', id: siteId, mode, state });
    this.tell({ kind, siteId, mode, state });
  }

  private tellLinks(siteId: Id): void {
    for (const mode of this.stage.lookedFor(siteId)) {
      this.links.set(`${siteId} ${mode}`, this.stage.state(siteId, mode));
      this.keep({ is: 'link', id: siteId, mode, state: this.stage.state(siteId, mode) });
      this.watchLapse(siteId, mode);
    }
  }

  /** A group that nobody keys falls asleep. */
  private watchLapse(siteId: Id, mode: ModeId): void {
    const next = this.stage.nextLapse(siteId, mode);
    if (!next) return;
    this.at(Math.max(next.atMs, this.clockMs), () => {
      const due = this.stage.nextLapse(siteId, mode);
      if (!due || due.atMs > this.clockMs) return;
      this.stage.step(siteId, mode, due.event, this.clockMs);
      this.tellLink(siteId, mode, 'asleep');
      this.watchLapse(siteId, mode);
    });
  }

  /** What is being said at a place that a site has just been linked to. */
  private joinTalks(siteId: Id): void {
    for (const { key, place } of this.places) {
      const speaker = this.speakers.get(key);
      const air = speaker === undefined ? null : this.stage.comesOut(siteId, place, key);
      const { uses, offered } = this.sites.get(siteId)!;
      if (speaker === undefined || !air || hasOver(uses, speaker) || hasOver(offered, speaker)) continue;
      this.toSite(siteId, { kind: 'offer', over: speaker, air });
    }
  }

  /** An over that a site itself sends: an echo, or what it says. */
  private say(siteId: Id, from: Over['from'], air: OnAir, ms: number): void {
    const over = this.begin(from, air.mode);
    this.toSite(siteId, { kind: 'offer', over: over.id, air });
    this.at(this.clockMs + ms, () => {
      this.toSite(siteId, { kind: 'ended', over: over.id });
      this.finish(over);
    });
  }

  private echo(siteId: Id, said: Live): void {
    const ms = this.clockMs - said.carried!.takenMs;
    const { channel } = said.carried!.context;
    const number = channel.mode === 'dmr' ? channel.dmr.call.number : null;
    this.at(this.clockMs + this.cast.times.echoAfterMs, () =>
      this.say(siteId, { is: 'echo', siteId }, { ...said.air!, number }, ms),
    );
  }

  private announce(siteId: Id, mode: ModeId): void {
    if (this.stage.now.profile(siteId)?.announcements === false) return;
    const air: OnAir = { mode, slot: mode === 'dmr' ? 2 : null, number: null };
    this.say(siteId, { is: 'announcement', siteId }, air, this.cast.times.announceMs);
  }

  // People at the far end

  private talk(talk: TalkPlace, chance: Chance): void {
    const { talker, key, place } = talk;
    if (this.clockMs >= talker.toMs) return;
    if (this.speakers.has(key)) {
      const line = this.waiting.get(key) ?? [];
      this.waiting.set(key, [...line, () => this.talk(talk, chance)]);
      return;
    }
    const vary = (ms: number) => Math.max(1, Math.round(ms * (1 + talker.varies * (2 * chance() - 1))));
    const [overMs, gapMs] = [vary(talker.overMs), vary(talker.gapMs)];
    const over = this.begin({ is: 'talker', talkerId: talker.id }, place.mode);
    over.at = { key, networkId: place.networkId };
    this.speakers.set(key, over.id);
    this.tell({ kind: 'talks', place: key, networkId: place.networkId, over: over.id, talkerId: talker.id });
    this.offerAround(over, place, key);
    this.at(this.clockMs + overMs, () => {
      this.silence(over);
      this.finish(over);
      this.at(this.clockMs + gapMs, () => this.talk(talk, chance));
    });
  }
}

type DistributiveOmit<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;
