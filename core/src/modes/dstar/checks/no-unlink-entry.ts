import { defineCheck } from '../../../checks/check';
import { toPointer } from '../../../plan/patches';
import { rows } from '../../../plan/table';
import type { Id } from '../../../plan/types';
import { readCommand } from '../addresses';
import { isDstar } from '../channel';

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
  fixes: {},
  check(index, report) {
    const { plan } = index;
    for (const radio of rows(plan.radios)) {
      const linked = new Map<Id, Set<string>>();
      const left = new Set<Id>();
      for (const channel of rows(plan.codeplugs[radio.id]!.channels).filter(isDstar)) {
        const command = readCommand(channel.dstar.ur);
        if (channel.siteId === null) continue;
        if (command.kind === 'link')
          linked.set(channel.siteId, (linked.get(channel.siteId) ?? new Set<string>()).add(command.reflector));
        if (command.kind === 'unlink') left.add(channel.siteId);
      }
      for (const [siteId, reflectors] of linked) {
        if (left.has(siteId)) continue;
        report({
          message: 'none',
          data: { radio: radio.name, site: plan.sites.byId[siteId]!.name, reflectors: [...reflectors].join(' and ') },
          pointer: toPointer(['codeplugs', radio.id, 'channels']),
          subject: { radioId: radio.id, siteId },
        });
      }
    }
  },
});
