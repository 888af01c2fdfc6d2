/** What is to be set for C4FM, and how a room is used at each site. Common practice. */
import type { PathContext, PlanIndex } from '../../path/types';
import type { Step } from '../../run-sheet/step';
import type { ModeRunSheet } from '../../run-sheet/mode-run-sheet';
import { listensFor } from '../../plan/carriage';
import { isC4fmPath } from './channel';
import { orderOf } from './connect';
import { targetOf } from './links';
import { groupIdWords, roomDigits, roomNetwork } from './rooms';

/** One step a site and radio: the first room that is wanted shows how all are used. */
function steps(index: PlanIndex): Step[] {
  const seen = new Set<string>();
  return index.paths().flatMap(({ context }): Step[] => {
    if (!isC4fmPath(context) || !context.site) return [];
    const { radio, site, channel } = context as PathContext;
    const target = targetOf(index.plan, channel.destination);
    const key = `${radio.id} ${site!.id}`;
    if (!target || seen.has(key)) return [];
    seen.add(key);
    return [
      {
        id: `c4fm-${radio.id}-${site!.id}`,
        siteId: site!.id,
        title: `Connect ${site!.name} to ${target.room.name}, talk, and leave`,
        todo: orderOf(context as PathContext<'c4fm'>).map((step) => step.say),
        proof: `The radio shows ${target.room.name} steady; after ${roomDigits(target.network.disconnect)} it shows no room.`,
      },
    ];
  });
}

export const runSheet: ModeRunSheet = {
  hotspot(plan, site, profile) {
    if (!site.c4fm) return [];
    const { startRoom } = profile.c4fm;
    const networks =
      site.c4fm.networkIds.flatMap((id) => roomNetwork(plan, id)?.name ?? []).join(' and ') || 'no network yet';
    const start = startRoom === null ? 'connected to no room' : `connected to ${roomDigits(startRoom)}`;
    return [
      `C4FM ${listensFor(profile, 'c4fm') ? 'on' : 'off'}: group ID ${groupIdWords(site.c4fm.groupIdIn)}, rooms of ${networks}; at start ${start}.`,
    ];
  },
  radio(plan, { id, c4fm }) {
    if (!c4fm) return [];
    const rooms = plan.codeplugs[id]!.c4fm.rooms.order.length;
    const save = `Save its ${rooms} rooms in their categories; the pocket card says which. Some radios save a room only while it is connected.`;
    return [`Set the call sign it sends to ${c4fm.callSign.trim() || 'your call sign'}.`, ...(rooms > 0 ? [save] : [])];
  },
  steps,
};
