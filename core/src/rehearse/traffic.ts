/** How busy the far ends are, hour by hour, and what one does oneself over a day. */
import { rows } from '../plan/table';
import type { Arrival, Channel, Destination, Id, Plan } from '../plan/types';
import type { Chance } from './chance';
import type { RehearsedModes } from './mode-rehearse';
import { placeKey, type Talker } from './types';

export const HOUR_MS = 3_600_000;
export const DAY_MS = 24 * HOUR_MS;

/** For each hour of a day the part of it in which somebody talks, 0 to 1. */
export type Hours = readonly number[];

/** A place where people talk, as a plan can reach it through a site. */
export interface BusyPlace {
  key: string;
  name: string;
  destination: Destination;
  place: Arrival;
}

/** What one does oneself: so many conversations a day, in waking hours. */
export const OWN_DAY = { conversations: 40, fromHour: 7, toHour: 23 } as const;

const flat = (share: number): number[] => Array<number>(24).fill(share);
const evening = (day: number, peak: number) =>
  flat(0).map((_, hour) => (hour >= 18 && hour < 22 ? peak : hour >= 7 ? day : 0));

export type PatternId = 'quiet' | 'evening' | 'net';

/** Patterns to begin with; anybody’s evenings are their own, so each hour can be drawn. From memory. */
export const PATTERNS: Readonly<Record<PatternId, { name: string; hours: (at: number) => Hours }>> = {
  quiet: { name: 'Quiet', hours: () => evening(0.02, 0.05) },
  evening: { name: 'Evening', hours: () => evening(0.06, 0.3) },
  /** One place has its net from 20 to 21 h. */
  net: {
    name: 'Net night',
    hours: (at: number) => evening(0.04, 0.12).map((share, hour) => (at === 0 && hour === 20 ? 0.85 : share)),
  },
};

/** A channel that talks at a place beyond its site, in its own mode. */
interface TalkChannel {
  radioId: Id;
  channel: Channel;
  destination: Destination;
  place: Arrival;
}

/** The channels of a plan that talk at a place; `siteId`: through that site, `null`: through any. */
function talkChannels(plan: Plan, modes: RehearsedModes, siteId: Id | null): TalkChannel[] {
  return plan.radios.order.flatMap((radioId) =>
    rows(plan.codeplugs[radioId]!.channels).flatMap((channel): TalkChannel[] => {
      const { destination, mode } = channel;
      if ((siteId !== null && channel.siteId !== siteId) || destination?.mode !== mode) return [];
      const place = modes[mode].rehearse.place(plan, destination);
      return place && place.networkId !== null ? [{ radioId, channel, destination, place }] : [];
    }),
  );
}

/** What the channels of a plan talk to, once each; `siteId`: through that site, `null`: through any. */
export function placesThrough(plan: Plan, modes: RehearsedModes, siteId: Id | null): BusyPlace[] {
  const found = new Map<string, BusyPlace>();
  for (const { channel, destination, place } of talkChannels(plan, modes, siteId)) {
    const key = placeKey(place);
    if (!found.has(key)) found.set(key, { key, name: channel.name, destination, place });
  }
  return [...found.values()];
}

const OVER_MS = 15_000;

/** People who talk as much as the hours say: overs of about 15 s, with gaps. */
export function talkersFor(places: readonly BusyPlace[], hours: ReadonlyMap<string, Hours>): Talker[] {
  return places.flatMap(({ key, destination }) =>
    (hours.get(key) ?? []).flatMap((share, hour): Talker[] => {
      if (share <= 0) return [];
      return [
        {
          id: `${key} ${hour}`,
          callSign: `${hour} h`,
          at: destination,
          fromMs: hour * HOUR_MS,
          toMs: (hour + 1) * HOUR_MS,
          overMs: OVER_MS,
          gapMs: Math.max(1_000, OVER_MS * (1 / Math.min(1, share) - 1)),
          varies: 0.6,
        },
      ];
    }),
  );
}

/** A conversation of one’s own: a call, an answer, and the reply to it. */
export interface Conversation {
  atMs: number;
  radioId: Id;
  channelId: Id;
  callMs: number;
  answerAfterMs: number;
  answerMs: number;
  replyAfterMs: number;
  replyMs: number;
}

/** One’s own day, by chance: which channel, when, how long. */
export function conversationsOf(plan: Plan, modes: RehearsedModes, siteId: Id, chance: Chance): Conversation[] {
  const own = talkChannels(plan, modes, siteId)
    .filter(({ channel }) => channel.purpose !== 'receive only')
    .map(({ radioId, channel }) => ({ radioId, channelId: channel.id }));
  if (own.length === 0) return [];
  const { conversations, fromHour, toHour } = OWN_DAY;
  const between = (low: number, high: number) => Math.round(low + chance() * (high - low));
  return Array.from({ length: conversations }, (): Conversation => ({
    atMs: between(fromHour * HOUR_MS, toHour * HOUR_MS),
    ...own[Math.floor(chance() * own.length)]!,
    callMs: between(3_000, 8_000),
    // How soon people answer: mostly within several seconds. From memory.
    answerAfterMs: between(1_500, 14_000),
    answerMs: between(4_000, 15_000),
    replyAfterMs: between(1_500, 8_000),
    replyMs: between(3_000, 15_000),
  })).sort((a, b) => a.atMs - b.atMs);
}
