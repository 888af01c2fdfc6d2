/** The pairs that every mode shares: call sign, bands, frequency, shift, level, and that there is a site at all. */
import { amateurBandOf, satelliteSegmentOf } from '../units/bands';
import { receivedLevelDbm } from '../units/free-space';
import { listensFor } from '../plan/carriage';
import type { Channel, NetworkModeId, ProfileValues, Radio, Site } from '../plan/types';
import { fact, mustEqual } from './fact';
import type { Fact, PathContext } from './types';

/** Whether a radio tunes both frequencies of a channel. */
export function radioCovers(radio: Radio, channel: Channel): boolean {
  const covers = (hz: number) => radio.bands.some((band) => hz >= band.lowHz && hz <= band.highHz);
  return covers(channel.rxHz) && covers(channel.txHz);
}

/** Pairs at the radio that every mode has: call sign, mode, and the bands it tunes. */
export function radioFacts({ index, radio, channel }: PathContext): Fact[] {
  const { callSign } = index.plan.station;
  return [
    fact('call-sign', callSign || null, callSign || { rule: 'any' }, callSign !== ''),
    fact('mode-in-radio', radio[channel.mode] ? channel.mode : null, channel.mode, radio[channel.mode] !== null),
    fact('radio-band', channel.txHz, { rule: 'within bands', bands: radio.bands }, radioCovers(radio, channel)),
  ];
}

/** Level at the site's receiver, dBm (ITU-R P.525). */
export function levelAtSiteDbm({
  radio,
  channel,
  site,
}: Pick<PathContext, 'radio' | 'channel' | 'site'>): number | null {
  if (!site || channel.txHz <= 0) return null;
  return receivedLevelDbm(radio.powerW[channel.power], channel.txHz, site.distanceM);
}

/** Pairs on the air that every mode has: frequency, shift, level. */
export function airFacts(context: PathContext): Fact[] {
  const { index, channel, site } = context;
  const width = index.modes[channel.mode].widthHz(channel);
  const { region } = index.plan.station;
  const facts = [
    fact(
      'licence-band',
      channel.txHz,
      { rule: 'within region', region },
      amateurBandOf(channel.txHz, width, region) !== null,
    ),
    fact('satellite', channel.txHz, { rule: 'clear' }, satelliteSegmentOf(channel.txHz, width) === null),
  ];
  if (!site) return facts;
  facts.push(mustEqual('frequency', channel.rxHz, site.txHz));
  // A swapped pair is one fault, told at the frequency.
  if (!isSwapped(context)) facts.push(mustEqual('shift', channel.txHz - channel.rxHz, site.rxHz - site.txHz));
  const level = levelAtSiteDbm(context);
  facts.push(
    fact(
      'level',
      level,
      { rule: 'at most', most: site.maxInputDbm },
      level === null || level <= site.maxInputDbm,
      'doubtful',
    ),
  );
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

function isOn(profile: ProfileValues | null, mode: Channel['mode']): boolean {
  return profile !== null && listensFor(profile, mode as NetworkModeId);
}

/** Days after which nobody knows whether a repeater is still there as listed. From memory; a year of silence in a list is long. */
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
export function siteFacts({ index, channel, site, profile }: PathContext): Fact[] {
  if (!site) return [fact('site', null, { rule: 'any' }, false, 'doubtful')];
  const enabled = site[channel.mode] !== null && (site.kind === 'repeater' || isOn(profile, channel.mode));
  return [
    fact('mode-at-site', enabled ? channel.mode : null, channel.mode, enabled),
    ...listingFacts(site, index.today),
  ];
}
