/** A network's talk groups as CSV (docs/formats.md): a row a group, with number, name and category. */
import { ADDRESS_MAX, ADDRESS_MIN } from '../../../plan/modes/dmr/limits';
import { GROUP_CATEGORIES } from '../../../plan/modes/dmr/limits';
import type { GroupCategory, TalkGroup } from '../../../plan/modes/dmr/types';
import { readCsv, writeCsv } from '../../../formats/csv';
import { bytesOf, type Format, quoted, type ReadFinding, sniffColumns, textOf } from '../../../formats/format';

type FiledGroup = Pick<TalkGroup, 'number' | 'name' | 'category'>;

const COLUMNS = ['Number', 'Name', 'Category'] as const;
const NAME_MAX = 60;

function readGroup(
  line: number,
  [number = '', name = '', category = '']: string[],
  findings: ReadFinding[],
): FiledGroup {
  const wrong = (place: string, found: string, expected: string) =>
    findings.push({ line, place, found: quoted(found), expected });
  const value = Number(number.replace(/\s/g, ''));
  if (!/^\s*\d[\d\s]*$/.test(number) || value < ADDRESS_MIN || value > ADDRESS_MAX)
    wrong('Number', number, `a whole number from ${ADDRESS_MIN} to ${ADDRESS_MAX.toLocaleString('en')}`);
  if (name.trim() === '' || name.trim().length > NAME_MAX) wrong('Name', name, `a name of 1 to ${NAME_MAX} characters`);
  const kind = category.trim().toLowerCase();
  if (!GROUP_CATEGORIES.includes(kind as GroupCategory)) wrong('Category', category, GROUP_CATEGORIES.join(', '));
  return { number: value, name: name.trim(), category: kind as GroupCategory };
}

export const groupsCsv: Format<readonly FiledGroup[]> = {
  id: 'groups-csv',
  name: 'Talk groups',
  extensions: ['csv'],
  mediaType: 'text/csv',
  sniff: (bytes) => sniffColumns(bytes, COLUMNS),
  write: (groups) => bytesOf(writeCsv([COLUMNS, ...groups.map((one) => [String(one.number), one.name, one.category])])),
  read(bytes) {
    const { rows: table, findings } = readCsv(textOf(bytes));
    const headings = (table[0]?.cells ?? []).map((cell) => cell.trim().toLowerCase());
    const at = COLUMNS.map((column) => headings.indexOf(column.toLowerCase()));
    COLUMNS.forEach((column, i) => {
      if (at[i]! < 0)
        findings.push({ line: 1, place: column, found: 'nothing', expected: `a column headed “${column}”` });
    });
    if (findings.length > 0) return { value: null, findings };
    const seen = new Map<number, number>();
    const groups = table.slice(1).map(({ line, cells }) => {
      const group = readGroup(
        line,
        at.map((column) => cells[column] ?? ''),
        findings,
      );
      const before = seen.get(group.number);
      if (before !== undefined)
        findings.push({
          line,
          place: 'Number',
          found: `${group.number} again, as on line ${before}`,
          expected: 'each number once',
        });
      else seen.set(group.number, line);
      return group;
    });
    return { value: findings.length > 0 ? null : groups, findings };
  },
};
