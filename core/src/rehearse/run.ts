/**
 * The driver: carries what one machine does to the next, in order of time. What a call meets at each hop is what the
 * trace finds in the world as it is then; what the trace cannot know is when, and that is what the machines add.
 *
 *   key down → radio → site finds, takes or loses it → gateway: trace → place on a network → sites that hear the place
 *            → radios on those sites
 */
import { type RehearsalTimes, timesOf } from '../plan/rehearsal-times';
import type { PathContext, TracedPath } from '../path/types';
import type { World } from '../path/world';
import { rows } from '../plan/table';
import type { Id, ModeId, Plan } from '../plan/types';
import { Agenda } from './agenda';
import { breakOf, Calls, type LiveOver } from './calls';
import { type Chance, chanceOf } from './chance';
import { FarEnds } from './far-ends';
import { Links } from './links';
import type { RehearsedModes } from './mode-rehearse';
import { radioOn, type RadioEffect, type RadioEvent, type RadioState, stepRadio } from './radio';
import { type Moment, RunLog, type Untimed } from './run-log';
import { msToFind, SITE_AT_REST, type SiteEffect, type SiteEvent, type SiteState, stepSite } from './site';
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
  /** What is true of sites at the beginning, beside what their settings say: links, groups that are awake. */
  world?: World['sites'];
  /** ISO date against which ages are held. */
  today?: string | null;
  /** Whether what happened, and every state, is kept to be looked at. Without, only `onHappening` sees it. */
  keeps?: boolean;
  onHappening?: (happening: Happening) => void;
}

const laneOf = (siteId: Id): Lane => ({ is: 'site', id: siteId });
const share = (a: OnAir, b: OnAir) => a.mode === b.mode && (a.slot === null || b.slot === null || a.slot === b.slot);

export class Run {
  private readonly agenda = new Agenda();
  private readonly log: RunLog;
  private readonly stage: Stage;
  private readonly chance: Chance;
  private readonly farEnds: FarEnds<LiveOver>;
  private readonly links: Links;
  private readonly calls: Calls;
  private readonly radios = new Map<Id, RadioState>();
  private readonly sites = new Map<Id, SiteState>();
  private readonly live = new Map<number, LiveOver>();
  private readonly times: RehearsalTimes;
  private lastOver = 0;

  constructor(plan: Plan, options: RunOptions) {
    const { modes, cast = NOBODY, seed = 1, today = null, keeps = true, onHappening = () => undefined } = options;
    const { agenda, sites } = this;
    const times = (this.times = timesOf(plan));
    this.chance = chanceOf(seed, 'sites');
    this.log = new RunLog(() => agenda.nowMs, keeps, onHappening);
    this.stage = new Stage(plan, modes, times, today, options.world ?? {});
    const { log, stage, chance } = this;
    this.farEnds = new FarEnds<LiveOver>({
      ...{ plan, modes, cast, seed, agenda, log, stage, chance, sites },
      toSite: (id, event) => this.toSite(id, event),
      begin: (from, mode) => this.begin(from, mode),
      finish: (over) => this.finish(over),
    });
    const silent = cast.silent.flatMap((to) => modes[to.mode].rehearse.place(plan, to) ?? []).map(placeKey);
    this.links = new Links({
      ...{ agenda, log, stage, chance, times, silent: new Set(silent) },
      site: (id) => this.site(id),
      setPower: (id, is) => this.toSite(id, { kind: 'power', is }),
      announce: (id, mode) => this.calls.announce(id, mode),
      join: (id) => this.farEnds.join(id),
    });
    this.calls = new Calls({
      ...{ agenda, log, stage, times, links: this.links, farEnds: this.farEnds },
      toSite: (id, event) => this.toSite(id, event),
      begin: (from, mode) => this.begin(from, mode),
      finish: (over) => this.finish(over),
    });
    for (const radio of rows(plan.radios))
      this.setRadio(radio.id, radioOn(plan.codeplugs[radio.id]!.channels.order[0] ?? null));
    for (const site of rows(plan.sites)) this.setSite(site.id, SITE_AT_REST);
    for (const site of rows(plan.sites)) this.links.begin(site.id);
    for (const talker of cast.talkers) this.addTalker(talker);
  }

  get happened(): readonly Happening[] {
    return this.log.happened;
  }

  get moments(): readonly Moment[] {
    return this.log.moments;
  }

  get overs(): RunLog['overs'] {
    return this.log.overs;
  }

  get nowMs(): number {
    return this.agenda.nowMs;
  }

  /** When something happens next by itself; `null`: nothing will. */
  get nextMs(): number | null {
    return this.agenda.nextMs;
  }

  /** How many events were carried out: what a run costs. */
  get events(): number {
    return this.agenda.events;
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

  /** Somebody more talks; where the plan has no such place, nobody hears it. @returns whether it has */
  addTalker(talker: Talker): boolean {
    return this.farEnds.add(talker);
  }

  /** Plans an act. One in the past is done now. */
  act(act: Act): void {
    this.agenda.at(act.atMs, () => this.carryOut(act));
  }

  /** Runs until a time, and everything of that time. Time never goes back. */
  runTo(untilMs: number): void {
    this.agenda.runTo(untilMs);
  }

  private carryOut(act: Act): void {
    switch (act.kind) {
      case 'key down':
        return this.keyDown(act.radioId, act.channelId, null);
      case 'send code':
        return this.sendCode(act.radioId, act.codeId);
      case 'key up':
        return this.toRadio(act.radioId, { kind: 'key up' });
      case 'choose':
        return this.toRadio(act.radioId, { kind: 'choose', channelId: act.channelId });
      case 'squelch':
        return this.toRadio(act.radioId, { kind: 'squelch', open: act.open });
      case 'sleep':
        return this.toRadio(act.radioId, { kind: 'sleep', asleep: act.asleep });
      case 'power':
        return this.sites.has(act.siteId) ? this.links.power(act.siteId, act.on, act.cut === true) : undefined;
    }
  }

  private setRadio(id: Id, state: RadioState): void {
    if (this.radios.get(id) === state) return;
    this.radios.set(id, state);
    this.log.keep({ is: 'radio', id, state });
  }

  private setSite(id: Id, state: SiteState): void {
    if (this.sites.get(id) === state) return;
    this.sites.set(id, state);
    this.log.keep({ is: 'site', id, state });
  }

  private lose(lane: Lane, over: number, why: Why): void {
    this.log.tell({ kind: 'lost', lane, over, why });
  }

  private begin(from: Over['from'], mode: ModeId): LiveOver {
    const id = (this.lastOver += 1);
    const startMs = this.agenda.nowMs;
    const nothing = { siteId: null, air: null, traced: null, carried: null, codeId: null, at: null };
    const over: LiveOver = { id, from, mode, startMs, ...nothing };
    this.live.set(id, over);
    this.log.over(over);
    return over;
  }

  /** An over is over, wherever it was heard. */
  private finish(over: LiveOver): void {
    this.live.delete(over.id);
    this.log.tell({ kind: 'ended', over: over.id });
    // Heard from radio to radio; what a site sends ends when it stops.
    if (over.from.is === 'radio') this.unheard(over.id);
  }

  private unheard(over: number): void {
    for (const [radioId, state] of this.radios)
      if (state.hearing === over) this.toRadio(radioId, { kind: 'ended', over });
  }

  // The radio

  private toRadio(id: Id, event: Untimed<RadioEvent>): void {
    const before = this.radios.get(id);
    if (!before) return;
    const [after, effects] = stepRadio(before, { atMs: this.nowMs, ...event } as RadioEvent);
    this.setRadio(id, after);
    if (before.hearing !== null && after.hearing === null)
      this.log.tell({ kind: 'hears no more', radioId: id, over: before.hearing });
    for (const effect of effects) this.fromRadio(id, effect);
    // A radio that hears nothing may open for what is on the air already.
    if (!after.sending && (before.sending || before.channelId !== after.channelId || (before.asleep && !after.asleep)))
      this.listenAgain(id);
  }

  private fromRadio(id: Id, effect: RadioEffect): void {
    switch (effect.kind) {
      case 'sends':
        return this.sent(id, this.live.get(effect.over)!);
      case 'refuses': {
        const channelId = this.radios.get(id)!.channelId!;
        return this.log.tell({ kind: 'refused', radioId: id, channelId, why: effect.why });
      }
      case 'releases':
        return this.released(id, effect.over, effect.timedOut);
      case 'hears':
        return this.log.tell({ kind: 'hears', radioId: id, over: effect.over });
      case 'look again':
        return this.agenda.at(effect.atMs, () => this.toRadio(id, effect.event));
    }
  }

  /** A stored tone code is sent on the channel that is chosen, as an over of its own. */
  private sendCode(id: Id, codeId: Id): void {
    const channelId = this.radios.get(id)?.channelId;
    if (channelId == null) return;
    this.keyDown(id, channelId, codeId);
    const over = this.radios.get(id)!.sending?.over;
    if (over !== undefined)
      this.agenda.after(this.times.codeMs, () => {
        if (this.radios.get(id)!.sending?.over === over) this.toRadio(id, { kind: 'key up' });
      });
  }

  private keyDown(id: Id, channelId: Id, codeId: Id | null): void {
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
    over.air = this.stage.sent(context);
    over.codeId = codeId;
    const refused: Why | null =
      context.purpose === 'receive only'
        ? { is: 'receive only' }
        : broken?.hop === 'radio'
          ? { is: 'pair', hop: 'radio', key: broken.fact.key }
          : null;
    this.toRadio(id, {
      kind: 'key down',
      facts: {
        over: over.id,
        broken: refused,
        waitsFor: rehearse.waitsFor?.(context) ?? null,
        onAir: this.onAir(context, over.air),
        squelchHolds: rehearse.squelchHolds === true,
        timeOutMs: channel.timeOutS === null ? null : channel.timeOutS * 1000,
      },
    });
    if (this.radios.get(id)!.sending?.over !== over.id) this.live.delete(over.id);
  }

  /** What a radio hears on a channel before it sends. One that waits for its own slot takes no notice of other modes. */
  private onAir({ site, radio, channel }: PathContext, air: OnAir): 'nothing' | 'another slot' | 'its own slot' {
    const heard: OnAir[] = site ? this.sites.get(site.id)!.uses.map((use) => use.air) : [];
    for (const one of this.live.values())
      if (one.from.is === 'radio' && one.from.radioId !== radio.id && one.air && one.traced)
        if (one.traced.context.channel.txHz === channel.rxHz) heard.push(one.air);
    if (heard.some((other) => share(air, other))) return 'its own slot';
    return heard.length > 0 ? 'another slot' : 'nothing';
  }

  /** A signal is on the air: other radios on the frequency hear it, and the site, where the path gets that far. */
  private sent(id: Id, over: LiveOver): void {
    const { channel, site } = over.traced!.context;
    this.log.tell({ kind: 'keyed', radioId: id, channelId: channel.id, over: over.id });
    if (channel.rxHz === channel.txHz) this.heardDirectly(id, over);
    const broken = breakOf(over.traced!);
    if (broken?.hop === 'air' || broken?.hop === 'site') {
      const lane: Lane = site ? laneOf(site.id) : { is: 'radio', id };
      return this.lose(lane, over.id, { is: 'pair', hop: broken.hop, key: broken.fact.key });
    }
    if (!site) return;
    over.siteId = site.id;
    const modes = this.stage.lookedFor(site.id);
    const isScanning = site.kind === 'hotspot' && this.sites.get(site.id)!.lock === null && modes.length > 1;
    const foundMs = isScanning ? Math.round(msToFind(modes, over.mode, this.chance(), this.times)) : 0;
    this.toSite(site.id, { kind: 'signal', over: over.id, air: over.air!, foundMs });
  }

  /** Radios that listen on the frequency, with the same opening of the channel. */
  private heardDirectly(id: Id, over: LiveOver): void {
    const sender = over.traced!.context.channel;
    for (const [other, { channelId }] of this.radios) {
      const channel = other === id || channelId === null ? undefined : this.stage.channel(other, channelId);
      if (!channel || channel.mode !== sender.mode || channel.rxHz !== sender.txHz) continue;
      const opens = channel.siteId === sender.siteId && this.stage.shutBy(other, channel.id, over.air!) === null;
      if (opens) this.toRadio(other, { kind: 'hears', over: over.id });
    }
  }

  private released(id: Id, overId: number, timedOut: boolean): void {
    const over = this.live.get(overId)!;
    this.log.tell({ kind: 'released', radioId: id, over: overId, timedOut });
    this.finish(over);
    if (over.siteId !== null) this.toSite(over.siteId, { kind: 'ended', over: overId });
    this.calls.done(over);
  }

  // The site

  private toSite(id: Id, event: Untimed<SiteEvent>): void {
    const facts = this.stage.factsOf(id);
    const [after, effects] = stepSite(facts, this.sites.get(id)!, { atMs: this.nowMs, ...event } as SiteEvent);
    this.setSite(id, after);
    for (const effect of effects) this.fromSite(id, effect);
  }

  private fromSite(id: Id, effect: SiteEffect): void {
    switch (effect.kind) {
      case 'takes':
        this.log.tell({ kind: 'taken', siteId: id, over: effect.over, missedMs: effect.missedMs });
        return this.taken(id, this.live.get(effect.over)!);
      case 'loses':
        this.calls.drop(id, this.live.get(effect.over));
        return this.lose(laneOf(id), effect.over, effect.why);
      case 'kept out':
        return this.lose(laneOf(id), effect.over, effect.why);
      case 'sends':
        this.log.tell({ kind: 'sends', siteId: id, over: effect.over, ...effect.air });
        for (const radioId of this.radios.keys()) this.offerTo(radioId, id, effect.over, effect.air);
        return;
      case 'stops':
        this.calls.drop(id, this.live.get(effect.over));
        this.log.tell({ kind: 'stops', siteId: id, over: effect.over });
        return this.unheard(effect.over);
      case 'locks':
        return this.log.tell({ kind: 'locked', siteId: id, mode: effect.mode });
      case 'scans':
        return this.log.tell({ kind: 'scanning', siteId: id });
      case 'look again':
        return this.agenda.at(effect.atMs, () => this.toSite(id, effect.event));
    }
  }

  private taken(siteId: Id, over: LiveOver): void {
    const { from } = over;
    if (from.is !== 'radio') return;
    // What a repeater, or a hotspot with two frequencies, hears it sends on at once.
    if (!this.stage.factsOf(siteId).isSimplex)
      for (const radioId of this.radios.keys())
        if (radioId !== from.radioId) this.offerTo(radioId, siteId, over.id, over.air!);
    this.calls.carry(siteId, over, from.radioId);
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
}
