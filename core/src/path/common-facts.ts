/** The pairs that every mode shares: call sign, bands, frequency, shift, level, and that there is a site at all. */
import { MODES } from '../modes/registry';
import { amateurBandOf, satelliteSegmentOf } from '../radio-math/bands';
import { receivedLevelDbm } from '../radio-math/free-space';
import type { Channel, Radio } from '../plan/types';
import { fact, mustEqual } from './fact';
import type { Fact, PathContext } from './types';

export function radioCovers(radio: Radio, channel: Channel): boolean {
  const covers = (hz: number) => radio.bands.some((band) => hz >= band.lowHz && hz <= band.highHz);
  return covers(channel.rxHz) && covers(channel.txHz);
}

export function radioFacts({ index, radio, channel }: PathContext): Fact[] {
  const { callSign } = index.plan.station;
  return [
    fact('call-sign', callSign === '' ? null : callSign, callSign === '' ? 'a call sign' : callSign, callSign !== ''),
    fact('mode-in-radio', radio[channel.mode] ? channel.mode : null, channel.mode, radio[channel.mode] !== null),
    fact('radio-band', channel.txHz, channel.txHz, radioCovers(radio, channel)),
  ];
}

/** Level at the site's receiver, dBm (ITU-R P.525). */
export function levelAtSiteDbm({ radio, channel, site }: Pick<PathContext, 'radio' | 'channel' | 'site'>): number | null {
  if (!site || channel.txHz <= 0) return null;
  return receivedLevelDbm(radio.powerW[channel.power], channel.txHz, site.distanceM);
}

export function airFacts(context: PathContext): Fact[] {
  const { index, channel, site } = context;
  const width = MODES[channel.mode].channelWidthHz;
  const facts = [
    fact('licence-band', channel.txHz, index.plan.station.region, amateurBandOf(channel.txHz, width, index.plan.station.region) !== null),
    fact('satellite', channel.txHz, null, satelliteSegmentOf(channel.txHz, width) === null),
  ];
  if (!site) return facts;
  facts.push(mustEqual('frequency', channel.rxHz, site.txHz));
  facts.push(mustEqual('shift', channel.txHz - channel.rxHz, site.rxHz - site.txHz));
  const level = levelAtSiteDbm(context);
  facts.push(fact('level', level, site.maxInputDbm, level === null || level <= site.maxInputDbm, 'doubtful'));
  return facts;
}

/** A reply needs only that the radio listens where the site sends. */
export function replyAirFacts({ channel, site }: PathContext): Fact[] {
  return site ? [mustEqual('frequency', channel.rxHz, site.txHz)] : [];
}

export function siteFacts({ channel, site, profile }: PathContext): Fact[] {
  if (!site) return [fact('site', null, 'a site', false, 'doubtful')];
  const enabled = site[channel.mode] !== null && profile?.modes[channel.mode] === true;
  return [fact('mode-at-site', enabled ? channel.mode : null, channel.mode, enabled)];
}
