import { defineCheck } from '../../../checks/check';
import { channelBeside } from '../../../checks/channel-beside';
import { contextsIn } from '../../../checks/walk';
import { toPointer } from '../../../plan/patches';
import { rows } from '../../../plan/table';
import type { ChannelOf, Id } from '../../../plan/types';
import { readCommand, writeCommand } from '../addresses';
import { blankChannel } from '../channel';
import { COMMAND_TITLES } from '../links';

export const noUnlinkEntry = defineCheck({
  id: 'no-unlink-entry',
  severity: 'doubtful',
  title: 'A radio can link a site and cannot unlink it',
  docs: {
    summary: 'A radio has entries that link a site to a reflector, and none that unlinks it.',
    why: 'You cannot leave: the site stays linked, and others hear what they did not ask for.',
    remedy: 'Build from wants again, or add an entry with seven spaces and U in UR.',
    source: { kind: 'common practice', name: 'each mode needs its way out programmed in its radio' },
  },
  messages: { none: '{radio} links {site} to {reflectors} and has no entry that unlinks it.' },
  fixes: { add: 'Add an entry that unlinks' },
  check(index, report) {
    const { plan } = index;
    const mine = contextsIn(index, 'dstar');
    if (mine.length === 0) return;
    for (const radio of rows(plan.radios)) {
      const linked = new Map<Id, { reflectors: Set<string>; like: ChannelOf<'dstar'> }>();
      const left = new Set<Id>();
      for (const { channel } of mine.filter((context) => context.radio.id === radio.id)) {
        const command = readCommand(channel.dstar.ur);
        if (channel.siteId === null) continue;
        if (command.kind === 'link')
          linked.set(channel.siteId, {
            reflectors: (linked.get(channel.siteId)?.reflectors ?? new Set<string>()).add(command.reflector),
            like: channel,
          });
        if (command.kind === 'unlink') left.add(channel.siteId);
      }
      for (const [siteId, { reflectors, like }] of linked) {
        if (left.has(siteId)) continue;
        const site = plan.sites.byId[siteId]!;
        const blank = blankChannel(site);
        const patches = channelBeside(plan, radio, plan.codeplugs[radio.id]!, like, {
          site,
          values: {
            ...blank,
            name: COMMAND_TITLES.unlink,
            dstar: { ...blank.dstar, ur: writeCommand({ kind: 'unlink' }) },
          },
          destination: { mode: 'dstar', kind: 'command', command: 'unlink' },
        });
        report({
          message: 'none',
          data: { radio: radio.name, site: site.name, reflectors: [...reflectors].join(' and ') },
          pointer: toPointer(['codeplugs', radio.id, 'channels']),
          subject: { radioId: radio.id, siteId },
          fixes: patches.length > 0 ? [{ id: 'add', patches }] : [],
        });
      }
    }
  },
});
