/** What the builder makes for an FM want: the site's pair, its tone and width. */
import { usualPower } from '../../plan/power';
import type { ChannelDraft } from '../../builder/types';
import type { Destination, Plan, Site } from '../../plan/types';
import type { ModeBuild } from '../../builder/mode-build';
import { blankChannel } from './channel';
import { LOCAL } from './links';

function channels(plan: Plan, site: Site, destination: Destination): ChannelDraft<'fm'>[] {
  const values = blankChannel(site);
  // What is not said of the site goes by the country.
  values.fm.widthHz = site.fm?.widthHz ?? plan.station.fmWidthHz;
  return [
    {
      values: { ...values, name: site.name, power: usualPower(site) },
      destination,
      title: site.name,
      address: 'FM',
      use: 'talk',
      networkId: null,
      siteId: site.id,
    },
  ];
}

export const build: ModeBuild<'fm'> = {
  channels,
  worthAChannel: () => ({ destinations: [{ destination: LOCAL.destination, name: '', short: '' }], missing: [] }),
};
