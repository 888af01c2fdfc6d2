/** What a channel is for: as it was said, else by what it holds. */
import { bandNameOf } from '../units/bands';
import { satelliteSegmentOf } from '../units/segments';
import type { Channel, Purpose } from '../plan/types';
import type { Modes } from './mode-path';

/** Every purpose, in the order in which they are offered. */
export const PURPOSES: readonly Purpose[] = ['talk', 'direct', 'receive only', 'satellite', 'service'];

/** Destinations that a network or gateway answers itself. */
const SERVICES: ReadonlySet<string> = new Set(['special', 'command', 'disconnect', 'recall']);

/** Up in one band and down in another, one of them in a satellite segment. */
function looksLikeSatellite({ rxHz, txHz }: Channel): boolean {
  const inSegment = satelliteSegmentOf(rxHz, 0) !== null || satelliteSegmentOf(txHz, 0) !== null;
  return inSegment && bandNameOf(rxHz) !== bandNameOf(txHz);
}

/**
 * The purpose of a channel. Where nobody has said it: with a site it talks through it; without one it is direct where
 * it sends where it listens and its mode calls nobody beyond, satellite where it goes up in one band and comes down in
 * another.
 */
export function purposeOf(channel: Channel, modes: Modes): Purpose {
  if (channel.purpose !== null) return channel.purpose;
  if (channel.siteId !== null || channel.destination !== null)
    return SERVICES.has(channel.destination?.kind ?? '') ? 'service' : 'talk';
  if (looksLikeSatellite(channel)) return 'satellite';
  return channel.rxHz === channel.txHz && modes[channel.mode].isDirect(channel) ? 'direct' : 'talk';
}

/** Whether a channel of this purpose goes through a site. */
export function isThroughSite(purpose: Purpose): boolean {
  return purpose === 'talk' || purpose === 'service';
}

/** Whether a channel of this purpose is sent on. */
export function isSent(purpose: Purpose): boolean {
  return purpose !== 'receive only';
}
