/** What a list of sites says of C4FM: the group ID, and the networks of rooms that are reached. */
import { reachedOf } from '../../lists/as-repeater';
import { isUnsaid } from '../../lists/cells';
import { isSmallWhole, shareOf } from '../../lists/columns';
import type { ModeListed } from '../../lists/mode-listed';
import { networkNames } from '../../path/fact-words';
import { GROUP_ID_MAX } from '../../plan/modes/c4fm/limits';
import { groupIdWords, readGroupId } from './rooms';

export const listed: ModeListed<'c4fm'> = {
  heading: /^c4fm$/i,
  named: /\bC4FM\b/i,
  columns: {
    groupId: {
      heading: /group ?id/i,
      certain: /^(c4fm )?group ?id$/i,
      content: (cells) => shareOf(cells, (cell) => isSmallWhole(cell, GROUP_ID_MAX)),
    },
  },
  read(row) {
    const text = row.cell('groupId');
    if (isUnsaid(text)) return { groupId: null };
    return {
      groupId: /^\d{1,2}$/.test(text) ? text.padStart(2, '0') : row.doubt('groupId', 'a group ID from 00 to 99'),
    };
  },
  asSite(plan, { groupId, networks }) {
    const group = groupId === null ? null : readGroupId(groupId);
    return { groupIdIn: group, groupIdOut: group, voice: null, networkIds: reachedOf(plan, 'c4fm', networks) };
  },
  // What the list does not say stays as the plan has it.
  refresh: (fresh, there, { groupId }) => ({
    ...fresh,
    voice: there?.voice ?? null,
    networkIds: fresh.networkIds.length > 0 ? fresh.networkIds : (there?.networkIds ?? []),
    ...(groupId === null && there ? { groupIdIn: there.groupIdIn, groupIdOut: there.groupIdOut } : {}),
  }),
  words: (plan, block) => ({
    'group ID': block ? groupIdWords(block.groupIdIn) : 'no C4FM',
    rooms: block && block.networkIds.length > 0 ? networkNames(plan, block.networkIds) : 'not said',
  }),
};
