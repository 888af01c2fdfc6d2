/** What is to be set for C4FM, and how a room is used at each site. Common practice. */
import type { PathContext, PlanIndex } from '../../path/types';
import type { Step } from '../../run-sheet/step';
import type { ModeRunSheet } from '../mode';
import { rows } from '../../plan/table';
import type { Plan } from '../../plan/types';
import { entriesOf } from './book';
import { isC4fmPath } from './channel';
import { orderOf } from './connect';
import { targetOf } from './links';
import { groupIdText, roomDigits, roomNetwork } from './rooms';

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
        title: `Connect ${site!.name} to ${target.room.name}, talk, and leave`,
        todo: orderOf(context as PathContext<'c4fm'>).map((step) => step.say),
        proof: `The radio shows ${target.room.name} steady; after ${roomDigits(target.network.disconnect)} it shows no room.`,
      },
    ];
  });
}

/** In which memory each radio keeps a number. */
function memoriesOf(plan: Plan, number: string): string[] {
  return rows(plan.radios).flatMap((radio) => rows(plan.codeplugs[radio.id]!.rooms).filter((one) => one.number === number).map((one) => `category ${one.category} in ${radio.name}`));
}

export const runSheet: ModeRunSheet = {
  hotspot(plan, site) {
    const profile = plan.profiles[site.id];
    if (!site.c4fm || !profile) return [];
    const { startRoom } = profile.c4fm;
    const networks = site.c4fm.networkIds.flatMap((id) => roomNetwork(plan, id)?.name ?? []);
    return [`C4FM ${profile.modes.c4fm ? 'on' : 'off'}: group ID ${groupIdText(site.c4fm.groupIdIn)}, rooms of ${networks.join(' and ') || 'no network yet'}; at start ${startRoom === null ? 'connected to no room' : `connected to ${roomDigits(startRoom)}`}.`];
  },
  radio(plan, { id, c4fm }) {
    if (!c4fm) return [];
    const rooms = plan.codeplugs[id]!.rooms.order.length;
    return [`Set the call sign it sends to ${c4fm.callSign.trim() || 'your call sign'}.`, ...(rooms > 0 ? [`Save its ${rooms} rooms in their categories; the pocket card says which. Some radios save a room only while it is connected.`] : [])];
  },
  steps,
  card(plan) {
    return rows(plan.roomBook.categories).map((category) => {
      const rooms = entriesOf(plan, category.id);
      const outs = [...new Set(rooms.map(({ network }) => roomDigits(network.disconnect)))];
      return {
        title: category.name,
        lines: rooms.map(({ network, room }) => ({ enter: roomDigits(room.number), name: room.name, note: [[room.place, network.name].filter(Boolean).join(', '), ...memoriesOf(plan, roomDigits(room.number))].join('; ') })),
        out: `To leave, call ${outs.join(' or ')}, in a gap: a site that transmits does not listen.`,
      };
    });
  },
};
