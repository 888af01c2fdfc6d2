import { rows } from '../plan/table';
import type { Channel } from '../plan/types';
import { defineCheck } from './check';
import { eachCodeplug, set } from './walk';

export const scanListBusy = defineCheck({
  id: 'scan-list-busy',
  severity: 'doubtful',
  title: 'A busy channel in a scan list',
  docs: {
    summary:
      'A scan list holds a channel that is seldom quiet (a group of a country or the world, a reflector or room that many are connected to) beside others.',
    why: 'The radio stops there and stays while somebody talks: what the other channels carry is missed.',
    remedy: 'Take it out of the list and choose the channel when you want to hear it.',
    source: { kind: 'common practice', name: 'a scanning radio stays with whoever talks' },
  },
  messages: { busy: 'Scan list {list} holds {channel} ({as}) beside {others} others.' },
  fixes: { out: 'Take {channel} out of the list' },
  check(index, report) {
    eachCodeplug(index.plan, (radio, codeplug, pointer) => {
      for (const list of rows(codeplug.scanLists)) {
        const members = list.channelIds.map((id) => codeplug.channels.byId[id]!);
        const busy = members.flatMap((channel) => {
          const as = busyAs(channel);
          return as === null ? [] : [{ channel, as }];
        });
        // A list of nothing else keeps nobody out.
        const others = members.length - busy.length;
        if (others === 0) continue;
        for (const { channel, as } of busy) {
          const at = `${pointer}/scanLists/byId/${list.id}`;
          report({
            message: 'busy',
            data: { list: list.name, channel: channel.name, as, others },
            pointer: `${at}/channelIds/${list.channelIds.indexOf(channel.id)}`,
            subject: { radioId: radio.id, channelId: channel.id },
            fixes: [
              {
                id: 'out',
                patches: [
                  set(
                    `${at}/channelIds`,
                    list.channelIds.filter((id) => id !== channel.id),
                  ),
                  ...(list.priorityId === channel.id ? [set(`${at}/priorityId`, null)] : []),
                ],
              },
            ],
          });
        }
      }
    });

    function busyAs({ mode, destination }: Channel): string | null {
      return destination?.mode === mode ? (index.modes[mode].busy?.(index.plan, destination as never) ?? null) : null;
    }
  },
});
