/** What a hotspot is set to for C4FM: the group ID that it takes, and the room that it connects to when it starts. */
import { GROUP_ID_MAX } from '../../plan/modes/c4fm/limits';
import { atSite, inProfile } from '../../settings/make';
import type { ModeSettings } from '../../settings/setting';

const ROOM_MAX = 99_999;

export const settings: ModeSettings = (of) => {
  const { groupIdIn } = of.site.c4fm!;
  return [
    atSite({
      id: 'c4fm-group-id',
      terms: [['c4fm'], ['group'], ['id']],
      section: 'modes',
      title: 'C4FM group ID',
      kind: 'number',
      range: [0, GROUP_ID_MAX],
      mayLack: true,
      value: groupIdIn,
      set: (draft, value: number | null) => void (draft.sites.byId[of.site.id]!.c4fm!.groupIdIn = value),
    }),
    inProfile(of, {
      id: 'c4fm-start',
      terms: [['room'], ['start', 'room', 'c4fm']],
      section: 'at start',
      title: 'C4FM room',
      kind: 'number',
      range: [0, ROOM_MAX],
      mayLack: true,
      lackWords: 'no room',
      path: ['c4fm', 'startRoom'],
      get: ({ c4fm: { startRoom } }) => startRoom,
      set: ({ c4fm }, room: number | null) => void (c4fm.startRoom = room),
    }),
  ];
};
