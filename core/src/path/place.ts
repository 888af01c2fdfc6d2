/** Where a call comes out, in words. */
import type { Arrival } from '../plan/types';
import type { ArrivalWords } from './mode-path';
import type { PathContext, PlanIndex } from './types';

/** Where a call comes out, whether it stays in its mode or crosses; `null`: nowhere. */
export function landingOf({ arrives, crossing }: Pick<PathContext, 'arrives' | 'crossing'>): Arrival | null {
  return crossing ? crossing.arrives : arrives;
}

/** A place where a call comes out, by the words of its mode. */
export function arrivalWords({ index, site }: Pick<PathContext, 'index' | 'site'>, arrival: Arrival): ArrivalWords {
  // What arrives has passed a site.
  return index.modes[arrival.mode].words.arrival(index, site!, arrival);
}

/** `Lantern 417`; empty for a call that stays at the site. */
function atNetwork({ plan }: PlanIndex, { networkId }: Arrival, short: string): string {
  return networkId === null ? '' : `${plan.networks.byId[networkId]!.name} ${short}`;
}

/** Where a call comes out, short: `Lantern 417`; empty when nowhere, or when it stays at the site. */
export function placeOf(context: Pick<PathContext, 'index' | 'site' | 'arrives' | 'crossing'>): string {
  const arrival = landingOf(context);
  return arrival ? atNetwork(context.index, arrival, arrivalWords(context, arrival).short) : '';
}
