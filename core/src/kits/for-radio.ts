/** A kit as one radio takes it: where its files show no limit, the radio's own hold; power in the radio's own steps. */
import type { ColumnLayout, Kit, TableLayout } from '../plan/kit';
import { highestOf, lowestOf, stepFor } from '../plan/power';
import type { PowerStep, Radio } from '../plan/types';
import { inOrder, wattsIn } from './power-words';

type Known = Pick<Radio, 'power' | 'limits' | 'letters'>;

/** Words of power and what they mean, as far as a column says any. */
function wordsIn({ field, codec }: ColumnLayout): [word: string, meaning: string][] {
  return field === 'power' && codec?.as === 'words' ? codec.words : [];
}

const meaningsIn = (columns: readonly ColumnLayout[]): string[] =>
  inOrder(columns.flatMap(wordsIn).map(([, meaning]) => meaning));

/** A column that only tells low power from full is one of two steps; it has no word for those in between. */
function asSteps(column: ColumnLayout, radio: Known): ColumnLayout {
  if (column.field !== 'low-power' || column.codec?.as !== 'words') return column;
  const step = (meaning: string) => (meaning === 'yes' ? lowestOf(radio) : highestOf(radio));
  return {
    ...column,
    field: 'power',
    codec: { as: 'words', words: column.codec.words.map(([word, meaning]) => [word, step(meaning)]) },
    blank: column.blank === null ? null : step(column.blank),
  };
}

function powerFor(columns: readonly ColumnLayout[], radio: Known): ColumnLayout[] {
  if (radio.power.length === 0) return [...columns];
  const all = meaningsIn(columns);
  if (all.length === 0) return columns.map((column) => asSteps(column, radio));
  const step = (meaning: string) => stepFor(radio, all, meaning) ?? meaning;
  return columns.map((column) => {
    // Power is said in full beside it.
    if (column.field === 'low-power') return { ...column, field: null, codec: null };
    const words = wordsIn(column);
    if (words.length === 0) return column;
    return {
      ...column,
      codec: { as: 'words', words: words.map(([word, meaning]): [string, string] => [word, step(meaning)]) },
      blank: column.blank === null ? null : step(column.blank),
    };
  });
}

/** The layouts of a kit with what is known of the radio that takes it. */
export function forRadio<K extends { tables: TableLayout[] }>(kit: K, radio: Known): K {
  return {
    ...kit,
    tables: kit.tables.map((table) => ({
      ...table,
      nameLength: table.nameLength ?? radio.limits.nameLength,
      letters: table.letters === 'any' ? (radio.letters ?? 'any') : table.letters,
      columns: table.role === 'channels' ? powerFor(table.columns, radio) : table.columns,
    })),
  };
}

/** The steps of power that the files of a kit name, the least first; none where they tell no two apart. */
export function powerShownBy({ tables }: Pick<Kit, 'tables'>): PowerStep[] {
  const columns = tables.filter(({ role }) => role === 'channels').flatMap((table) => table.columns);
  const words = columns.flatMap(wordsIn);
  const names = meaningsIn(columns);
  if (names.length < 2) return [];
  return names.map((name) => {
    const said = words.filter(([, meaning]) => meaning === name).map(([word]) => wattsIn(word));
    return { name, watts: said.find((one) => one?.hasUnit && one.watts > 0)?.watts ?? null };
  });
}
