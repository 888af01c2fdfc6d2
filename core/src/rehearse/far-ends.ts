/** The networks: who talks where, which sites hear it, and what is lost or late on the way. */
import type { Arrival, Id, Plan } from '../plan/types';
import type { Agenda } from './agenda';
import { type Chance, chanceOf } from './chance';
import type { RehearsedModes } from './mode-rehearse';
import { FREE_PLACE, type PlaceEvent, type PlaceState, stepPlace } from './place';
import type { RunLog, Untimed } from './run-log';
import type { SiteEvent, SiteState } from './site';
import type { Stage } from './stage';
import { type Cast, type Over, placeKey, type Talker } from './types';

/** Common practice: a second or two between overs. */
const TURN_MS = 1_000;

interface TalkPlace {
  talker: Talker;
  place: Arrival;
  key: string;
  chance: Chance;
}

/** An over as the far ends need it: the site that it came from, and where it is heard. */
export interface FarOver extends Over {
  siteId: Id | null;
  at: { key: string; networkId: Id | null } | null;
}

export interface FarEndsOf<O extends FarOver> {
  plan: Plan;
  modes: RehearsedModes;
  cast: Cast;
  seed: number;
  agenda: Agenda;
  log: RunLog;
  stage: Stage;
  /** Chance of what is lost on the way. */
  chance: Chance;
  sites: ReadonlyMap<Id, SiteState>;
  toSite(id: Id, event: Untimed<SiteEvent>): void;
  begin(from: Over['from'], mode: Over['mode']): O;
  finish(over: O): void;
}

const hasOver = (list: readonly { over: number }[], over: number) => list.some((one) => one.over === over);

export class FarEnds<O extends FarOver> {
  private readonly places = new Map<string, PlaceState>();
  private readonly talks = new Map<string, TalkPlace>();

  constructor(private readonly of: FarEndsOf<O>) {}

  /** Somebody more talks. @returns whether the plan has such a place */
  add(talker: Talker): boolean {
    const { plan, modes, seed, agenda } = this.of;
    const place = modes[talker.at.mode].rehearse.place(plan, talker.at);
    if (!place) return false;
    const chance = chanceOf(seed, `talker ${talker.id}`);
    this.talks.set(talker.id, { talker, place, key: placeKey(place), chance });
    agenda.at(talker.fromMs, () => this.step(placeKey(place), { kind: 'wants', talkerId: talker.id }));
    return true;
  }

  /** A radio’s over comes out at a place. */
  speak(over: O, place: Arrival): void {
    const key = placeKey(place);
    const { networkId } = place;
    const isHeard = this.step(key, { kind: 'begins', over: over.id });
    const lane =
      networkId === null ? { is: 'site' as const, id: over.siteId! } : { is: 'network' as const, id: networkId };
    if (!isHeard) return this.of.log.tell({ kind: 'lost', lane, over: over.id, why: { is: 'someone talks' } });
    over.at = { key, networkId };
    this.of.log.tell({ kind: 'reached', place: key, networkId, over: over.id });
    this.offerAround(over, place, key);
  }

  /** Whoever talked is not heard any more. */
  silence({ id, siteId: own, at }: O): void {
    if (!at || this.places.get(at.key)?.speaker !== id) return;
    const { agenda, sites, toSite } = this.of;
    agenda.after(this.wayTo(at.networkId).delayMs, () => {
      for (const [siteId, { uses, offered }] of sites)
        if (siteId !== own && (hasOver(uses, id) || hasOver(offered, id))) toSite(siteId, { kind: 'ended', over: id });
    });
    this.step(at.key, { kind: 'ended', over: id });
  }

  /** What is being said at a place that a site has just been linked to. */
  join(siteId: Id): void {
    const { stage, sites, toSite } = this.of;
    for (const { key, place } of this.talks.values()) {
      const speaker = this.places.get(key)?.speaker ?? null;
      const air = speaker === null ? null : stage.comesOut(siteId, place, key);
      const { uses, offered } = sites.get(siteId)!;
      if (speaker === null || !air || hasOver(uses, speaker) || hasOver(offered, speaker)) continue;
      toSite(siteId, { kind: 'offer', over: speaker, air });
    }
  }

  private wayTo(networkId: Id | null): { delayMs: number; loss: number } {
    return this.of.cast.networks[networkId ?? ''] ?? { delayMs: 0, loss: 0 };
  }

  /** @returns whether an over that begins is heard */
  private step(key: string, event: PlaceEvent): boolean {
    const [after, effects] = stepPlace(this.places.get(key) ?? FREE_PLACE, event);
    this.places.set(key, after);
    let isHeard = false;
    for (const effect of effects) {
      if (effect.kind === 'free for') this.talk(this.talks.get(effect.talkerId)!);
      else if (effect.kind === 'next')
        this.of.agenda.after(TURN_MS, () => this.step(key, { kind: 'wants', talkerId: effect.talkerId }));
      else isHeard = effect.kind === 'heard';
    }
    return isHeard;
  }

  /** One over of a talker, and after its gap the next. */
  private talk({ talker, key, place, chance }: TalkPlace): void {
    const { agenda, log, begin, finish } = this.of;
    if (agenda.nowMs >= talker.toMs) return void this.step(key, { kind: 'declines' });
    const vary = (ms: number) => Math.max(1, Math.round(ms * (1 + talker.varies * (2 * chance() - 1))));
    const [overMs, gapMs] = [vary(talker.overMs), vary(talker.gapMs)];
    const over = begin({ is: 'talker', talkerId: talker.id }, place.mode);
    over.at = { key, networkId: place.networkId };
    this.step(key, { kind: 'begins', over: over.id });
    log.tell({ kind: 'talks', place: key, networkId: place.networkId, over: over.id, talkerId: talker.id });
    this.offerAround(over, place, key);
    agenda.after(overMs, () => {
      this.silence(over);
      finish(over);
      agenda.after(gapMs, () => this.step(key, { kind: 'wants', talkerId: talker.id }));
    });
  }

  /** Every site that is linked to a place gets what is said there, but the one that it came from. */
  private offerAround(over: O, place: Arrival, key: string): void {
    const { agenda, log, stage, chance, sites, toSite } = this.of;
    const { delayMs, loss } = this.wayTo(place.networkId);
    for (const siteId of sites.keys()) {
      if (siteId === over.siteId || stage.comesOut(siteId, place, key) === null) continue;
      if (loss > 0 && chance() < loss) {
        const lane = { is: 'network' as const, id: place.networkId! };
        log.tell({ kind: 'lost', lane, over: over.id, why: { is: 'network loss' } });
        continue;
      }
      agenda.after(delayMs, () => {
        const air = stage.comesOut(siteId, place, key);
        if (air) toSite(siteId, { kind: 'offer', over: over.id, air });
      });
    }
  }
}
