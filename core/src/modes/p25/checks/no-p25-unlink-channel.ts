import { defineCheck } from '../../../checks/check';
import { channelBeside } from '../../../checks/channel-beside';
import { contextsIn } from '../../../checks/walk';
import { toPointer } from '../../../plan/patches';
import { reachOf } from '../../../plan/sites';
import { rows } from '../../../plan/table';
import type { ChannelOf, Destination, Id } from '../../../plan/types';
import { blankChannel } from '../channel';
import { groupFor, SPECIAL_TITLES, unlinks } from '../links';

export const noP25UnlinkChannel = defineCheck({
  id: 'no-p25-unlink-channel',
  severity: 'doubtful',
  title: 'A radio can link a site to a P25 group and not unlink it',
  docs: {
    summary: 'A radio has channels that call P25 groups through a site, and none that calls the unlink group.',
    why: 'You cannot leave: the site stays linked, and others hear what they did not ask for.',
    remedy: 'Build from wants again, or add a channel with the unlink group.',
    source: { kind: 'common practice', name: 'each mode needs its way out programmed in its radio' },
  },
  messages: { none: '{radio} calls {groups} through {site} and has no channel for group {expects}, the way out.' },
  fixes: { add: 'Add a channel that unlinks' },
  check(index, report) {
    const { plan } = index;
    const mine = contextsIn(index, 'p25');
    if (mine.length === 0) return;
    for (const radio of rows(plan.radios)) {
      const called = new Map<Id, { groups: Set<string>; out: number; networkId: Id; like: ChannelOf<'p25'> }>();
      const left = new Set<Id>();
      for (const context of mine) {
        if (context.radio.id !== radio.id || !context.site?.p25) continue;
        const { id } = context.site;
        const wanted =
          context.channel.destination?.kind === 'group' ? groupFor(plan, context.channel.destination) : null;
        const out = wanted?.network.special.unlink ?? null;
        // What is not reached cannot be linked, and needs no way out; of a repeater it must be known.
        const reach = wanted ? reachOf(context.site.p25, wanted.network.id) : 'not reached';
        if (
          wanted &&
          out !== null &&
          (reach === 'reached' || (reach === 'not said' && context.site.kind === 'hotspot'))
        )
          called.set(id, {
            groups: (called.get(id)?.groups ?? new Set<string>()).add(wanted.name),
            out,
            networkId: wanted.network.id,
            like: context.channel,
          });
        if (unlinks(context, context.channel.p25.group)) left.add(id);
      }
      for (const [siteId, { groups, out, networkId, like }] of called) {
        if (left.has(siteId)) continue;
        const site = plan.sites.byId[siteId]!;
        const destination: Destination = { mode: 'p25', kind: 'special', networkId, special: 'unlink' };
        const blank = blankChannel(site);
        const patches = channelBeside(plan, radio, plan.codeplugs[radio.id]!, like, {
          site,
          values: { ...blank, name: SPECIAL_TITLES.unlink, p25: { ...blank.p25, group: out } },
          destination,
        });
        report({
          message: 'none',
          data: {
            radio: radio.name,
            groups: [...groups].join(' and '),
            site: site.name,
            expects: out,
          },
          pointer: toPointer(['codeplugs', radio.id, 'channels']),
          subject: { radioId: radio.id, siteId },
          fixes: patches.length > 0 ? [{ id: 'add', patches }] : [],
        });
      }
    }
  },
});
