/** Tables of an invented program, as text, XML, JSON or a workbook. */
import Excel from 'exceljs';
import type { Dialect } from './dialect';

/** A column before it is written: its texts, and what they mean. */
export interface MadeColumn {
  title: string;
  field: string | null;
  texts: string[];
  values: (string | null)[];
}

export interface MadeTable {
  role: string;
  element: string;
  columns: MadeColumn[];
}

export function delimitedText(table: MadeTable, dialect: Dialect): string {
  const { delimiter, newline, quotes, headed, fixedRows } = dialect;
  const quoted = (text: string, isTitle: boolean) => {
    const must = text.includes(delimiter) || /["\r\n]/.test(text) || text !== text.trim();
    const is = must || quotes === 'all' || (quotes === 'texts' && !isTitle && /[a-z]/i.test(text));
    return is ? `"${text.replaceAll('"', '""')}"` : text;
  };
  const { columns } = table;
  const count = columns[0]!.texts.length;
  const lines = Array.from({ length: count }, (_, at) =>
    columns.map(({ texts }) => quoted(texts[at]!, false)).join(delimiter),
  );
  if (fixedRows > count && table.role === 'channels')
    for (let at = count; at < fixedRows; at += 1)
      lines.push(columns.map(({ field }) => (field === 'row' ? String(at + 1) : '')).join(delimiter));
  const head = headed ? [columns.map(({ title }) => quoted(title, true)).join(delimiter)] : [];
  return [...head, ...lines].map((line) => line + newline).join('');
}

/** A title as an element or a key: letters only. */
const asKey = (title: string) =>
  title
    .normalize('NFKD')
    .replace(/[^A-Za-z0-9 -]/g, '')
    .trim()
    .replace(/[ -]+(\w?)/g, (_, next: string) => next.toUpperCase()) || 'n';
const escapeXml = (text: string) => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('"', '&quot;');

export function xmlText(tables: readonly MadeTable[]): string {
  const element = ({ columns, element: name }: MadeTable, at: number) => {
    const inner = columns.map(({ title, texts, field }) => {
      const key = asKey(title);
      if (field === 'member')
        return (JSON.parse(texts[at]!) as string[]).map((one) => `<${key}>${escapeXml(one)}</${key}>`).join('');
      return texts[at] === '' ? `<${key}/>` : `<${key}>${escapeXml(texts[at]!)}</${key}>`;
    });
    return `    <${name}>${inner.join('')}</${name}>`;
  };
  const parts = tables.map((table) => {
    const all = table.columns[0]!.texts.map((_, at) => element(table, at));
    return `  <${table.element}s>\n${all.join('\n')}\n  </${table.element}s>`;
  });
  return `<?xml version="1.0" encoding="UTF-8"?>\n<codeplug version="3">\n${parts.join('\n')}\n</codeplug>\n`;
}

export function jsonText(tables: readonly MadeTable[]): string {
  const value = (text: string, column: MadeColumn): unknown => {
    if (column.field === 'member') return JSON.parse(text) as unknown;
    return column.texts.every((one) => one === '' || /^-?(0|[1-9]\d*)(\.\d+)?$/.test(one)) && text !== ''
      ? Number(text)
      : text;
  };
  const document = Object.fromEntries(
    tables.map((table) => [
      `${table.element}s`,
      table.columns[0]!.texts.map((_, at) =>
        Object.fromEntries(table.columns.map((column) => [asKey(column.title), value(column.texts[at]!, column)])),
      ),
    ]),
  );
  return `${JSON.stringify({ version: 2, ...document }, null, 1)}\n`;
}

export async function workbook(tables: readonly MadeTable[], names: readonly string[]): Promise<Uint8Array> {
  const book = new Excel.Workbook();
  // A fixed day, so that the same kit has the same bytes.
  book.created = book.modified = new Date('2026-01-01T00:00:00Z');
  tables.forEach((table, at) => {
    const sheet = book.addWorksheet(names[at]!);
    sheet.addRow(table.columns.map(({ title }) => title));
    table.columns[0]!.texts.forEach((_, row) =>
      sheet.addRow(
        table.columns.map(({ texts }) => (/^-?\d+(\.\d+)?$/.test(texts[row]!) ? Number(texts[row]) : texts[row])),
      ),
    );
  });
  return new Uint8Array(await book.xlsx.writeBuffer());
}
