import { defineCheck, type Subject } from '../../../checks/check';
import { channelPointer, channelSubject, channelsOfSite, set } from '../../../checks/walk';
import { SYSTEM_COLOR_CODE } from '../../../plan/modes/dmr/limits';
import type { TracedPath } from '../../../path/types';
import { toPointer } from '../../../plan/patches';
import { rows } from '../../../plan/table';
import { isDmr, isDmrPath } from '../channel';

/** What most hotspots and direct channels have. Common practice. */
const USUAL = 1;

/** A site's code, said or not, is told of at the site or held against it; this is of channels without one. */
function ofChannel({ context }: TracedPath): { pointer: string; subject: Subject } | null {
  if (context.site !== null || !isDmrPath(context) || context.channel.dmr.colorCode !== SYSTEM_COLOR_CODE) return null;
  return { pointer: channelPointer(context, 'dmr', 'colorCode'), subject: channelSubject(context) };
}

export const colorCodeSystem = defineCheck({
  id: 'color-code-system',
  severity: 'doubtful',
  title: 'Color code 15',
  docs: {
    summary: 'A site, or a channel without one, has color code 15.',
    why: 'It is set aside for the use of systems; on an amateur site it is mostly a slip for another code.',
    remedy: 'Take another code, from 0 to 14; of a repeater ask its keeper, or compare another list.',
    source: { kind: 'from memory', name: 'color code 15 is set aside for system use' },
  },
  messages: {
    site: '{site} has color code {has}; expected 0 to 14.',
    channel: 'The channel has color code {has}; expected 0 to 14.',
  },
  fixes: {
    site: 'Set {site} and its channels to color code {expects}',
    channel: 'Set it to color code {expects}',
  },
  check(index, report) {
    for (const site of rows(index.plan.sites)) {
      if (site.dmr?.colorCode !== SYSTEM_COLOR_CODE) continue;
      const pointer = toPointer(['sites', 'byId', site.id, 'dmr', 'colorCode']);
      const along = channelsOfSite(index, site.id).flatMap(({ channel, pointer: at }) =>
        isDmr(channel) && channel.dmr.colorCode === SYSTEM_COLOR_CODE ? [set(`${at}/dmr/colorCode`, USUAL)] : [],
      );
      report({
        message: 'site',
        data: { site: site.name, has: SYSTEM_COLOR_CODE, expects: USUAL },
        pointer,
        subject: { siteId: site.id },
        // What a repeater has, only its keeper can change.
        fixes: site.kind === 'hotspot' ? [{ id: 'site', patches: [set(pointer, USUAL), ...along] }] : [],
      });
    }
    for (const found of index.ofPaths(ofChannel)) {
      if (!found) continue;
      report({
        message: 'channel',
        data: { has: SYSTEM_COLOR_CODE, expects: USUAL },
        ...found,
        fixes: [{ id: 'channel', patches: [set(found.pointer, USUAL)] }],
      });
    }
  },
});
