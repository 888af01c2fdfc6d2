/** New files, read as if they came from the radio: they must hold what was to go into them, and nothing less. */
import { compareChannels } from '../../compare/meaning';
import { MODE_IDS } from '../../plan/modes';
import { rows, tableOf } from '../../plan/table';
import type { Id } from '../../plan/types';
import { type NamedBytes, openTables } from '../../tables/open';
import type { Kit, KitRole } from '../../plan/kit';
import { type KitFinding, kitTables } from '../kit-tables';
import { type KitContent, readKit } from '../read-kit';
import type { RecordRole } from '../kit-field';
import type { Writing } from './writing';
import { type ChannelListRole, channelLists, firstZones, type ListPart } from './zones';

/** @throws ListTooLarge, UnreadableFile where a file that was made cannot be read again */
export async function readBack(
  writing: Writing,
  kit: Pick<Kit, 'tables'>,
  files: readonly NamedBytes[],
  lists: Readonly<Record<ChannelListRole, readonly ListPart[]>>,
): Promise<KitFinding[]> {
  const opened = await Promise.all(files.map(async ({ name, bytes }) => ({ name, file: await openTables(bytes) })));
  const { tables, findings } = kitTables(kit, opened);
  const again = readKit(tables, writing.modes, { findings, mostFindings: Infinity, against: writing.codeplug });
  const channels = wrongChannels(writing, again);
  const roles = MODE_IDS.flatMap((mode) => writing.modes[mode].kit.roles);
  return [
    ...channels.wrong,
    ...(['zones', 'scan lists'] as const).flatMap((role) =>
      wrongLists(writing, again, role, lists[role], channels.thereOf),
    ),
    ...wrongZoneColumn(writing, again, channels.thereOf),
    ...roles.flatMap((role) => wrongRecords(writing, again, role)),
    ...newFindings(writing.content.findings, again.findings),
  ];
}

function wrong(writing: Writing, role: KitRole, name: string, found: string, expected: string): KitFinding {
  const [table] = writing.tablesOf(role);
  return { file: table?.of.file ?? '', part: table?.of.table.part ?? '', line: null, column: name, found, expected };
}

/** `thereOf`: the channel that was read for each of the plan. */
function wrongChannels(writing: Writing, again: KitContent): { wrong: KitFinding[]; thereOf: ReadonlyMap<Id, Id> } {
  const { codeplug, names, unsaid } = writing;
  const written = rows(codeplug.channels).filter(({ id }) => writing.placed.has(id));
  const nameOf = ({ id, name }: { id: Id; name: string }) => names.get(id) ?? name;
  const here = { ...codeplug, channels: tableOf(written) };
  const matches = compareChannels(writing.modes, here, again.codeplug, { said: again.said, nameThere: nameOf });
  const say = (name: string, found: string, expected: string) => wrong(writing, 'channels', name, found, expected);
  const found = matches.flatMap(({ kind, hereId, name, nameThere, differences }): KitFinding[] => {
    if (hereId === null || kind === 'same') return [];
    if (kind === 'only here') return [say(name, 'no such channel', 'the channel')];
    const real = differences.filter(({ fieldId }) => !unsaid.get(hereId)?.has(fieldId));
    if (kind === 'renamed' || (real.length === 0 && nameThere !== names.get(hereId)))
      return [say(name, `“${nameThere}”`, `“${names.get(hereId) ?? name}”`)];
    return real.map((one) => say(`${name}, ${one.title}`, `“${one.there}”`, `“${one.here}”`));
  });
  const others = matches.filter(({ hereId }) => hereId === null).length;
  if (others !== writing.kept)
    found.push(say('', `${others} other channels`, `the ${writing.kept} that only the files had`));
  const thereOf = new Map(
    matches.flatMap(({ hereId, thereId }) => (hereId === null || thereId === null ? [] : [[hereId, thereId] as const])),
  );
  return { wrong: found, thereOf };
}

function wrongLists(
  writing: Writing,
  again: KitContent,
  role: ChannelListRole,
  parts: readonly ListPart[],
  thereOf: ReadonlyMap<Id, Id>,
): KitFinding[] {
  const there = new Map(rows(channelLists(role, again.codeplug)).map((list) => [list.name, list]));
  const nameOf = (id: Id | undefined) => (id === undefined ? '?' : (again.codeplug.channels.byId[id]?.name ?? '?'));
  return parts.flatMap(({ name, channelIds }): KitFinding[] => {
    const list = there.get(name);
    const one = role.replace(/s$/, '');
    if (!list) return [wrong(writing, role, name, `no such ${one}`, `the ${one}`)];
    const expected = channelIds.map((id) => thereOf.get(id));
    const at = expected.findIndex((id, place) => id !== list.channelIds[place]);
    if (at >= 0) return [wrong(writing, role, `${name}, ${at + 1}`, nameOf(list.channelIds[at]), nameOf(expected[at]))];
    const most = list.channelIds.length;
    return most === expected.length
      ? []
      : [wrong(writing, role, name, `${most} channels`, `${expected.length} channels`)];
  });
}

/** Where a column of the channels names their zones: each channel has its first zone. */
function wrongZoneColumn(writing: Writing, again: KitContent, thereOf: ReadonlyMap<Id, Id>): KitFinding[] {
  if (writing.tablesOf('zones').length > 0) return [];
  const expected = firstZones(rows(writing.codeplug.zones));
  const found = firstZones(rows(again.codeplug.zones));
  return [...thereOf].flatMap(([id, thereId]): KitFinding[] => {
    const [is, should] = [found.get(thereId) ?? '', expected.get(id) ?? ''];
    if (!writing.placed.get(id)?.table.has('zone') || is === should) return [];
    const { name } = writing.codeplug.channels.byId[id]!;
    return [wrong(writing, 'channels', `${name}, zone`, `“${is}”`, `“${should}”`)];
  });
}

/** Rows that the modes keep: each is there, under its name, as the same thing. */
function wrongRecords(writing: Writing, again: KitContent, role: RecordRole): KitFinding[] {
  const written = writing.records(role).mine.all.filter(({ id }) => writing.placed.has(id) && !writing.short.has(id));
  if (written.length === 0) return [];
  const read = writing.rowsIn(again.codeplug, role);
  const there = new Set(read.all.map((row) => `${row.name}\n${role.same(row)}`));
  return written.flatMap((row): KitFinding[] => {
    const name = writing.names.get(row.id) ?? row.name;
    if (there.has(`${name}\n${role.same(row)}`)) return [];
    const other = read.all.find((one) => one.name === name || role.same(one) === role.same(row));
    const found = other ? `${other.name}: ${role.same(other)}` : 'no such row';
    return [wrong(writing, role.role, name, found, `${name}: ${role.same(row)}`)];
  });
}

/** What could not be read before cannot be read now either; anything more is a fault of ours. */
function newFindings(before: readonly KitFinding[], now: readonly KitFinding[]): KitFinding[] {
  const keyOf = ({ file, part, column, found, expected }: KitFinding) =>
    [file, part, column, found, expected].join('\n');
  const left = new Map<string, number>();
  for (const one of before) left.set(keyOf(one), (left.get(keyOf(one)) ?? 0) + 1);
  return now.filter((one) => {
    const count = left.get(keyOf(one)) ?? 0;
    left.set(keyOf(one), count - 1);
    return count <= 0;
  });
}
