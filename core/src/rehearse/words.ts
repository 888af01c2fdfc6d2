/** What happens in a rehearsal, in sentences: the only place that makes words of it. */
import { COMMON_WORDS, HOP_NAMES } from '../path/fact-words';
import type { FactKey, PlanIndex } from '../path/types';
import { rows } from '../plan/table';
import type { Arrival, Id, ModeId } from '../plan/types';
import type { RehearsedModes } from './mode-rehearse';
import type { Moment, RunLog } from './run-log';
import type { SiteState } from './site';
import type { Happening, Over, Slot, Why } from './types';

export interface Telling {
  index: PlanIndex;
  modes: RehearsedModes;
  /** Call signs of the people at the far ends, by their ids. */
  callSigns: ReadonlyMap<string, string>;
  overs: RunLog['overs'];
}

/** `12 s`, `0.4 s`, `2 min 5 s`. */
export function span(ms: number): string {
  if (ms < 9_950) return `${Math.round(ms / 100) / 10} s`;
  const seconds = Math.round(ms / 1000);
  return seconds < 60 ? `${seconds} s` : `${Math.floor(seconds / 60)} min ${seconds % 60} s`;
}

/** `0:12.4`, `1:02:03.0`: a place in time. */
export function clock(ms: number): string {
  const tenths = Math.floor(ms / 100) % 10;
  const seconds = Math.floor(ms / 1000);
  const [h, m, s] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  const two = (n: number) => String(n).padStart(2, '0');
  return h > 0 ? `${h}:${two(m)}:${two(s)}.${tenths}` : `${m}:${two(s)}.${tenths}`;
}

const siteName = ({ index: { plan } }: Telling, id: Id) => plan.sites.byId[id]?.name ?? id;
const radioName = ({ index: { plan } }: Telling, id: Id) => plan.radios.byId[id]?.name ?? id;
const modeName = ({ modes }: Telling, mode: ModeId) => modes[mode].name;
const channelName = ({ index: { plan } }: Telling, radioId: Id, id: Id) =>
  plan.codeplugs[radioId]?.channels.byId[id]?.name ?? id;

/** Who talks. */
export function speakerName(telling: Telling, over: Pick<Over, 'from'> | undefined): string {
  const from = over?.from;
  switch (from?.is) {
    case 'radio':
      return radioName(telling, from.radioId);
    case 'talker':
      return telling.callSigns.get(from.talkerId) ?? from.talkerId;
    case 'echo':
      return 'the echo';
    case 'announcement':
      return `what ${siteName(telling, from.siteId)} says`;
    case undefined:
      return 'somebody';
  }
}

/** What a pair is called. */
function pairName({ modes }: Telling, key: FactKey): string {
  const common = (COMMON_WORDS as Partial<Record<FactKey, { name: string }>>)[key];
  if (common) return common.name;
  for (const { words } of Object.values(modes)) {
    const own = (words.facts as Partial<Record<FactKey, { name: string }>>)[key];
    if (own) return own.name;
  }
  return key;
}

/** Why something was not heard. */
export function whyWords(telling: Telling, why: Why, radioId: Id | null = null): string {
  switch (why.is) {
    case 'pair':
      return `${HOP_NAMES[why.hop]}: ${pairName(telling, why.key)} does not agree`;
    case 'scanning':
      return `it was still looking for this mode (${span(why.ms)})`;
    case 'locked':
      return `locked to ${modeName(telling, why.mode)}`;
    case 'transmitting':
      return 'it was sending, and hears nothing meanwhile';
    case 'slot taken':
      return 'the slot was in use';
    case 'slot held':
      return 'the slot was kept for another group';
    case 'unknown code':
      return 'no slot of the hotspot has this code';
    case 'starting':
      return 'still starting';
    case 'off':
      return 'switched off';
    case 'doubled':
      return 'two sent at once';
    case 'busy':
      return 'the channel is busy';
    case 'squelch open':
      return 'the squelch is open';
    case 'asleep':
      return 'it slept: this press only woke it';
    case 'receive only':
      return 'the channel only receives';
    case 'not linked':
      return why.first === null || radioId === null
        ? 'nothing is linked'
        : `nothing is linked: key ${channelName(telling, radioId, why.first)} first`;
    case 'someone talks':
      return 'somebody talks there';
    case 'network loss':
      return 'lost on the way through the network';
  }
}

/** What a site is linked to in a mode; empty for nothing. */
const linkWords = ({ modes }: Telling, mode: ModeId, state: unknown): string =>
  state === null ? '' : modes[mode].rehearse.linked(state as never);

/** A place as its mode calls it, with its network: `Lantern 417`. */
export function placeWords({ index, modes }: Telling, key: string): string {
  const place = JSON.parse(key) as Arrival;
  const network = place.networkId === null ? '' : `${index.plan.networks.byId[place.networkId]?.name ?? ''} `;
  const site = rows(index.plan.sites)[0];
  return site ? `${network}${modes[place.mode].words.arrival(index, site, place).short}` : network.trim();
}

const slotWords = (slot: Slot) => (slot === null ? '' : ` on slot ${slot}`);

/** What only ends something that was told of: a list of what happened leaves it out. */
const ENDS: ReadonlySet<Happening['kind']> = new Set(['ended', 'stops', 'hears no more', 'heard no more']);
export const isEnd = ({ kind }: Pick<Happening, 'kind'>): boolean => ENDS.has(kind);

/** One happening, in a sentence without its time. */
export function tell(telling: Telling, one: Happening): string {
  const who = 'over' in one ? speakerName(telling, telling.overs.get(one.over)) : '';
  switch (one.kind) {
    case 'keyed':
      return `${who} sends on ${channelName(telling, one.radioId, one.channelId)}`;
    case 'released':
      return one.timedOut ? `${who} stops by itself: its time is out` : `${who} lets go`;
    case 'refused':
      return `${radioName(telling, one.radioId)} does not send: ${whyWords(telling, one.why, one.radioId)}`;
    case 'taken': {
      const missed = one.missedMs > 0 ? `, without its first ${span(one.missedMs)}` : '';
      return `${siteName(telling, one.siteId)} takes ${who}${missed}`;
    }
    case 'sends':
      return `${siteName(telling, one.siteId)} sends ${who}${slotWords(one.slot)}`;
    case 'stops':
      return `${siteName(telling, one.siteId)} stops sending`;
    case 'locked':
      return `${siteName(telling, one.siteId)} is locked to ${modeName(telling, one.mode)}`;
    case 'scanning':
      return `${siteName(telling, one.siteId)} looks for any mode again`;
    case 'power':
      return `${siteName(telling, one.siteId)} ${
        {
          off: 'is switched off',
          starting: 'starts',
          on: 'is ready',
          damaged: 'does not start: its card is damaged',
        }[one.is]
      }`;
    case 'reached':
      return `${who} is heard at ${placeWords(telling, one.place)}`;
    case 'talks':
      return `${who} talks at ${placeWords(telling, one.place)}`;
    case 'ended':
      return `${who} is over`;
    case 'heard no more':
      return `${who} is not carried any more`;
    case 'hears':
      return `${radioName(telling, one.radioId)} hears ${who}`;
    case 'hears no more':
      return `${radioName(telling, one.radioId)} hears ${who} no more`;
    case 'lost': {
      const radio = telling.overs.get(one.over)?.from;
      const at =
        one.lane.is === 'radio'
          ? radioName(telling, one.lane.id)
          : one.lane.is === 'site'
            ? siteName(telling, one.lane.id)
            : (telling.index.plan.networks.byId[one.lane.id]?.name ?? '');
      return `${who} is lost at ${at}: ${whyWords(telling, one.why, radio?.is === 'radio' ? radio.radioId : null)}`;
    }
    case 'connecting':
      return `${siteName(telling, one.siteId)} asks for ${placeWords(telling, one.place)}`;
    case 'linked': {
      const linked = linkWords(telling, one.mode, one.state) || 'nothing';
      return `${siteName(telling, one.siteId)}, ${modeName(telling, one.mode)}: ${linked} linked`;
    }
    case 'not answered':
      return `${placeWords(telling, one.place)} does not answer`;
    case 'asleep': {
      const left = linkWords(telling, one.mode, one.state);
      return `${siteName(telling, one.siteId)}: what was taken up falls asleep${left ? `; ${left} stays` : ''}`;
    }
    case 'profile': {
      const profile = telling.index.plan.profiles.byId[one.profileId];
      return `${siteName(telling, one.siteId)} runs ${profile?.name ?? one.profileId}`;
    }
  }
}

function siteWords(telling: Telling, id: Id, state: SiteState, atMs: number): string {
  if (state.power !== 'on') return state.power === 'off' ? 'switched off' : 'starting';
  const waits = state.offered.length > 0 ? `, ${state.offered.length} waiting` : '';
  const uses = state.uses.map(
    ({ over, way, air }) =>
      `${way === 'in' ? 'hears' : 'sends'} ${speakerName(telling, telling.overs.get(over))}${slotWords(air.slot)}`,
  );
  const idle = telling.index.plan.sites.byId[id]?.kind === 'repeater' ? 'is free' : 'looks for any mode';
  if (!state.lock) return `${uses.join(', ') || idle}${waits}`;
  const hang = state.lock.untilMs === null ? '' : `${span(Math.max(0, state.lock.untilMs - atMs))} of hang left`;
  return [`locked to ${modeName(telling, state.lock.mode)}`, ...uses, hang].filter(Boolean).join(', ') + waits;
}

/** What each radio and site is at a time: `QO3VES 03`, `locked to DMR, 12 s of hang left`. */
export function statesAt(
  telling: Telling,
  moments: readonly Moment[],
  atMs: number,
): { lane: string; name: string; words: string }[] {
  const last = new Map<string, Moment>();
  for (const moment of moments) {
    if (moment.atMs > atMs) break;
    last.set(`${moment.is} ${moment.id}${moment.is === 'link' ? ` ${moment.mode}` : ''}`, moment);
  }
  const links = (siteId: Id) =>
    [...last.values()].flatMap((one) =>
      one.is === 'link' && one.id === siteId ? linkWords(telling, one.mode, one.state) || [] : [],
    );
  return [...last.values()].flatMap((one) => {
    if (one.is === 'link') return [];
    if (one.is === 'site') {
      const linked = links(one.id).flat();
      const more = linked.length > 0 ? `; linked: ${linked.join(', ')}` : '';
      const words = siteWords(telling, one.id, one.state, atMs) + more;
      return [{ lane: `site ${one.id}`, name: siteName(telling, one.id), words }];
    }
    const { state } = one;
    const channel = telling.index.plan.codeplugs[one.id]?.channels.byId[state.channelId ?? ''];
    const on = channel?.name ?? 'no channel';
    const site = channel?.siteId != null ? last.get(`site ${channel.siteId}`) : undefined;
    const isBusy = site?.is === 'site' && site.state.uses.length > 0;
    const link = channel && last.get(`link ${channel.siteId} ${channel.mode}`);
    const display =
      channel && link?.is === 'link' && link.state !== null
        ? (telling.modes[channel.mode].rehearse.display?.(channel as never, link.state as never) ?? '')
        : '';
    const does = state.asleep
      ? 'sleeps'
      : state.sending
        ? `sends for ${span(atMs - state.sending.sinceMs)}`
        : state.hearing !== null
          ? `hears ${speakerName(telling, telling.overs.get(state.hearing))}`
          : isBusy
            ? 'is silent, busy light on'
            : 'is silent';
    const more = [display && `shows ${display}`, state.squelchOpen && 'squelch open'].filter(Boolean);
    return [
      {
        lane: `radio ${one.id}`,
        name: radioName(telling, one.id),
        words: [`${on}: ${does}`, ...more].join(', '),
      },
    ];
  });
}
