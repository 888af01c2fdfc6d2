/** What a list of sites says of DMR: color code, and groups by slot. */
import { isUnsaid, readCarried, readGroups } from '../../lists/cells';
import { isSmallWhole, shareOf } from '../../lists/columns';
import { groupsText } from '../../lists/corrections';
import type { ModeListed } from '../../lists/mode-listed';
import type { CellReader, Guesser, ListedSite } from '../../lists/types';
import { COLOR_CODE_MAX } from '../../plan/modes/dmr/limits';
import type { TimeSlot } from '../../plan/modes/dmr/types';
import type { Id, Plan } from '../../plan/types';
import { dmrNetworks } from './networks';

/** `417 (TS1)`, `417/TS2`, `417@1`: a number with its slot behind it. */
const SLOT_BEHIND =
  /(\d+\s*d?)\s*(?:@\s*(?:ts|slot)?|\(\s*(?:ts|slot)?|[/-]\s*(?:ts|slot))\s*([12])\s*\)?(?=$|[\s,;|])/gi;

/** `TS1`, `slot 2:`, and `1:` alone in front of a number. */
const SLOT_WORDS = /\b(?:ts|slot|time\s*slot)\s*([12])\b\s*[:=\-–]?|(?<=^|[\s;/|(])([12])\s*:(?=\s*\d)/gi;

/** A cell without the words that say slots. */
const withoutSlots = (cell: string) => cell.replace(SLOT_BEHIND, ' $1 ').replace(SLOT_WORDS, ' ');

/** Words beside a number that are not its name. */
const KINDS = /\b(dyn\w*|static|perm\w*|on[ -]demand|ptt|fixed|(talk ?)?groups?)\b/gi;

/** Numbers, each with its name or without: `417, 591d`, `Merrin 417; Wide 91`. What else holds words is prose. */
function isGroups(cell: string): boolean {
  const parts = withoutSlots(cell)
    .split(/[,;/|\n]/)
    .filter((part) => part.trim() !== '');
  const named = (part: string) => /\p{L}{3}/u.test(part.replace(KINDS, ' '));
  return readGroups(cell).length > 0 && parts.every((part) => !named(part) || readGroups(part).length === 1);
}

const groupsIn = (heading: RegExp): Guesser => ({
  heading,
  content: (cells) => shareOf(cells, isGroups),
});

/** `3`, `CC3`, `CC 3`, `color code 3`, `CC=3`. */
const CODE_WORDS = /^(?:cc|colou?r(?:\s*code)?)\s*[:=#]?\s*/i;

function colorCode(row: CellReader): number | null {
  const text = row.cell('colorCode').replace(CODE_WORDS, '');
  if (isUnsaid(text)) return null;
  return /^\d{1,2}$/.test(text) && Number(text) <= COLOR_CODE_MAX
    ? Number(text)
    : row.doubt('colorCode', 'a color code from 0 to 15');
}

/** `TS1: 417 588; TS2: 591`: the parts of a cell, each under the slot that it names; `null` for what names none. */
function bySlot(text: string): { slot: TimeSlot | null; text: string }[] {
  const behind = [...text.matchAll(SLOT_BEHIND)].map(([, number, slot]) => ({
    slot: Number(slot) as TimeSlot,
    text: number!,
  }));
  if (behind.length > 0) return [...behind, ...bySlot(text.replace(SLOT_BEHIND, ' '))];
  const marks = [...text.matchAll(SLOT_WORDS)];
  if (marks.length === 0) return [{ slot: null, text }];
  const parts = marks.map((mark, at) => ({
    slot: Number(mark[1] ?? mark[2]) as TimeSlot,
    text: text.slice(mark.index + mark[0].length, marks[at + 1]?.index ?? text.length),
  }));
  const before = text.slice(0, marks[0]!.index);
  return /\d/.test(before) ? [{ slot: null, text: before }, ...parts] : parts;
}

function groups(row: CellReader): ListedSite['groups'] {
  const found: ListedSite['groups'] = [];
  for (const part of bySlot(row.cell('groups')))
    for (const one of readCarried(part.text)) found.push({ slot: part.slot, ...one });
  for (const slot of [1, 2] as const) {
    const said = (field: `slot${1 | 2}` | `slot${1 | 2}Dynamic`) => row.cell(field).replace(SLOT_WORDS, ' ');
    for (const one of readCarried(said(`slot${slot}`))) found.push({ slot, ...one });
    for (const { number } of readCarried(said(`slot${slot}Dynamic`))) {
      if (!found.some((one) => one.slot === slot && one.number === number)) found.push({ slot, number, static: false });
    }
  }
  for (const field of GROUP_FIELDS)
    if (!isUnsaid(row.cell(field)) && !isGroups(row.cell(field))) row.doubt(field, 'numbers of talk groups');
  return found;
}

const GROUP_FIELDS = ['groups', 'slot1', 'slot2', 'slot1Dynamic', 'slot2Dynamic'] as const;

/** The network that a list names for a repeater; `null` where it names none of the plan's. */
export function namedNetwork(plan: Plan, networks: readonly string[]): Id | null {
  const named = dmrNetworks(plan).find((network) =>
    networks.some((name) => name.toLowerCase() === network.name.toLowerCase()),
  );
  return named?.id ?? null;
}

export const listed: ModeListed<'dmr'> = {
  heading: /^dmr$/i,
  named: /\bDMR\b/i,
  columns: {
    colorCode: {
      heading: /colou?r|^cc$|^dmr ?cc$/i,
      certain: /^(dmr\W?)?(cc|colou?r\W?code)$/i,
      content: (cells) => shareOf(cells, (cell) => isSmallWhole(cell.replace(CODE_WORDS, ''), COLOR_CODE_MAX)),
      byContentAlone: 0.9,
      alone: (cells) => shareOf(cells, (cell) => /^cc\s*\d{1,2}$/i.test(cell)),
    },
    slot1: groupsIn(/(slot|ts)\D{0,3}1(?!.*dyn)/i),
    slot2: groupsIn(/(slot|ts)\D{0,3}2(?!.*dyn)/i),
    slot1Dynamic: groupsIn(/(slot|ts)\D{0,3}1.*dyn/i),
    slot2Dynamic: groupsIn(/(slot|ts)\D{0,3}2.*dyn/i),
    groups: { ...groupsIn(/talk ?groups?|^tgs?$|^groups?$/i), certain: /^(dmr\W)?(talk\W?groups?|tgs?)$/i },
  },
  read: (row) => ({ colorCode: colorCode(row), groups: groups(row) }),
  implied: ({ colorCode: code = null, groups: listedGroups = [] }) => code !== null || listedGroups.length > 0,
  asSite: (plan, site) => ({
    colorCode: site.colorCode,
    carries: {
      networkId: namedNetwork(plan, site.networks),
      groups: site.groups.map(({ slot, number, static: bound }) => ({ slot, number, static: bound })),
      takesOthers: null,
    },
  }),
  refresh: (fresh, there) => ({
    colorCode: fresh.colorCode ?? there?.colorCode ?? null,
    carries: {
      ...fresh.carries!,
      networkId: there?.carries?.networkId ?? fresh.carries!.networkId,
      // A list that names no groups says nothing of them.
      groups: fresh.carries!.groups.length > 0 ? fresh.carries!.groups : (there?.carries?.groups ?? []),
      takesOthers: there?.carries?.takesOthers ?? null,
    },
  }),
  words: (_plan, block) => ({
    'color code': block ? String(block.colorCode ?? 'not said') : 'no DMR',
    groups: block?.carries ? groupsText(block.carries.groups) || 'not said' : 'no DMR',
  }),
};
