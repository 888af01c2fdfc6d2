/**
 * Which rows are shown: `slot:2 site:home broken merrin`. A word with a column before it is held against that column;
 * `=` asks for the whole cell, `-` in front leaves out what has it. Other words are sought in every column.
 */
import type { SheetColumn, SheetRow } from './sheet';

export interface RowFilter {
  takes: (row: SheetRow) => boolean;
  /** Columns that were named and are none, as they were typed. */
  unknown: string[];
}

const plain = (text: string) => text.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');

/** `"Port Ellery"` is one word. */
const WORDS = /-?(?:[^\s:="]+[:=])?(?:"[^"]*"|[^\s"]+)/gu;

/** A column by the beginning of its heading: `rec` for Receive MHz. */
function columnOf(columns: readonly SheetColumn[], text: string): SheetColumn | undefined {
  const typed = plain(text);
  if (typed === '') return undefined;
  return (
    columns.find(({ title }) => plain(title) === typed) ?? columns.find(({ title }) => plain(title).startsWith(typed))
  );
}

/** What is typed while it is not ended, `"Port`, is read as if it were. */
export function rowFilter(text: string, columns: readonly SheetColumn[]): RowFilter {
  const unknown: string[] = [];
  const quotes = (text.match(/"/g) ?? []).length;
  const tests = [...(quotes % 2 === 0 ? text : `${text}"`).matchAll(WORDS)].map(([word]): RowFilter['takes'] => {
    const isNot = word.startsWith('-') && word.length > 1;
    const rest = isNot ? word.slice(1) : word;
    const named = /^([^\s:="]+)([:=])(.*)$/su.exec(rest);
    const column = named ? columnOf(columns, named[1]!) : undefined;
    if (named && !column && !/^\d/.test(named[1]!)) unknown.push(named[1]!);
    const value = (column ? named![3]! : rest).replaceAll('"', '').toLowerCase();
    const has = (row: SheetRow): boolean => {
      if (column) {
        const cell = String(row[column.id] ?? '').toLowerCase();
        return named![2] === '=' ? cell === value : value === '' ? cell !== '' : cell.includes(value);
      }
      return (
        row.verdict === value ||
        columns.some(({ id }) =>
          String(row[id] ?? '')
            .toLowerCase()
            .includes(value),
        )
      );
    };
    return isNot ? (row) => !has(row) : has;
  });
  return { takes: (row) => tests.every((test) => test(row)), unknown };
}
