import { profilePointer } from '../../../plan/profiles';
import { defineCheck } from '../../../checks/check';
import { networkIdOf } from '../../../plan/networks';
import { channelPointer, channelSubject, set, wordsOf } from '../../../checks/walk';
import { eachDisagreement } from './walk';
import { callFor, routesOf } from '../links';

export const groupNotCarried = defineCheck({
  id: 'group-not-carried',
  severity: 'broken',
  title: 'No network of the hotspot carries the destination',
  fact: 'carried',
  docs: {
    summary: 'A channel is meant for a network that its hotspot is not logged in to.',
    why: 'The call goes to another network, where the same number is another group or nobody.',
    remedy: 'Log the hotspot in to that network; with several, add it under the hotspot’s routes.',
  },
  messages: { not: '{destination} is on {expects}; {site} is logged in to {has}.' },
  fixes: { enable: 'Log {site} in to {expects}', switch: 'Switch {site} from {has} to {expects}' },
  check(index, report) {
    eachDisagreement(index, 'carried', 'gateway', (context, fact) => {
      const { channel, profile } = context;
      const site = context.site!;
      const destination = channel.destination!;
      const networkId = networkIdOf(destination)!;
      const table = routesOf(index, site.id);
      const login = (id: string, on: boolean) =>
        set(profilePointer(index.plan, site.id, 'dmr', 'logins', id, 'enabled'), on);
      const known = profile!.dmr.logins[networkId] !== undefined;
      const switching =
        table.selection === 'one'
          ? {
              id: 'switch' as const,
              patches: [...table.networkIds.map((id) => login(id, false)), login(networkId, true)],
            }
          : { id: 'enable' as const, patches: [login(networkId, true)] };
      const data = { destination: callFor(index.plan, destination)!.name, ...wordsOf(context, fact), site: site.name };
      report({
        message: 'not',
        data,
        pointer: channelPointer(context, 'destination', 'networkId'),
        subject: channelSubject(context),
        fixes: known ? [switching] : [],
      });
    });
  },
});
