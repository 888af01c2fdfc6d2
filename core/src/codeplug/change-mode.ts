/** A channel taken over into another mode of the same site: what all modes share stays, the rest is the site's. */
import { MODE_DATA } from '../plan/modes';
import type { Channel, Destination, ModeId, Plan } from '../plan/types';
import type { CodeplugModes } from './mode-codeplug';

/** Whether whoever hears a site is a destination of a mode. */
function hasLocal(mode: ModeId): boolean {
  return MODE_DATA[mode].keys.read('local') !== undefined;
}

/** Still meant for the same where that is of the new mode; else for whoever hears the site, where the mode has that. */
function destinationIn({ destination, siteId }: Channel, mode: ModeId): Destination | null {
  if (destination?.mode === mode) return destination;
  return siteId !== null && destination?.kind === 'local' && hasLocal(mode)
    ? ({ mode, kind: 'local' } as Destination)
    : null;
}

/** @returns the channel as it would be; it was changed by hand, so the builder leaves it alone */
export function inMode(modes: CodeplugModes, plan: Plan, channel: Channel, mode: ModeId): Channel {
  const { id, siteId, name, rxHz, txHz, power } = channel;
  const values = modes[mode].blankChannel(siteId === null ? undefined : plan.sites.byId[siteId]);
  return {
    id,
    siteId,
    destination: destinationIn(channel, mode),
    purpose: channel.purpose,
    wantId: null,
    ...values,
    name,
    rxHz,
    txHz,
    power,
    built: null,
  } as Channel;
}
