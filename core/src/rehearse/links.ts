/** What a site is linked to, as it changes: links that take time or fail, groups that fall asleep, profiles. */
import type { RehearsalTimes } from '../plan/rehearsal-times';
import type { PathContext } from '../path/types';
import type { Arrival, Id, ModeId, RecallSlot } from '../plan/types';
import type { Agenda } from './agenda';
import type { Chance } from './chance';
import type { RunLog } from './run-log';
import type { SiteState } from './site';
import type { Stage } from './stage';
import { placeKey } from './types';

interface LinksOf {
  agenda: Agenda;
  log: RunLog;
  stage: Stage;
  times: RehearsalTimes;
  /** Chance of what outlives a cut of power. */
  chance: Chance;
  /** Places that do not answer. */
  silent: ReadonlySet<string>;
  site(id: Id): SiteState;
  setPower(id: Id, is: SiteState['power']): void;
  /** The site says what it is linked to. */
  announce(id: Id, mode: ModeId): void;
  /** What is being said where it is linked now comes to it. */
  join(id: Id): void;
}

export class Links {
  /** Hotspots whose card did not outlive a cut of power. */
  private readonly damaged = new Set<Id>();

  constructor(private readonly of: LinksOf) {}

  /** All that a site is linked to when it has started. */
  begin(siteId: Id): void {
    const { stage, log } = this.of;
    for (const mode of stage.lookedFor(siteId)) {
      log.link(siteId, mode, stage.state(siteId, mode), null);
      this.watch(siteId, mode);
    }
  }

  /** A channel was keyed and came through: what its mode’s machine makes of it. */
  keyed(siteId: Id, context: PathContext): void {
    const { stage, agenda, log } = this.of;
    const { mode } = context.channel;
    stage.keyed(context, agenda.nowMs);
    log.link(siteId, mode, stage.state(siteId, mode), 'linked');
    this.watch(siteId, mode);
  }

  /** A link takes a while; a place that does not answer is asked for as long as an attempt lasts. */
  connect(siteId: Id, context: PathContext, place: Arrival): void {
    const { agenda, log, times, silent, site, announce, join } = this.of;
    const { mode } = context.channel;
    const key = placeKey(place);
    const isSilent = silent.has(key);
    log.tell({ kind: 'connecting', siteId, mode, place: key });
    agenda.after(isSilent ? times.attemptMs : times.connectMs, () => {
      if (site(siteId).power !== 'on') return;
      if (isSilent) return log.tell({ kind: 'not answered', siteId, mode, place: key });
      this.keyed(siteId, context);
      announce(siteId, mode);
      join(siteId);
    });
  }

  /** The hotspot takes up another of its stored profiles. */
  recall(siteId: Id, { profileId }: RecallSlot): void {
    if (profileId === null) return;
    this.is(siteId, 'starting');
    this.startsAfter(siteId, this.of.times.profileMs, profileId);
  }

  /** `isCut`: without shutting down first. */
  power(siteId: Id, on: boolean, isCut: boolean): void {
    const { site, chance, times, log, setPower } = this.of;
    if (!on && site(siteId).power === 'on' && isCut && chance() < times.cutDamages) this.damaged.add(siteId);
    if (on && this.damaged.has(siteId)) {
      log.tell({ kind: 'power', siteId, is: 'damaged' });
      return setPower(siteId, 'off');
    }
    this.is(siteId, on ? 'starting' : 'off');
    if (on) this.startsAfter(siteId, times.startMs, null);
  }

  private is(siteId: Id, power: SiteState['power']): void {
    this.of.log.tell({ kind: 'power', siteId, is: power });
    this.of.setPower(siteId, power);
  }

  private startsAfter(siteId: Id, ms: number, profileId: Id | null): void {
    const { agenda, stage, log, site, join } = this.of;
    agenda.after(ms, () => {
      if (site(siteId).power !== 'starting') return;
      if (profileId === null) stage.start(siteId, agenda.nowMs);
      else {
        stage.run(siteId, profileId, agenda.nowMs);
        log.tell({ kind: 'profile', siteId, profileId });
      }
      this.is(siteId, 'on');
      this.begin(siteId);
      join(siteId);
    });
  }

  /** A group that nobody keys falls asleep. */
  private watch(siteId: Id, mode: ModeId): void {
    const { agenda, stage, log } = this.of;
    const next = stage.nextLapse(siteId, mode);
    if (!next) return;
    agenda.at(next.atMs, () => {
      const due = stage.nextLapse(siteId, mode);
      if (!due || due.atMs > agenda.nowMs) return;
      stage.step(siteId, mode, due.event, agenda.nowMs);
      log.link(siteId, mode, stage.state(siteId, mode), 'asleep');
      this.watch(siteId, mode);
    });
  }
}
