import { defineCheck } from '../../../checks/check';
import { freeId } from '../../../plan/table';
import { addRule, rulesPointer } from '../routes/mend';
import { eachRouted } from './each-routed';

export const catchAllMissing = defineCheck({
  id: 'catch-all-missing',
  severity: 'note',
  title: 'No catch-all for groups',
  docs: {
    summary: 'A hotspot with several networks has no rule for the groups that no other rule claims.',
    why: 'A group called by its bare number goes nowhere, without a word.',
    remedy: 'Add a catch-all to the network that you use most, as the last rule.',
    source: { kind: 'common practice', name: 'a catch-all sends the rest to one network' },
  },
  messages: { missing: 'Groups that no rule of {site} claims go nowhere.' },
  fixes: { add: 'Send them to {network}' },
  check(index, report) {
    eachRouted(index, (site, profile, table, at) => {
      const networkId = table.networkIds[0];
      if (networkId === undefined || table.rules.some((rule) => rule.call === 'group' && rule.range === null)) return;
      const id = freeId(`r-${networkId}-rest`.slice(0, 50), (one) => one in profile.dmr.rules.byId);
      const patches = addRule(
        at,
        profile,
        { id, networkId, call: 'group', range: null, reply: true },
        profile.dmr.rules.order.length,
      );
      report({
        message: 'missing',
        data: { site: site.name, network: index.plan.networks.byId[networkId]!.name },
        pointer: rulesPointer(at),
        subject: { siteId: site.id },
        fixes: [{ id: 'add', patches }],
      });
    });
  },
});
