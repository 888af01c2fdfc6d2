/** The pairs that every mode shares: call sign, bands, frequency, shift, level, and that there is a site at all. */
import { amateurBandOf } from '../units/bands';
import { satelliteSegmentOf } from '../units/segments';
import { receivedLevelDbm } from '../units/free-space';
import { listensFor } from '../plan/carriage';
import { lowestOf, stepOf, wattsOf } from '../plan/power';
import type { NetworkModeId, Radio, Site } from '../plan/types';
import { fact, mustEqual, noted } from './fact';
import { isSent } from './purpose';
import type { Fact, PathContext } from './types';

/** Whether a radio tunes a frequency; one whose bands nobody has said may. */
export function radioTunes({ bands }: Radio, hz: number): boolean {
  return bands.length === 0 || bands.some((band) => hz >= band.lowHz && hz <= band.highHz);
}

/** Whether a radio only receives on a frequency. */
export function onlyReceives({ receiveOnly }: Radio, hz: number): boolean {
  return receiveOnly.some((band) => hz >= band.lowHz && hz <= band.highHz);
}

/**
 * Whether a radio tunes what a channel uses: both frequencies, or the one that is listened to where it is never sent
 * on.
 */
export function radioCovers({ radio, channel, purpose }: Pick<PathContext, 'radio' | 'channel' | 'purpose'>): boolean {
  const sends = () => radioTunes(radio, channel.txHz) && !onlyReceives(radio, channel.txHz);
  return radioTunes(radio, channel.rxHz) && (!isSent(purpose) || sends());
}

/** Pairs at the radio that every mode has: call sign, mode, and the bands it tunes. */
export function radioFacts(context: PathContext): Fact[] {
  const { index, radio, channel, purpose } = context;
  const { callSign } = index.plan.station;
  return [
    ...(isSent(purpose) ? [fact('call-sign', callSign || null, callSign || { rule: 'any' }, callSign !== '')] : []),
    fact('mode-in-radio', radio[channel.mode] ? channel.mode : null, channel.mode, radio[channel.mode] !== null),
    fact(
      'radio-band',
      isSent(purpose) ? channel.txHz : channel.rxHz,
      { rule: 'within bands', bands: radio.bands },
      radioCovers(context),
    ),
  ];
}

/**
 * Whether a channel could send there: the radio tunes it, the licence covers it, and no satellite is called. `hz`: what
 * it would send on.
 */
export function maySendOn({ index, radio, channel, purpose }: PathContext, hz: number): boolean {
  const width = index.modes[channel.mode].widthHz(channel);
  return (
    radioTunes(radio, hz) &&
    amateurBandOf(hz, width, index.plan.station) !== null &&
    (purpose === 'satellite' || satelliteSegmentOf(hz, width) === null)
  );
}

/** Level at the site's receiver, dBm (ITU-R P.525). */
export function levelAtSiteDbm({
  radio,
  channel,
  site,
}: Pick<PathContext, 'radio' | 'channel' | 'site'>): number | null {
  if (!site || channel.txHz <= 0) return null;
  const watts = wattsOf(radio, channel.power);
  return watts === null ? null : receivedLevelDbm(watts, channel.txHz, site.distanceM);
}

/**
 * Too much power is turned down; the lowest that a radio has is worth a note only: how much a receiver takes is a
 * setting, from memory.
 */
function levelFact(context: PathContext, { maxInputDbm: most }: Site): Fact {
  const level = levelAtSiteDbm(context);
  if (level === null || level <= most) return fact('level', level, { rule: 'at most', most }, true);
  return stepOf(context.radio, context.channel.power)?.name === lowestOf(context.radio)
    ? noted('level', level, { rule: 'at most', most })
    : fact('level', level, { rule: 'at most', most }, false, 'doubtful');
}

/** Pairs on the air that every mode has: frequency, shift, level. */
export function airFacts(context: PathContext): Fact[] {
  const { index, channel, site } = context;
  const width = index.modes[channel.mode].widthHz(channel);
  const { station } = index.plan;
  const facts = [
    fact(
      'licence-band',
      channel.txHz,
      { rule: 'within region', region: station.region },
      amateurBandOf(channel.txHz, width, station) !== null,
    ),
  ];
  // Satellite segments are where satellites are called.
  if (context.purpose !== 'satellite')
    facts.push(fact('satellite', channel.txHz, { rule: 'clear' }, satelliteSegmentOf(channel.txHz, width) === null));
  if (!site) return facts;
  facts.push(mustEqual('frequency', channel.rxHz, site.txHz));
  // On another frequency, or with the pair swapped, the channel has one fault, told at the frequency.
  if (channel.rxHz === site.txHz) facts.push(mustEqual('shift', channel.txHz - channel.rxHz, site.rxHz - site.txHz));
  facts.push(levelFact(context, site));
  return facts;
}

/** The site's view of its pair, programmed into the radio: it listens where the site listens. */
export function isSwapped({ channel, site }: Pick<PathContext, 'channel' | 'site'>): boolean {
  return site !== null && site.rxHz !== site.txHz && channel.rxHz === site.rxHz && channel.txHz === site.txHz;
}

/** A reply needs only that the radio listens where the site sends. */
export function replyAirFacts({ channel, site }: PathContext): Fact[] {
  return site ? [mustEqual('frequency', channel.rxHz, site.txHz)] : [];
}

/** A mode without networks is on where the hotspot has it: there is nothing to carry. */
function isOn({ index, profile, channel }: PathContext): boolean {
  if (index.modes[channel.mode].trace.beyond === null) return true;
  return profile !== null && listensFor(profile, channel.mode as NetworkModeId);
}

/**
 * Days after which nobody knows whether a repeater is still there as listed. From memory; a year of silence in a list
 * is long.
 */
export const CONFIRMED_DAYS = 365;

/** Whole days from one ISO date to another. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / 86_400_000);
}

/** What a list says of a repeater beyond its values. */
function listingFacts({ listing }: Site, today: string | null): Fact[] {
  if (!listing) return [];
  const { status, confirmedOn } = listing;
  const facts = [fact('on-air', status, 'on the air', status !== 'off the air')];
  if (today !== null && confirmedOn !== null)
    facts.push(
      fact(
        'confirmed',
        confirmedOn,
        { rule: 'within days', days: CONFIRMED_DAYS },
        daysBetween(confirmedOn, today) <= CONFIRMED_DAYS,
        'doubtful',
      ),
    );
  return facts;
}

/** Pairs at the site that every mode has: that there is one, its mode, whether it is on the air. */
export function siteFacts(context: PathContext): Fact[] {
  const { index, channel, site } = context;
  if (!site) return [fact('site', null, { rule: 'any' }, false, 'doubtful')];
  const enabled = site[channel.mode] !== null && (site.kind === 'repeater' || isOn(context));
  return [
    fact('mode-at-site', enabled ? channel.mode : null, channel.mode, enabled),
    ...listingFacts(site, index.today),
    ...recallFacts(context),
  ];
}

/** A call that is to recall a stored profile does, and no other call does by mistake. */
function recallFacts({ channel, recalls }: PathContext): Fact[] {
  const meant = channel.destination?.kind === 'recall' ? channel.destination.slotId : null;
  // Whoever meant nothing may mean to recall it.
  const expects = channel.destination === null ? (recalls?.id ?? null) : meant;
  if (!recalls && meant === null) return [];
  return [mustEqual('recalls', recalls?.id ?? null, expects)];
}
