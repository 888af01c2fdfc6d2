/** Which columns are shown: all, those for a task, those of a mode, or a choice of one's own. */
import { MODES } from '@relay/core/registries/modes';
import type { ModeId } from '@relay/core/plan/types';
import type { SheetColumn } from './sheet';

export interface ColumnSet {
  id: string;
  title: string;
  /** The columns in their order; the name is always the first. */
  of: (columns: readonly SheetColumn[]) => SheetColumn[];
}

/** Columns for a task, by their ids, whichever modes there are. */
const TASKS: readonly { id: string; title: string; columns: readonly string[] }[] = [
  {
    id: 'tuning',
    title: 'Tuning',
    columns: ['mode', 'rx', 'shift', 'tone-tx', 'tone-rx', 'width', 'color-code', 'power', 'site'],
  },
  {
    id: 'calling',
    title: 'Calling',
    columns: [
      'mode',
      'color-code',
      'slot',
      'call',
      'number',
      'ur',
      'rpt1',
      'rpt2',
      'room',
      'p25-group',
      'receive-list',
      'admit',
      'reaches',
      'place',
    ],
  },
  { id: 'places', title: 'Where it leads', columns: ['mode', 'place', 'reaches', 'site', 'purpose', 'zones'] },
];

const withName = (columns: readonly SheetColumn[], takes: (column: SheetColumn) => boolean): SheetColumn[] =>
  columns.filter((column) => column.id === 'name' || takes(column));

/** What can be chosen for these columns. `own`: ids of the columns of one's own choice; `null` while there is none. */
export function columnSets(
  columns: readonly SheetColumn[],
  modes: readonly ModeId[],
  own: readonly string[] | null,
): ColumnSet[] {
  const all: ColumnSet = { id: 'all', title: 'All columns', of: (every) => [...every] };
  const tasks = TASKS.map(({ id, title, columns: wanted }): ColumnSet => ({
    id,
    title,
    of: (every) => withName(every, (column) => wanted.includes(column.id)),
  }));
  const ofModes = modes.map((mode): ColumnSet => ({
    id: `mode-${mode}`,
    title: `${MODES[mode].name} only`,
    of: (every) => withName(every, (column) => column.modes === null || column.modes.includes(mode)),
  }));
  const mine: ColumnSet[] = own
    ? [{ id: 'own', title: 'My columns', of: (every) => withName(every, (column) => own.includes(column.id)) }]
    : [];
  return [all, ...tasks.filter((set) => set.of(columns).length > 2), ...(modes.length > 1 ? ofModes : []), ...mine];
}

const KEPT = 'relay.columns';

/** The choice that this browser keeps; `null` while there is none, or where it keeps nothing. */
export function keptColumns(storage: Pick<Storage, 'getItem'>): string[] | null {
  try {
    const value: unknown = JSON.parse(storage.getItem(KEPT) ?? 'null');
    return Array.isArray(value) && value.every((one) => typeof one === 'string') ? value : null;
  } catch {
    return null;
  }
}

/** A browser without room for it shows them until the page is left. */
export function keepColumns(storage: Pick<Storage, 'setItem'>, ids: readonly string[]): void {
  try {
    storage.setItem(KEPT, JSON.stringify(ids));
  } catch {
    // Which columns are shown is no loss.
  }
}
