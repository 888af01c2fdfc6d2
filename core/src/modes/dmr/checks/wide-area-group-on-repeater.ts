import { defineCheck } from '../../../checks/check';
import { channelPointer, channelSubject } from '../../../checks/walk';
import { eachDisagreement } from './walk';

export const wideAreaGroupOnRepeater = defineCheck({
  id: 'wide-area-group-on-repeater',
  severity: 'doubtful',
  title: 'A nationwide or worldwide group on a repeater',
  fact: 'wide-area',
  docs: {
    summary:
      'A channel would take up a nationwide or worldwide group on a repeater whose keeper has not bound it there.',
    why: 'It ties the slot up for everybody near the repeater, for as long as the group talks.',
    remedy: 'Use it through your own hotspot, or ask the repeater’s keeper; on a repeater call groups of its area.',
    source: { kind: 'common practice', name: 'wide-area groups belong on hotspots' },
  },
  messages: { wide: 'Group {group} is {has}; {site} is shared, expected a group of its area.' },
  fixes: {},
  check(index, report) {
    eachDisagreement(index, 'wide-area', 'network', (context, fact) => {
      const data = {
        group: context.channel.dmr.call.number,
        has: fact.has === 'world' ? 'worldwide' : 'nationwide',
        site: context.site!.name,
      };
      report({
        message: 'wide',
        data,
        pointer: channelPointer(context, 'dmr', 'call', 'number'),
        subject: channelSubject(context),
      });
    });
  },
});
