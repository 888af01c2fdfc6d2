/**
 * A list of sites as a radio takes it from a card: the rows of sites that stay are left as they are, others go, new
 * ones come, up to what there is room for.
 */
import type { Kit } from '../../plan/kit';
import { type NamedBytes, type NamedFile, openTables } from '../../tables/open';
import { decodeCell, plainValue } from '../codec';
import type { CardRow } from './card-row';
import { NO_TONE } from '../../units/tones';
import { isSplit, TONE_FIELDS } from '../tones/split-tones';
import { kitNames, nameRules } from './kit-names';
import { cellOf, columnsOfField, type KitFinding, type KitTable, kitTables } from '../kit-tables';
import { WorkTable } from './work-table';

export interface WrittenCard {
  files: NamedBytes[];
  added: number;
  changed: number;
  removed: number;
  /** Sites for which there is no room, the farthest. */
  leftOut: string[];
  /** Sites that the list has no word for: another mode, a shift that no row shows. */
  unfit: { name: string; why: string }[];
  wrong: KitFinding[];
}

/** What makes two rows the same site: what it sends on, and its call sign. */
function keyOf(call: string, rx: string): string {
  return `${call.replace(/\s+/g, ' ').trim()} ${rx}`;
}

function keyAt(table: KitTable, row: number): string {
  const text = (field: string) => {
    const [column] = columnsOfField(table, field);
    return column?.layout.codec ? (decodeCell(column.layout.codec, cellOf(table, row, column)) ?? '') : '';
  };
  return keyOf(text('call'), text('rx'));
}

/** Why a row cannot stand in the list; `null` when it can. */
function unfit(table: KitTable, { texts }: CardRow): string | null {
  for (const field of ['mode', 'direction']) {
    const [column] = columnsOfField(table, field);
    const codec = column?.layout.codec;
    const value = texts[field] ?? '';
    if (
      codec?.as === 'words' &&
      !codec.words.some(([, meaning]) => meaning === value) &&
      column!.layout.blank !== value
    )
      return field === 'mode' ? `no row of the sample is ${value}` : `no row of the sample shows a shift of ${value}`;
  }
  return null;
}

/** `most`: rows that the radio takes; `null`: as many as there are. Rows come nearest first. */
export async function writeCard(
  kit: Pick<Kit, 'tables'>,
  files: readonly NamedFile[],
  rows: readonly CardRow[],
  most: number | null,
): Promise<WrittenCard> {
  const { tables } = kitTables(kit, files);
  const table = tables.find(({ layout }) => layout.role === 'site list');
  if (!table) throw new Error('The kit has no list of sites.');
  const work = new WorkTable(table);
  const encoded = files.find(({ name }) => name === table.file)?.file.encoded ?? null;
  const reasons = rows.map((row) => ({ row, why: unfit(table, row) }));
  const able = reasons.filter(({ why }) => why === null).map(({ row }) => row);
  const room = most ?? table.layout.mostRows ?? able.length;
  const wanted = able.slice(0, room);
  const there = new Map(work.rows().map((row) => [keyAt(table, row), row] as const));
  const stay = new Map(
    wanted.flatMap((row) => {
      const at = there.get(keyOf(row.texts['call'] ?? '', row.texts['rx'] ?? ''));
      return at === undefined ? [] : [[row, at] as const];
    }),
  );
  const kept = new Set(stay.values());
  // Places are emptied before they are filled.
  for (const row of work.rows()) if (!kept.has(row)) work.remove(row);
  const name = kitNames(nameRules(table.layout, kit.tables, encoded));
  const [nameColumn] = columnsOfField(table, 'name');
  const isInParts = isSplit((field) => work.has(field));
  for (const row of wanted) {
    const at = stay.get(row);
    const before = at !== undefined && nameColumn ? cellOf(table, at, nameColumn).trim() : undefined;
    const handle = at ?? work.add();
    work.say(handle, 'name', name(row.name, before));
    const tone = row.texts['tone-tx'] ?? (at === undefined ? NO_TONE : undefined);
    if (isInParts && tone !== undefined) work.sayTones(handle, tone, NO_TONE);
    for (const { layout, at: column } of table.columns) {
      const { field, codec } = layout;
      if (field === null || field === 'name' || field === 'row' || codec === null) continue;
      if (isInParts && TONE_FIELDS.some((one) => one === field)) continue;
      const text = row.texts[field];
      // What nobody has said of the site leaves a known row as it is, and a new one without it.
      if (text === undefined) {
        if (at === undefined) work.set(handle, column, '');
      } else work.say(handle, field, text);
    }
  }
  const written = await Promise.all(
    files.map(async ({ name: file, file: of }): Promise<NamedBytes> => {
      const edits = file === table.file ? new Map([[table.table.part, work.edit()]]) : new Map<string, never>();
      return { name: file, bytes: await of.write(edits) };
    }),
  );
  const wrong = await readBack(kit, written, wanted);
  return {
    files: wrong.length > 0 ? [] : written,
    ...work.counts(),
    leftOut: able.slice(room).map((row) => row.name),
    unfit: reasons.flatMap(({ row, why }) => (why === null ? [] : [{ name: row.name, why }])),
    wrong,
  };
}

/** The new list, read again, has each site with what was to be said of it. */
async function readBack(
  kit: Pick<Kit, 'tables'>,
  files: readonly NamedBytes[],
  wanted: readonly CardRow[],
): Promise<KitFinding[]> {
  const opened = await Promise.all(files.map(async ({ name, bytes }) => ({ name, file: await openTables(bytes) })));
  const table = kitTables(kit, opened).tables.find(({ layout }) => layout.role === 'site list');
  const rowAt = new Map(table?.table.rows.map((_, row) => [keyAt(table, row), row] as const));
  return wanted.flatMap((one): KitFinding[] => {
    const row = rowAt.get(keyOf(one.texts['call'] ?? '', one.texts['rx'] ?? ''));
    const place = { file: table?.file ?? '', part: table?.table.part ?? '', line: null, column: one.name };
    if (!table || row === undefined) return [{ ...place, found: 'no such site', expected: 'the site' }];
    return ['rx', 'shift', 'direction', 'lat', 'lon'].flatMap((field): KitFinding[] => {
      const [column] = columnsOfField(table, field);
      const text = one.texts[field];
      if (!column?.layout.codec || text === undefined) return [];
      const cell = cellOf(table, row, column);
      const read = cell.trim() === '' ? column.layout.blank : decodeCell(column.layout.codec, cell);
      return read === plainValue(column.layout.codec, text) || isNear(field, read ?? '', text)
        ? []
        : [{ ...place, line: table.table.rows[row]!.line, found: `“${cell}”`, expected: text }];
    });
  });
}

/** Degrees are as good as the digits that the list has: 0.001 degrees are about 100 m. */
const isNear = (field: string, read: string, text: string) =>
  (field === 'lat' || field === 'lon') && Math.abs(Number(read) - Number(text)) <= 10_000;
