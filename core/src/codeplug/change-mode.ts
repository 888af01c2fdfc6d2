/** A channel taken over into another mode of the same site: what all modes share stays, the rest is the site's. */
import { modeOf, modeOfDestination } from '../modes/registry';
import { LOCAL_MODES } from '../plan/destination-key';
import type { Channel, Destination, LocalModeId, ModeId, Plan } from '../plan/types';

/** Still meant for the same where that is of the new mode; else for whoever hears the site, where the mode has that. */
function destinationIn(plan: Plan, { destination, siteId }: Channel, mode: ModeId): Destination | null {
  if (destination && destination.kind !== 'local' && modeOfDestination(plan, destination).id === mode) return destination;
  return siteId !== null && destination?.kind === 'local' && LOCAL_MODES.includes(mode as LocalModeId) ? { kind: 'local', mode: mode as LocalModeId } : null;
}

/** @returns the channel as it would be; it was changed by hand, so the builder leaves it alone */
export function inMode(plan: Plan, channel: Channel, mode: ModeId): Channel {
  const { id, siteId, name, rxHz, txHz, power } = channel;
  const values = modeOf(mode).blankChannel(siteId === null ? undefined : plan.sites.byId[siteId]);
  return { id, siteId, destination: destinationIn(plan, channel, mode), wantId: null, ...values, name, rxHz, txHz, power, built: null } as Channel;
}
