import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject, set } from '../../../checks/walk';
import { isFmPath } from '../channel';

export const bandwidthNotOfCountry = defineCheck({
  id: 'bandwidth-not-of-country',
  severity: 'doubtful',
  title: 'An FM width that is not the country’s',
  docs: {
    summary: 'An FM channel that no site speaks for has another width than the country uses.',
    why: 'Too wide is distorted and disturbs the next channel; too narrow is faint.',
    remedy: 'Take the country’s width, which is set under Station.',
    source: { kind: 'common practice', name: 'FM of 25 or 12.5 kHz spacing, by country: a setting' },
  },
  messages: { differs: 'The channel is {has} kHz wide; in your country FM is {expects} kHz.' },
  fixes: { set: 'Set the width to {expects} kHz' },
  check(index, report) {
    const { fmWidthHz } = index.plan.station;
    for (const { context } of index.paths()) {
      // A site speaks for itself.
      if (!isFmPath(context) || context.site?.fm?.widthHz != null || context.channel.fm.widthHz === fmWidthHz) continue;
      // Weather stations and satellites are not the country's to set.
      if (context.purpose === 'receive only' || context.purpose === 'satellite') continue;
      const pointer = channelPointer(context, 'fm', 'widthHz');
      const data = { has: context.channel.fm.widthHz / 1000, expects: fmWidthHz / 1000 };
      const fixes = [{ id: 'set' as const, patches: [set(pointer, fmWidthHz)] }];
      report({ message: 'differs', data, pointer, subject: channelSubject(context), fixes });
    }
  },
});
