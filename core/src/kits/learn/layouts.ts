/** The layout of a learnt table, and how sure each of its columns is. */
import type { ColumnLayout, TableLayout } from '../../plan/kit';
import type { Candidate } from './candidates';
import { type Column, mostUsual } from './column';
import { type Draft, freeRowsOf } from './draft';
import type { LearntColumn, LearntTable } from './learnt';
import { limitsOf } from './limits';

const blankFor: Readonly<Record<string, string>> = {
  tx: 'rx',
  shift: '0',
  direction: '0',
  'tone-tx': 'none',
  'tone-rx': 'none',
  'tone-code-tx': 'none',
  'tone-code-rx': 'none',
  'tone-mode': 'none',
  'tone-kind-tx': 'none',
  'tone-kind-rx': 'none',
  'tx-off': 'no',
  contact: '',
  'receive-list': '',
};

function columnLayout(column: Column, one: Candidate | undefined): ColumnLayout {
  const isUnique = column.texts.length > Math.max(2, column.filled * 0.5);
  return {
    title: column.title,
    field: one?.field.id ?? null,
    codec: one?.codec ?? null,
    blank: one ? (blankFor[one.field.id] ?? null) : null,
    usual: isUnique || column.blanks * 2 > column.cells.length ? '' : mostUsual(column),
    confidence: one?.confidence ?? 0,
  };
}

function learntColumn(draft: Draft, column: Column, layout: ColumnLayout, one: Candidate | undefined): LearntColumn {
  const others = draft.all
    .filter(({ column: { at }, field }) => at === column.at && field.id !== one?.field.id)
    .map(({ field }) => ({ field: field.id, title: field.title }));
  return {
    at: column.at,
    title: column.title,
    examples: column.texts.slice(0, 4).map(({ text }) => text),
    field: layout.field,
    fieldTitle: one?.field.title ?? '',
    codec: layout.codec,
    confidence: layout.confidence,
    because: one?.because ?? null,
    others: others.filter((other, at) => others.findIndex(({ field }) => field === other.field) === at).slice(0, 4),
  };
}

/** What is kept of a table, and what a page shows of how it was learnt. */
export function layoutOf(draft: Draft): LearntTable {
  const of = (at: number) => draft.taken.find(({ column }) => column.at === at);
  const isFree = freeRowsOf(draft.table, draft.taken);
  const free = draft.table.rows.filter((_, at) => isFree(at)).length;
  const columns = draft.columns.map((column) => columnLayout(column, of(column.at)));
  const layout: TableLayout = {
    file: draft.file,
    part: draft.table.part,
    role: draft.role,
    headed: draft.table.header !== null,
    rowPerMember: draft.members?.rowPerMember ?? false,
    columns,
    mode: draft.role === 'channels' ? draft.mode : null,
    ...limitsOf(draft.table, draft.taken.find(({ field }) => field.id === 'name')?.column ?? null, free),
  };
  return {
    layout,
    table: draft.table,
    columns: draft.columns.map((column, at) => learntColumn(draft, column, columns[at]!, of(column.at))),
    rows: draft.table.rows.length - free,
  };
}
