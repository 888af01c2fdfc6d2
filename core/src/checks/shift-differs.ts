import { maySendOn } from '../path/common-facts';
import { formatShiftMHz } from '../units/quantities';
import { defineCheck } from './check';
import { SITE_WAY, siteWayToPair } from './site-way';
import { channelPointer, channelSubject, eachDisagreement, set } from './walk';

export const shiftDiffers = defineCheck({
  id: 'shift-differs',
  severity: 'broken',
  title: 'Shift differs between channel and site',
  fact: 'shift',
  docs: {
    summary: 'A channel transmits with another shift than its site listens at: the sign, the size, or no shift at all.',
    why: 'You hear the site, but it does not hear you, and you may disturb whoever is on the other frequency.',
    remedy: 'Set the channel’s shift to the site’s.',
    source: { kind: 'common practice', name: 'a repeater listens at a fixed shift from where it sends' },
  },
  messages: {
    sign: 'The channel shifts by {has} MHz; {site} listens at {expects}: the sign is wrong.',
    size: 'The channel shifts by {has} MHz; {site} listens at {expects}.',
    none: 'The channel has no shift; {site} listens at {expects} MHz.',
  },
  fixes: { set: 'Set the shift to {expects}', site: SITE_WAY },
  check(index, report) {
    eachDisagreement(index, 'shift', 'air', (context, fact) => {
      const [has, shift] = [Number(fact.has), Number(fact.expects)];
      // A simplex site has a check of its own.
      if (shift === 0) return;
      const data = { has: formatShiftMHz(has), expects: formatShiftMHz(shift), site: context.site!.name };
      const message = has === 0 ? 'none' : has === -shift ? 'sign' : 'size';
      const pointer = channelPointer(context, 'txHz');
      const other = siteWayToPair(context, fact, `${data.has} MHz`, context.site!.txHz, context.site!.txHz + has);
      report({
        message,
        data,
        pointer,
        subject: channelSubject(context),
        // Where the channel may not send, the site is what is wrong.
        fixes: [
          ...(maySendOn(context, context.channel.rxHz + shift)
            ? [{ id: 'set' as const, patches: [set(pointer, context.channel.rxHz + shift)] }]
            : []),
          ...(other ? [{ id: 'site' as const, ...other }] : []),
        ],
      });
    });
  },
});
