/** What the builder makes for a DMR want: a channel's values; its contact and receive list are `furnish`'s. */
import { usualPower } from '../../plan/power';
import type { Destination, Plan, Site } from '../../plan/types';
import type { ChannelDraft } from '../../builder/types';
import { networkIdOf } from '../../plan/networks';
import type { ModeBuild } from '../../builder/mode-build';
import { slotFor } from './carriage';
import { furnish, takes } from './furnish';
import { callFor } from './links';
import { buildLogins } from './login';
import { SIMPLEX_SLOT } from '../../plan/modes/dmr/limits';
import { worthAChannel } from './repeater';
import { radioNumber } from './routes/prefixes';

/** @throws Error when the destination is not in the plan: reference integrity has been broken before. */
function channels(plan: Plan, site: Site, destination: Destination): ChannelDraft<'dmr'>[] {
  const call = callFor(plan, destination);
  if (!call) throw new Error(`Want names a destination that the plan does not hold: ${JSON.stringify(destination)}`);
  // Where no number leads there yet, the network's own is as good as any: the path says what is missing.
  const networkId = networkIdOf(destination)!;
  const number = radioNumber(plan, site.id, networkId, call.kind, call.number) ?? call.number;
  return [
    {
      destination,
      values: {
        name: call.name,
        mode: 'dmr',
        rxHz: site.txHz,
        txHz: site.rxHz,
        power: usualPower(site),
        timeOutS: null,
        options: {},
        dmr: {
          colorCode: site.dmr?.colorCode ?? 1,
          slot: slotFor(site, call.kind, call.number) ?? SIMPLEX_SLOT,
          call: { kind: call.kind, number },
          receiveListId: null,
          admit: 'color-code-free',
        },
      },
      title: call.name,
      address: `${call.kind} ${number}${number === call.number ? '' : ` (${plan.networks.byId[networkId]!.name} ${call.number})`}`,
      use: destination.kind === 'special' ? 'service' : 'talk',
      networkId,
      siteId: site.id,
    },
  ];
}

export const build: ModeBuild<'dmr'> = { channels, furnish, takes, profile: buildLogins, worthAChannel };
