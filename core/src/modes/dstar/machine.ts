/** What a site is linked to, as its machine (`link.ts`) is driven by the channels of a plan. */
import type { ModeMachine } from '../../path/mode-path';
import { type DstarEffect, type DstarEvent, step } from './link';
import { gatewayAsked, linkBefore } from './links';

export const machine: ModeMachine<'dstar', DstarEvent, DstarEffect> = {
  start: (index, site) => ({ linkedTo: linkBefore(index, site) ?? null }),
  keyed({ site, channel }) {
    if (!site?.dstar) return null;
    const { ur, rpt2 } = channel.dstar;
    return { kind: 'sent', gateway: gatewayAsked(site.dstar), ur, rpt2 };
  },
  step,
};
