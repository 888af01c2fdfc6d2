import { slotMeant, slotWords } from '../path/recall';
import { hotspotsOf } from '../plan/sites';
import type { Hotspot, NetworkModeId } from '../plan/types';
import { defineCheck } from './check';
import { recallPatches } from './recall-entry';
import { channelPointer, channelSubject, eachDisagreement } from './walk';

export const recallDiffers = defineCheck({
  id: 'recall-differs',
  severity: 'broken',
  title: 'Another stored profile recalled than meant',
  fact: 'recalls',
  docs: {
    summary:
      'A channel is to recall a stored profile of a hotspot and sends something else; or it is meant for somewhere else, and the hotspot takes what it sends for the call of a slot.',
    why: 'The hotspot takes such a call itself: it changes its profile, or does nothing, and nobody hears you.',
    remedy: 'Send what recalls the slot, or give the slot another call: the hotspot’s manual says which it takes.',
    source: { kind: 'common practice', name: 'some hotspots recall stored profiles by a number that the radio sends' },
  },
  messages: {
    other: '{channel} is to recall {expects} of {site}; what it sends recalls {has}.',
    taken: '{channel} sends what recalls {has} of {site}: the hotspot takes the call, and it goes nowhere else.',
    unsaid: '{channel} is to recall {expects} of {site}; nobody has said what recalls that from {mode}.',
  },
  fixes: { send: 'Send {call}' },
  check(index, report) {
    const { plan, modes } = index;
    eachDisagreement(index, 'recalls', 'site', (context) => {
      const { channel, radio, recalls } = context;
      const mode = channel.mode as NetworkModeId;
      const slot = slotMeant(plan, channel);
      const site = context.site as Hotspot;
      const data = { channel: channel.name, site: site.name, mode: modes[mode].name };
      const has = recalls ? slotWords(plan, site, recalls) : 'nothing';
      const pointer = channelPointer(context, mode);
      const subject = channelSubject(context);
      if (!slot || !hotspotsOf(plan).some(({ recall }) => slot.id in recall.byId)) {
        report({ message: 'taken', data: { ...data, has }, pointer, subject });
        return;
      }
      const call = slot.calls[mode];
      const expects = slotWords(plan, site, slot);
      if (call === '') report({ message: 'unsaid', data: { ...data, expects }, pointer, subject });
      else {
        const patches = recallPatches(plan, modes, site, slot, radio, mode);
        report({
          message: 'other',
          data: { ...data, expects, has },
          pointer,
          subject,
          fixes: patches.length > 0 ? [{ id: 'send', data: { call }, patches }] : [],
        });
      }
    });
  },
});
