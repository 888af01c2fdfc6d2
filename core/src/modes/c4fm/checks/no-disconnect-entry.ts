import { defineCheck } from '../../../checks/check';
import { channelBeside } from '../../../checks/channel-beside';
import { contextsIn } from '../../../checks/walk';
import { toPointer } from '../../../plan/patches';
import { reachOf } from '../../../plan/sites';
import { rows } from '../../../plan/table';
import type { PathContext } from '../../../path/types';
import type { ChannelOf, Destination, Id } from '../../../plan/types';
import { blankChannel } from '../channel';
import { disconnects, LEAVE, targetOf } from '../links';
import { roomDigits } from '../rooms';

/**
 * Whether this radio can connect the site of a path to a room: a hotspot always, a repeater by a number that the radio
 * holds.
 */
function mayConnect({ site, channel, codeplug }: PathContext<'c4fm'>, networkId: Id, digits: string): boolean {
  const reach = reachOf(site!.c4fm!, networkId);
  if (site!.kind === 'hotspot') return reach !== 'not reached';
  const holds = channel.c4fm.room !== '' || rows(codeplug.c4fm.rooms).some((one) => one.number === digits);
  return reach === 'reached' && holds;
}

export const noDisconnectEntry = defineCheck({
  id: 'no-disconnect-entry',
  severity: 'doubtful',
  title: 'A radio can connect to a room and not leave it',
  docs: {
    summary: 'A radio has entries that call rooms through a site, and none that disconnects.',
    why: 'You cannot leave: the site stays connected, and others hear what they did not ask for.',
    remedy: 'Build from wants again, or save the number that disconnects (99999 on most networks).',
    source: { kind: 'common practice', name: 'each mode needs its way out programmed in its radio' },
  },
  messages: { none: '{radio} calls {rooms} through {site} and has no entry for {expects}, the way out.' },
  fixes: { add: 'Add a channel that disconnects' },
  check(index, report) {
    const { plan } = index;
    const mine = contextsIn(index, 'c4fm');
    if (mine.length === 0) return;
    for (const radio of rows(plan.radios)) {
      const called = new Map<Id, { rooms: Set<string>; out: string; networkId: Id; like: ChannelOf<'c4fm'> }>();
      const left = new Set<Id>();
      for (const context of mine) {
        if (context.radio.id !== radio.id || !context.site?.c4fm) continue;
        const target = targetOf(plan, context.channel.destination);
        const { id } = context.site;
        const out = target && roomDigits(target.network.disconnect);
        // What is not reached cannot be connected, and needs no way out; nor does a repeater that its keeper connects.
        if (target && out && mayConnect(context, target.network.id, roomDigits(target.room.number)))
          called.set(id, {
            rooms: (called.get(id)?.rooms ?? new Set<string>()).add(target.room.name),
            out,
            networkId: target.network.id,
            like: context.channel,
          });
        // A number kept in the radio will do as well as a channel.
        if (
          disconnects(context, context.channel.c4fm.room) ||
          rows(context.codeplug.c4fm.rooms).some((one) => one.number === out)
        )
          left.add(id);
      }
      for (const [siteId, { rooms, out, networkId, like }] of called) {
        if (left.has(siteId)) continue;
        const site = plan.sites.byId[siteId]!;
        const destination: Destination = { mode: 'c4fm', kind: 'disconnect', networkId };
        const blank = blankChannel(site);
        const patches = channelBeside(plan, radio, plan.codeplugs[radio.id]!, like, {
          site,
          values: { ...blank, name: LEAVE, c4fm: { ...blank.c4fm, room: out } },
          destination,
        });
        report({
          message: 'none',
          data: {
            radio: radio.name,
            rooms: [...rooms].join(' and '),
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
