/** What a day with a hotspot is like, from runs: what one is kept from, what is missed, which hang times do best. */
import { indexPlan } from '../path/plan-index';
import type { Id, ModeId, Plan } from '../plan/types';
import { chanceOf } from './chance';
import type { RehearsedModes } from './mode-rehearse';
import { Run } from './run';
import { modesLookedFor } from './stage';
import { type BusyPlace, conversationsOf, DAY_MS, type Hours, talkersFor } from './traffic';
import { tryPlan } from './tries';
import type { Happening, Why } from './types';

export interface Day {
  /** Conversations of one’s own that were begun. */
  conversations: number;
  /** Calls that were lost or held back, since the hotspot was in another mode or sent something else. */
  keptOut: number;
  /** How long after such a call the hotspot was free for its mode again, ms, on average; 0 for none. */
  keptOutMs: number;
  /** Answers and replies that were lost, since another mode had taken the hotspot. */
  captures: number;
  /** Calls of which some, and all, was missed while the hotspot looked for the mode. */
  lateAtWakeUp: number;
  missedAtWakeUp: number;
  /** Replies whose beginning was missed, since the hotspot had left the mode by then. */
  cutReplies: number;
  /** From the last over of a conversation until the hotspot was free for any mode, ms, on average. */
  leaveMs: number;
  /** The part of the day in which it sends, by slot; `all`: in modes without slots. */
  airtime: { all: number; slot1: number; slot2: number };
  /** What it cost: events carried out. */
  events: number;
}

interface Call {
  mode: ModeId;
  part: 'call' | 'reply';
}

const average = (sum: number, of: number) => (of === 0 ? 0 : sum / of);

/** Another mode, or another over, had the hotspot. */
const isKeptOut = (why: Why) =>
  why.is === 'locked' || why.is === 'transmitting' || why.is === 'slot taken' || why.is === 'busy';

/** Looks on at a run, and counts. */
class Count {
  day: Day = {
    conversations: 0,
    keptOut: 0,
    keptOutMs: 0,
    captures: 0,
    lateAtWakeUp: 0,
    missedAtWakeUp: 0,
    cutReplies: 0,
    leaveMs: 0,
    airtime: { all: 0, slot1: 0, slot2: 0 },
    events: 0,
  };
  /** The press that one’s own radio makes now. */
  call: Call | null = null;
  private readonly calls = new Map<number, Call>();
  private readonly answers = new Set<string>();
  private readonly answering = new Set<number>();
  private readonly sending = new Map<number, { atMs: number; slot: 'all' | 'slot1' | 'slot2' }>();
  private waits: { sinceMs: number; mode: ModeId }[] = [];
  private lockedTo: ModeId | null = null;
  private leaves: number[] = [];
  private kept = 0;
  private left = 0;

  constructor(private readonly siteId: Id) {}

  expectAnswer(talkerId: string): void {
    this.answers.add(talkerId);
  }

  /** The conversation is over: from now on one would like the hotspot back. */
  leave(atMs: number): void {
    this.leaves.push(atMs);
  }

  private keepOut(call: Call, why: Why, atMs: number): void {
    if (call.part === 'reply' && why.is === 'locked') this.day.captures += 1;
    else {
      this.day.keptOut += 1;
      this.waits.push({ sinceMs: atMs, mode: call.mode });
    }
  }

  see(one: Happening): void {
    const { atMs } = one;
    switch (one.kind) {
      case 'keyed':
        if (this.call) this.calls.set(one.over, this.call);
        return;
      case 'refused':
        if (this.call && one.why.is === 'busy') this.keepOut(this.call, one.why, atMs);
        return;
      case 'taken': {
        const call = one.siteId === this.siteId ? this.calls.get(one.over) : undefined;
        if (!call || one.missedMs === 0) return;
        if (call.part === 'reply') this.day.cutReplies += 1;
        else this.day.lateAtWakeUp += 1;
        return;
      }
      case 'lost': {
        if (one.lane.is !== 'site' || one.lane.id !== this.siteId) return;
        const call = this.calls.get(one.over);
        if (call && one.why.is === 'scanning') this.day.missedAtWakeUp += 1;
        else if (call && isKeptOut(one.why)) this.keepOut(call, one.why, atMs);
        else if (this.answering.has(one.over) && one.why.is === 'locked') this.day.captures += 1;
        return;
      }
      case 'talks':
        if (this.answers.has(one.talkerId)) this.answering.add(one.over);
        return;
      case 'locked':
        if (one.siteId === this.siteId) this.lockedTo = one.mode;
        return;
      case 'scanning':
        if (one.siteId !== this.siteId) return;
        this.lockedTo = null;
        this.free(null, atMs);
        for (const since of this.leaves) this.left += atMs - since;
        this.day.leaveMs += this.leaves.length;
        this.leaves = [];
        return;
      case 'sends':
        if (one.siteId === this.siteId)
          this.sending.set(one.over, { atMs, slot: one.slot === null ? 'all' : one.slot === 1 ? 'slot1' : 'slot2' });
        return;
      case 'stops': {
        const sent = one.siteId === this.siteId ? this.sending.get(one.over) : undefined;
        if (!sent) return;
        this.day.airtime[sent.slot] += atMs - sent.atMs;
        this.sending.delete(one.over);
        if (this.sending.size === 0 && this.lockedTo) this.free(this.lockedTo, atMs);
        return;
      }
      default:
        return;
    }
  }

  /** The hotspot can be had for a mode, or for any (`null`). */
  private free(mode: ModeId | null, atMs: number): void {
    this.waits = this.waits.filter((wait) => {
      if (mode !== null && wait.mode !== mode) return true;
      this.kept += atMs - wait.sinceMs;
      return false;
    });
  }

  end(events: number): Day {
    const { day } = this;
    // Whoever still waits has waited until now.
    this.free(null, DAY_MS);
    const { all, slot1, slot2 } = day.airtime;
    return {
      ...day,
      keptOutMs: average(this.kept, day.keptOut),
      leaveMs: average(this.left, day.leaveMs),
      airtime: { all: all / DAY_MS, slot1: slot1 / DAY_MS, slot2: slot2 / DAY_MS },
      events,
    };
  }
}

export interface DayOptions {
  modes: RehearsedModes;
  siteId: Id;
  places: readonly BusyPlace[];
  hours: ReadonlyMap<string, Hours>;
  seed: number;
}

const LINK_MS = 2_500;
/** From a link being asked for until one talks. */
const LINKED_MS = 9_000;

/** One day of 24 h at a hotspot, with one’s own conversations among what is said at the far ends. */
export function rehearseDay(plan: Plan, { modes, siteId, places, hours, seed }: DayOptions): Day {
  const count = new Count(siteId);
  const cast = { talkers: talkersFor(places, hours), silent: [], networks: {} };
  const run = new Run(plan, { modes, cast, seed, keeps: false, onHappening: (one) => count.see(one) });
  const own = conversationsOf(plan, modes, siteId, chanceOf(seed, 'own day'));
  const press = (radioId: Id, channelId: Id, fromMs: number, ms: number, call: Call | null) => {
    run.runTo(fromMs);
    count.call = call;
    run.act({ kind: 'key down', radioId, channelId, atMs: fromMs });
    run.runTo(fromMs);
    count.call = null;
    run.act({ kind: 'key up', radioId, atMs: fromMs + ms });
    return fromMs + ms;
  };
  let busyUntilMs = 0;
  for (const [at, one] of own.entries()) {
    const { radioId, channelId } = one;
    // One person: the next conversation begins when the one before is over.
    let nowMs = Math.max(one.atMs, busyUntilMs);
    if (nowMs > DAY_MS - 120_000) break;
    run.runTo(nowMs);
    const { context } = run.trace(radioId, channelId);
    const { channel } = context;
    const call = (part: Call['part']): Call => ({ mode: channel.mode, part });
    const first = modes[channel.mode].rehearse.first?.(context as never);
    count.day.conversations += 1;
    if (first != null) nowMs = press(radioId, first, nowMs, LINK_MS, call('call')) + LINKED_MS;
    nowMs = press(radioId, channelId, nowMs, one.callMs, call('call'));
    if (channel.destination) {
      const fromMs = nowMs + one.answerAfterMs;
      const id = `answer ${at}`;
      count.expectAnswer(id);
      run.addTalker({
        id,
        callSign: 'answer',
        at: channel.destination,
        fromMs,
        toMs: fromMs + 1,
        overMs: one.answerMs,
        gapMs: DAY_MS,
        varies: 0,
      });
    }
    nowMs = press(
      radioId,
      channelId,
      nowMs + one.answerAfterMs + one.answerMs + one.replyAfterMs,
      one.replyMs,
      call('reply'),
    );
    run.runTo(nowMs);
    count.leave(nowMs);
    busyUntilMs = nowMs + 10_000;
  }
  run.runTo(DAY_MS);
  return count.end(run.events);
}

/** What several days with one hang time are like, on average a day. */
export interface Judged extends Day {
  hangS: number;
  /** Calls kept out, answers lost and replies cut, together: what one would have the least of. */
  spoilt: number;
}

export interface Judgement {
  /** With the settings as they are. */
  now: Day;
  byHang: Judged[];
  /** The hang times that do best, or as well: from and to, seconds. */
  best: { fromS: number; toS: number };
  /** Modes that share the hotspot. */
  modes: ModeId[];
  days: number;
}

/** Hang times that are tried, seconds. */
export const HANG_TIMES: readonly number[] = [2, 3, 5, 8, 12, 16, 20, 30, 45, 60, 90];

function meanOf(days: readonly Day[]): Day {
  const sum = (read: (day: Day) => number) => days.reduce((all, day) => all + read(day), 0);
  const mean = (read: (day: Day) => number) => sum(read) / days.length;
  return {
    conversations: mean((day) => day.conversations),
    keptOut: mean((day) => day.keptOut),
    // On average of the calls, not of the days.
    keptOutMs: average(
      sum((day) => day.keptOutMs * day.keptOut),
      sum((day) => day.keptOut),
    ),
    captures: mean((day) => day.captures),
    lateAtWakeUp: mean((day) => day.lateAtWakeUp),
    missedAtWakeUp: mean((day) => day.missedAtWakeUp),
    cutReplies: mean((day) => day.cutReplies),
    leaveMs: average(
      sum((day) => day.leaveMs * day.conversations),
      sum((day) => day.conversations),
    ),
    airtime: {
      all: mean((day) => day.airtime.all),
      slot1: mean((day) => day.airtime.slot1),
      slot2: mean((day) => day.airtime.slot2),
    },
    events: mean((day) => day.events),
  };
}

/** Hang times around the best one that are hardly worse: within a tenth, or half a call a day. */
export function bestRange(byHang: readonly Pick<Judged, 'hangS' | 'spoilt'>[]): { fromS: number; toS: number } {
  const least = byHang.reduce((best, one) => (one.spoilt < best.spoilt ? one : best));
  const fits = (at: number) =>
    byHang[at] !== undefined && byHang[at].spoilt <= Math.max(least.spoilt * 1.1, least.spoilt + 0.5);
  let [from, to] = [byHang.indexOf(least), byHang.indexOf(least)];
  while (fits(from - 1)) from -= 1;
  while (fits(to + 1)) to += 1;
  return { fromS: byHang[from]!.hangS, toS: byHang[to]!.hangS };
}

export interface JudgeOptions extends Omit<DayOptions, 'seed'> {
  /** How many days, each with a seed of its own. */
  days: number;
  /** Called before each day: how many of how many are done. */
  onDay?: (done: number, of: number) => void;
}

/** Days with each hang time; every hang time meets the same people saying the same. */
export function judge(plan: Plan, { days, onDay, ...options }: JudgeOptions): Judgement {
  const of = (HANG_TIMES.length + 1) * days;
  let done = 0;
  const several = (changed: Plan): Day =>
    meanOf(
      Array.from({ length: days }, (_, seed) => {
        onDay?.(done, of);
        done += 1;
        return rehearseDay(changed, { ...options, seed: seed + 1 });
      }),
    );
  const now = several(plan);
  const byHang = HANG_TIMES.map((hangS): Judged => {
    const day = several(tryPlan(plan, options.modes, { set: 'hang', seconds: hangS }));
    return { ...day, hangS, spoilt: day.keptOut + day.captures + day.cutReplies };
  });
  const modes = modesLookedFor(indexPlan(plan, { modes: options.modes }), plan.sites.byId[options.siteId]!);
  return { now, byHang, best: bestRange(byHang), modes, days };
}
