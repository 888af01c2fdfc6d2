/** The plan as a rehearsal needs it: in the world as it is now, looked up once as long as that stays the same. */
import type { RehearsalTimes } from '../plan/rehearsal-times';
import { replyAirFacts } from '../path/common-facts';
import { keyUp, stepAt } from '../path/key-up';
import { indexPlan, trace } from '../path/plan-index';
import type { Fact, PathContext, PlanIndex, TracedPath } from '../path/types';
import { stateOf, withState, type World } from '../path/world';
import { listensFor } from '../plan/carriage';
import { hangOf } from '../plan/hang';
import { asIfRunning } from '../plan/profile-acts';
import { NETWORK_MODE_IDS } from '../plan/modes';
import { rows } from '../plan/table';
import type { Arrival, Channel, Id, ModeId, NetworkModeId, Plan, RecallSlot, Site } from '../plan/types';
import type { RehearsedModes } from './mode-rehearse';
import type { SiteFacts } from './site';
import { type OnAir, placeKey } from './types';

/** The modes that a hotspot looks for, in the order of its round. */
export function modesLookedFor(index: PlanIndex, site: Site): NetworkModeId[] {
  const profile = index.profile(site.id);
  return NETWORK_MODE_IDS.filter((id) => site[id] !== null && (profile === null || listensFor(profile, id)));
}

/** What is looked up of a plan in one world. */
export class Stage {
  private opened = new Map<string, Fact | null>();
  private out = new Map<string, OnAir | null>();
  /** The place to which a site carried its last cross-mode call, and how talk there comes back. */
  private crossed = new Map<Id, { key: string; air: OnAir }>();
  private facts = new Map<Id, SiteFacts>();
  private looked = new Map<Id, NetworkModeId[]>();
  private index: PlanIndex;

  constructor(
    private plan: Plan,
    private readonly modes: RehearsedModes,
    private readonly times: RehearsalTimes,
    private readonly today: string | null,
    /** What is true at the beginning beside what the settings say. */
    sites: World['sites'],
  ) {
    this.index = indexPlan(plan, { modes, today });
    for (const site of rows(plan.sites)) if (site.kind === 'hotspot') this.start(site.id, 0);
    const { world } = this.index;
    const begun = { ...world.sites };
    for (const [id, said] of Object.entries(sites)) begun[id] = { ...begun[id], ...said };
    this.inWorld({ ...world, sites: begun });
  }

  get now(): PlanIndex {
    return this.index;
  }

  private inWorld(world: World): void {
    this.index = this.index.with(world);
    this.out.clear();
  }

  /** A hotspot as it is when it has started: linked to what its settings say. */
  start(siteId: Id, nowMs: number): void {
    const site = this.plan.sites.byId[siteId]!;
    this.crossed.delete(siteId);
    const { [siteId]: _, ...others } = this.index.world.sites;
    const before = this.index.with({ nowMs, sites: others });
    let world = before.world;
    for (const mode of modesLookedFor(this.index, site)) {
      const { machine } = this.modes[mode];
      if (machine) world = withState(world, siteId, mode, machine.start(before, site));
    }
    this.inWorld(world);
  }

  /** The hotspot runs another of its profiles from now on. */
  run(siteId: Id, profileId: Id, nowMs: number): void {
    this.plan = asIfRunning(this.plan, siteId, profileId);
    this.index = indexPlan(this.plan, { modes: this.modes, today: this.today, world: this.index.world });
    this.opened.clear();
    this.facts.clear();
    this.looked.clear();
    this.start(siteId, nowMs);
  }

  trace(radioId: Id, channelId: Id): TracedPath {
    return trace(this.index, radioId, channelId);
  }

  channel(radioId: Id, channelId: Id): Channel | undefined {
    return this.plan.codeplugs[radioId]?.channels.byId[channelId];
  }

  site(siteId: Id): Site {
    return this.plan.sites.byId[siteId]!;
  }

  state(siteId: Id, mode: ModeId): unknown {
    return stateOf(this.index.world, siteId, mode) ?? null;
  }

  /** Carries an event to a mode’s machine at a site. */
  step(siteId: Id, mode: ModeId, event: unknown, nowMs: number): void {
    this.become(stepAt({ index: this.index, world: this.index.world }, this.site(siteId), mode, event, nowMs));
  }

  /** What keying a channel does at its site, once it came through. */
  keyed(context: PathContext, nowMs: number): void {
    this.become(keyUp(this.index.world, { ...context, index: this.index }, nowMs));
  }

  /** Time alone changes nothing that was looked up. */
  private become(world: World): void {
    if (world.sites !== this.index.world.sites) this.inWorld(world);
  }

  /** A cross-mode call went through: what is said there comes back in the mode of the air. */
  cross(siteId: Id, key: string, air: OnAir): void {
    this.crossed.set(siteId, { key, air });
    this.out.clear();
  }

  factsOf(siteId: Id): SiteFacts {
    let known = this.facts.get(siteId);
    if (!known) {
      const site = this.site(siteId);
      const profile = this.index.profile(siteId);
      const { hangMs } = this.times;
      known = {
        kind: site.kind,
        holdMs: site.kind === 'repeater' ? this.times.holdMs : 0,
        isSimplex: site.kind === 'hotspot' && site.rxHz === site.txHz,
        hangMs(mode, side) {
          const said = profile && mode !== 'fm' ? hangOf(profile, mode, side).seconds : null;
          return said === null ? hangMs : said * 1000;
        },
      };
      this.facts.set(siteId, known);
    }
    return known;
  }

  lookedFor(siteId: Id): NetworkModeId[] {
    let known = this.looked.get(siteId);
    if (!known) this.looked.set(siteId, (known = modesLookedFor(this.index, this.site(siteId))));
    return known;
  }

  /** How talk at a place comes out of a site now; `null`: it does not. */
  comesOut(siteId: Id, place: Arrival, key = placeKey(place)): OnAir | null {
    const at = `${siteId} ${key}`;
    let known = this.out.get(at);
    if (known === undefined) {
      const site = this.site(siteId);
      const crossed = this.crossed.get(siteId);
      const hears = site[place.mode] !== null && this.lookedFor(siteId).includes(place.mode as NetworkModeId);
      const own = hears ? this.modes[place.mode].rehearse.comesOut(this.index, site, place) : null;
      known = own ?? (crossed?.key === key ? crossed.air : null);
      this.out.set(at, known);
    }
    return known;
  }

  /** The pair that keeps a channel shut for what its site sends; `null`: it opens. */
  shutBy(radioId: Id, channelId: Id, air: OnAir): Fact | null {
    const at = `${radioId} ${channelId} ${air.mode} ${air.slot} ${air.number}`;
    let known = this.opened.get(at);
    if (known === undefined) {
      const { context } = this.trace(radioId, channelId);
      const { trace: mode, rehearse } = this.modes[air.mode];
      const facts = [
        ...replyAirFacts(context),
        ...mode.air(context),
        ...mode.replySite(context),
        ...(rehearse.opens?.(context, air) ?? mode.replyRadio(context)),
      ];
      known = facts.find((one) => one.state === 'broken') ?? null;
      this.opened.set(at, known);
    }
    return known;
  }

  /** What a channel sends. */
  sent(context: PathContext): OnAir {
    const { mode } = context.channel;
    return this.modes[mode].rehearse.sends?.(context) ?? { mode, slot: null, number: null };
  }

  /** The slot of a hotspot that a tone code recalls, as a radio keeps it; `null`: none. */
  recalledBy(radioId: Id, siteId: Id, mode: ModeId, codeId: Id): RecallSlot | null {
    const code = this.modes[mode].recall?.codes?.of(this.plan.codeplugs[radioId]!).byId[codeId]?.code;
    const site = this.site(siteId);
    if (code === undefined || site.kind !== 'hotspot') return null;
    return rows(site.recall).find(({ calls }) => calls[mode as NetworkModeId] === code) ?? null;
  }

  /** When something of what is linked ends by itself. */
  nextLapse(siteId: Id, mode: ModeId): { atMs: number; event: unknown } | null {
    const state = stateOf(this.index.world, siteId, mode);
    return state ? (this.modes[mode].rehearse.lapses?.(state as never) ?? null) : null;
  }

  rehearsed(mode: ModeId) {
    return this.modes[mode].rehearse;
  }
}
