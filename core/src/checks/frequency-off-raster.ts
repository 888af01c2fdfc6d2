import { rows } from '../plan/table';
import { formatMHz } from '../units/quantities';
import { isOnRaster, nearestOnRaster } from '../units/shifts';
import type { TracedPath } from '../path/types';
import { toPointer } from '../plan/patches';
import { defineCheck } from './check';
import { channelPointer, channelSubject, set } from './walk';

const SIDES = ['rxHz', 'txHz'] as const;
type Side = (typeof SIDES)[number];

/**
 * The sides of a channel that are off the raster; `null` for none. What has its site's frequency is told of at the
 * site.
 */
function offRasterSides({ context: { channel, site } }: TracedPath): Side[] | null {
  const off = SIDES.filter(
    (side) =>
      !isOnRaster(channel[side]) &&
      channel[side] !== site?.txHz &&
      channel[side] !== site?.rxHz &&
      !(side === 'txHz' && channel.txHz === channel.rxHz),
  );
  return off.length > 0 ? off : null;
}

export const frequencyOffRaster = defineCheck({
  id: 'frequency-off-raster',
  severity: 'doubtful',
  title: 'Frequency off the raster',
  docs: {
    summary: 'A frequency is no multiple of 5 or 6.25 kHz.',
    why: 'Most radios cannot be set to it, and it is usually a slip of a digit.',
    remedy:
      'Compare it with its source. A hotspot’s small offset belongs into its offset setting, not into the frequency.',
    source: { kind: 'common practice', name: 'channel rasters of 5 and 6.25 kHz' },
  },
  messages: {
    site: '{site} has {has} MHz; the nearest on the raster is {expects}.',
    channel: 'The channel has {has} MHz; the nearest on the raster is {expects}.',
  },
  fixes: { set: 'Set it to {expects} MHz' },
  check(index, report) {
    const data = (hz: number) => ({ has: formatMHz(hz), expects: formatMHz(nearestOnRaster(hz)) });
    for (const site of rows(index.plan.sites)) {
      for (const side of SIDES) {
        if (isOnRaster(site[side]) || (side === 'txHz' && site.txHz === site.rxHz)) continue;
        report({
          message: 'site',
          data: { site: site.name, ...data(site[side]) },
          pointer: toPointer(['sites', 'byId', site.id, side]),
          subject: { siteId: site.id },
        });
      }
    }
    index.ofPaths(offRasterSides).forEach((off, at) => {
      if (!off) return;
      const { context } = index.paths()[at]!;
      const { channel } = context;
      for (const side of off) {
        const patches = (channel.txHz === channel.rxHz ? SIDES : [side]).map((one) =>
          set(channelPointer(context, one), nearestOnRaster(channel[one])),
        );
        report({
          message: 'channel',
          data: data(channel[side]),
          pointer: channelPointer(context, side),
          subject: channelSubject(context),
          fixes: [{ id: 'set', patches }],
        });
      }
    });
  },
});
