/** What becomes of a call that a site has taken: where the trace leads it, what it asks for, and who answers. */
import type { RehearsalTimes } from '../plan/rehearsal-times';
import { landingOf } from '../path/place';
import type { Fact, HopId, PathContext, TracedPath } from '../path/types';
import type { Arrival, Id, ModeId } from '../plan/types';
import type { Agenda } from './agenda';
import type { FarEnds, FarOver } from './far-ends';
import type { Links } from './links';
import type { RunLog, Untimed } from './run-log';
import type { SiteEvent } from './site';
import type { Stage } from './stage';
import { type OnAir, type Over, placeKey, type Why } from './types';

/** A call that a site has taken, and where it comes out; `null`: nowhere beyond the site. */
interface Carried {
  context: PathContext;
  place: Arrival | null;
  takenMs: number;
}

/** An over that goes on. What only a radio sends is `null` for others. */
export interface LiveOver extends FarOver {
  air: OnAir | null;
  traced: TracedPath | null;
  carried: Carried | null;
  /** The tone code that is sent in place of speech. */
  codeId: Id | null;
}

/** The pair that breaks the call of a path, with its hop; `null`: nothing does. */
export function breakOf({ path }: Pick<TracedPath, 'path'>): { hop: HopId; fact: Fact } | null {
  if (path.call.verdict !== 'broken') return null;
  const hop = path.call.hops.find((one) => one.state === 'broken')!;
  return { hop: hop.id, fact: hop.facts.find((one) => one.state === 'broken')! };
}

export interface CallsOf {
  agenda: Agenda;
  log: RunLog;
  stage: Stage;
  times: RehearsalTimes;
  links: Links;
  farEnds: FarEnds<LiveOver>;
  toSite(id: Id, event: Untimed<SiteEvent>): void;
  begin(from: Over['from'], mode: ModeId): LiveOver;
  finish(over: LiveOver): void;
}

export class Calls {
  constructor(private readonly of: CallsOf) {}

  /** A site has taken a call: it goes where the trace leads it, in the world as it is now. */
  carry(siteId: Id, over: LiveOver, radioId: Id): void {
    const { agenda, stage, farEnds } = this.of;
    const { context, path } = over.traced!;
    if (over.codeId !== null) return this.carryCode(siteId, over, radioId, over.codeId);
    const broken = breakOf(over.traced!);
    if (broken && path.outcome !== 'wrong place')
      return this.lose(siteId, over, { is: 'pair', hop: broken.hop, key: broken.fact.key });
    const rehearse = stage.rehearsed(over.mode);
    const isOwn = !context.crossing && !context.recalls;
    const first = isOwn ? rehearse.first?.(context) : undefined;
    const place = landingOf(context);
    over.carried = { context, place, takenMs: agenda.nowMs };
    if (first !== undefined && first !== context.channel.id)
      return this.lose(siteId, over, { is: 'not linked', first });
    const isCommand = first !== undefined || context.recalls !== null || (isOwn && rehearse.answer?.(context) != null);
    const connects = isOwn ? (rehearse.connects?.(context) ?? null) : null;
    // What is said while a link is asked for goes nowhere.
    if (isCommand || (connects && stage.comesOut(siteId, connects) === null)) return;
    if (place && place.networkId !== null) farEnds.speak(over, place);
  }

  /** The radio has let go: what its call asks for is done, and what answers answers. */
  done(over: LiveOver): void {
    if (!over.carried) return;
    const { stage, links, farEnds } = this.of;
    const { context, place, takenMs } = over.carried;
    const { id: siteId } = context.site!;
    const { mode } = context.channel;
    farEnds.silence(over);
    if (context.recalls) return links.recall(siteId, context.recalls);
    if (context.crossing) {
      if (place) stage.cross(siteId, placeKey(place), { ...over.air!, number: null });
      return farEnds.join(siteId);
    }
    const rehearse = stage.rehearsed(mode);
    const now: PathContext = { ...context, index: stage.now };
    const answer = rehearse.answer?.(now) ?? null;
    if (answer === 'echo') return this.echo(siteId, over.air!, this.of.agenda.nowMs - takenMs);
    const connects = rehearse.connects?.(now) ?? null;
    if (connects && stage.comesOut(siteId, connects) === null) return links.connect(siteId, context, connects);
    links.keyed(siteId, context);
    if (answer === 'says link' || (connects && rehearse.saysLinkAgain)) this.announce(siteId, mode);
    else farEnds.join(siteId);
  }

  /** A call that its own site carries no more: doubled, or the site was switched off. */
  drop(siteId: Id, over: LiveOver | undefined): void {
    if (!over?.carried || over.siteId !== siteId) return;
    over.carried = null;
    if (over.at) this.of.log.tell({ kind: 'heard no more', over: over.id });
    this.of.farEnds.silence(over);
  }

  /** The site says what it is linked to. */
  announce(siteId: Id, mode: ModeId): void {
    const { stage, times } = this.of;
    if (stage.now.profile(siteId)?.announcements === false) return;
    const air: OnAir = { mode, slot: stage.rehearsed(mode).saysOn ?? null, number: null };
    this.say(siteId, { is: 'announcement', siteId }, air, times.announceMs);
  }

  private lose(siteId: Id, { id }: LiveOver, why: Why): void {
    this.of.log.tell({ kind: 'lost', lane: { is: 'site', id: siteId }, over: id, why });
  }

  /** A tone code recalls a slot, or nothing; nobody hears it as speech. */
  private carryCode(siteId: Id, over: LiveOver, radioId: Id, codeId: Id): void {
    const { agenda, stage } = this.of;
    const recalls = stage.recalledBy(radioId, siteId, over.mode, codeId);
    if (!recalls) return this.lose(siteId, over, { is: 'unknown code' });
    over.carried = { context: { ...over.traced!.context, recalls }, place: null, takenMs: agenda.nowMs };
  }

  private echo(siteId: Id, air: OnAir, ms: number): void {
    const { agenda, times } = this.of;
    agenda.after(times.echoAfterMs, () => this.say(siteId, { is: 'echo', siteId }, air, ms));
  }

  /** An over that a site itself sends: an echo, or what it says. */
  private say(siteId: Id, from: Over['from'], air: OnAir, ms: number): void {
    const { agenda, begin, finish, toSite } = this.of;
    const over = begin(from, air.mode);
    toSite(siteId, { kind: 'offer', over: over.id, air });
    agenda.after(ms, () => {
      toSite(siteId, { kind: 'ended', over: over.id });
      finish(over);
    });
  }
}
