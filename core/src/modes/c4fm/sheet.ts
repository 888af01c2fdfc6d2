/** What a hotspot is set to for C4FM. */
import type { ModeSheet } from '../../formats/mode-sheet';
import { networkName } from '../../plan/networks';
import { groupIdWords, roomDigits } from './rooms';

export const sheet: ModeSheet = (plan, site, profile) => {
  const { groupIdIn, networkIds } = site.c4fm!;
  const startRoom = profile.c4fm.startRoom === null ? null : roomDigits(profile.c4fm.startRoom);
  const groupId = groupIdWords(groupIdIn);
  const networks = networkIds.map((id) => networkName(plan, id));
  const start = startRoom === null ? 'connected to no room' : `connected to ${startRoom}`;
  return {
    values: { groupId, networks, startRoom },
    lines: [
      {
        label: 'C4FM',
        text: `group ID ${groupId}, rooms of ${networks.join(' and ') || 'no network'}; at start ${start}`,
      },
    ],
  };
};
