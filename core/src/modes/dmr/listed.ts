/** What a list of sites says of DMR: color code, and groups by slot. */
import { readCarried, readGroups } from '../../lists/cells';
import { isSmallWhole, shareOf } from '../../lists/columns';
import { groupsText } from '../../lists/corrections';
import type { ModeListed } from '../../lists/mode-listed';
import type { CellReader, Guesser, ListedSite } from '../../lists/types';
import { COLOR_CODE_MAX } from '../../plan/modes/dmr/limits';
import { rows } from '../../plan/table';
import type { Id, Plan } from '../../plan/types';
import { dmrNetworks } from './networks';

const groupsIn = (heading: RegExp): Guesser => ({
  heading,
  content: (cells) => shareOf(cells, (cell) => readGroups(cell).length > 0 && !/[a-z]{3}/i.test(cell)),
});

function colorCode(row: CellReader): number | null {
  const text = row.cell('colorCode').replace(/^cc\s*/i, '');
  if (text === '' || text === '-' || text === '–') return null;
  return /^\d{1,2}$/.test(text) && Number(text) <= COLOR_CODE_MAX
    ? Number(text)
    : row.doubt('colorCode', 'a color code from 0 to 15');
}

function groups(row: CellReader): ListedSite['groups'] {
  const found: ListedSite['groups'] = [];
  for (const slot of [1, 2] as const) {
    for (const one of readCarried(row.cell(`slot${slot}`))) found.push({ slot, ...one });
    for (const { number } of readCarried(row.cell(`slot${slot}Dynamic`))) {
      if (!found.some((one) => one.slot === slot && one.number === number)) found.push({ slot, number, static: false });
    }
  }
  return found;
}

/** The network a repeater is linked to: one the list names, else the one that knows most of its groups. `null` when none does. */
export function likelyNetwork(
  plan: Plan,
  { networks, groups: listed }: Pick<ListedSite, 'networks' | 'groups'>,
): Id | null {
  const all = dmrNetworks(plan);
  const named = all.find((network) => networks.some((name) => name.toLowerCase() === network.name.toLowerCase()));
  if (named) return named.id;
  const known = all.map((network) => ({
    id: network.id,
    count: listed.filter(({ number }) => rows(network.groups).some((group) => group.number === number)).length,
  }));
  const best = known.reduce<{ id: Id; count: number } | null>((a, b) => (a && a.count >= b.count ? a : b), null);
  return best && best.count > 0 ? best.id : null;
}

export const listed: ModeListed<'dmr'> = {
  heading: /^dmr$/i,
  named: /\bDMR\b/i,
  columns: {
    colorCode: {
      heading: /colou?r|^cc$/i,
      content: (cells) => shareOf(cells, (cell) => isSmallWhole(cell.replace(/^cc\s*/i, ''), COLOR_CODE_MAX)),
      byContentAlone: 0.9,
      alone: (cells) => shareOf(cells, (cell) => /^cc\s*\d{1,2}$/i.test(cell)),
    },
    slot1: groupsIn(/(slot|ts)\D{0,3}1(?!.*dyn)/i),
    slot2: groupsIn(/(slot|ts)\D{0,3}2(?!.*dyn)/i),
    slot1Dynamic: groupsIn(/(slot|ts)\D{0,3}1.*dyn/i),
    slot2Dynamic: groupsIn(/(slot|ts)\D{0,3}2.*dyn/i),
  },
  read: (row) => ({ colorCode: colorCode(row), groups: groups(row) }),
  implied: ({ colorCode: code = null, groups: listedGroups = [] }) => code !== null || listedGroups.length > 0,
  asSite: (plan, site) => ({
    colorCode: site.colorCode ?? 1,
    carries: {
      networkId: likelyNetwork(plan, site),
      groups: site.groups.map(({ slot, number, static: bound }) => ({ slot, number, static: bound })),
      takesOthers: false,
    },
  }),
  refresh: (fresh, there) => ({
    ...fresh,
    carries: {
      ...fresh.carries!,
      networkId: there?.carries?.networkId ?? fresh.carries!.networkId,
      takesOthers: there?.carries?.takesOthers ?? false,
    },
  }),
  words: (_plan, block) => ({
    'color code': block ? String(block.colorCode) : 'no DMR',
    groups: block?.carries ? groupsText(block.carries.groups) || 'none' : 'no DMR',
  }),
};
