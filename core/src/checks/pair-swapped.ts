import { isSwapped } from '../path/common-facts';
import { formatMHz } from '../units/quantities';
import { defineCheck } from './check';
import { channelPointer, channelSubject, eachDisagreement, set } from './walk';

export const pairSwapped = defineCheck({
  id: 'pair-swapped',
  severity: 'broken',
  title: 'Receive and transmit are swapped',
  fact: 'frequency',
  docs: {
    summary:
      'A channel has the site’s own view of its pair: it listens where the site listens, and sends where the site sends.',
    why: 'You hear only stations near you, and you transmit on top of the site’s signal.',
    remedy: 'Swap the pair: the radio receives on what the site sends on, and transmits on what it listens on.',
    source: { kind: 'common practice', name: 'the radio’s transmit is the site’s receive' },
  },
  messages: { swapped: 'The channel receives on {has} MHz, where {site} listens; it sends on {expects} MHz.' },
  fixes: { swap: 'Swap receive and transmit' },
  check(index, report) {
    eachDisagreement(index, 'frequency', 'air', (context) => {
      if (!isSwapped(context)) return;
      const site = context.site!;
      const pointer = channelPointer(context, 'rxHz');
      const data = { site: site.name, has: formatMHz(context.channel.rxHz), expects: formatMHz(site.txHz) };
      report({
        message: 'swapped',
        data,
        pointer,
        subject: channelSubject(context),
        fixes: [{ id: 'swap', patches: [set(pointer, site.txHz), set(channelPointer(context, 'txHz'), site.rxHz)] }],
      });
    });
  },
});
