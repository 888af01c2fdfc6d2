/** What channels name in other tables: contacts that they call, lists that they hear. */
import { rows } from '../../plan/table';
import type { Channel } from '../../plan/types';
import type { ChannelLink, RecordRole } from '../kit-field';
import { columnsOfField } from '../kit-tables';
import { placeFor } from './records';
import type { Handle, WorkTable } from './work-table';
import { nameAt, type Place, type Writing } from './writing';

interface RoleLink {
  link: ChannelLink;
  role: RecordRole;
}

function linksOf(writing: Writing, { mode }: Channel): RoleLink[] {
  const { links, roles } = writing.modes[mode].kit;
  return links.map((link) => ({ link, role: roles.find((one) => one.role === link.role)! }));
}

/** The row that a channel means; `null`: it means none; `undefined`: it has no place in the files. */
function placeMeant(writing: Writing, channel: Channel, { link, role }: RoleLink): Place | null | undefined {
  const meant = link.means(channel);
  if (meant === null) return null;
  if (typeof meant !== 'string') return placeFor(writing, role, meant) ?? undefined;
  return meant in writing.records(role).mine.byId ? writing.placed.get(meant) : null;
}

/** The contact and the list of each channel, by what they are called now. */
export function writeLinks(writing: Writing): void {
  for (const channel of rows(writing.codeplug.channels)) {
    const at = writing.placed.get(channel.id);
    if (!at) continue;
    for (const of of linksOf(writing, channel)) {
      const [column] = columnsOfField(at.table.of, of.link.fieldId);
      const codec = column?.layout.codec;
      if (!column || codec?.as !== 'named') continue;
      const target = placeMeant(writing, channel, of);
      if (target === undefined) writing.leaveUnsaid(channel.id, of.link.says);
      else at.table.set(at.handle, column.at, target ? nameAt(codec.by, target) : codec.none);
    }
  }
}

/** Rows that only the files have name contacts and lists by what these are called now. */
export function followLinks(writing: Writing): void {
  const mine = new Map<WorkTable, Set<Handle>>();
  for (const { id } of rows(writing.codeplug.channels)) {
    const at = writing.placed.get(id);
    if (at) mine.set(at.table, (mine.get(at.table) ?? new Set()).add(at.handle));
  }
  for (const table of writing.tablesOf('channels')) {
    const others = table.rows().filter((row) => !table.isRemoved(row) && !mine.get(table)?.has(row));
    for (const { layout, at } of table.of.columns) {
      const { codec } = layout;
      if (codec?.as !== 'named') continue;
      for (const row of others) {
        const before = writing.before(codec.role)(codec.by, table.cell(row, at));
        if (!before) continue;
        const [now] = writing.follow(before);
        table.set(row, at, now ? nameAt(codec.by, now) : codec.none);
      }
    }
  }
}

/** What channels say of lists that did not fit as a whole is not held against the files: it is told as left out. */
export function leaveShortLists(writing: Writing): void {
  if (writing.short.size === 0) return;
  for (const channel of rows(writing.codeplug.channels))
    for (const { link } of linksOf(writing, channel)) {
      const meant = link.means(channel);
      if (typeof meant === 'string' && writing.short.has(meant)) writing.leaveUnsaid(channel.id, link.says);
    }
}
