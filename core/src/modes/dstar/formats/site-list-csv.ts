/** A D-STAR site list as CSV of our own (docs/formats.md): a row a site, in the order in which the radio shows them. */
import { parsePair } from '../../../formats/pair';
import type { SiteListRow } from '../site-list';
import { fieldProblem, padField } from '../addresses';
import { formatMHz, parseMHz } from '../../../units/quantities';
import { type CsvRow, readCsv, writeCsv } from '../../../formats/csv';
import { bytesOf, type Format, quoted, type ReadFinding, sniffColumns, textOf } from '../../../formats/format';

const COLUMNS = [
  'Group',
  'Name',
  'Sub-name',
  'Call sign',
  'Gateway',
  'Frequency MHz',
  'Direction',
  'Offset MHz',
  'Latitude',
  'Longitude',
  'UTC offset h',
] as const;
const DIRECTIONS = ['duplex -', 'duplex +', 'duplex 0'] as const;

/** Hours ahead of UTC, as `-2` or `5.75`; empty while it is not said. */
const hoursText = (minutes: number | null) => (minutes === null ? '' : String(Number((minutes / 60).toFixed(4))));

/** Minutes ahead of UTC; `undefined` for a text that is no offset. */
function readHours(text: string): number | null | undefined {
  if (text === '') return null;
  const hours = Number(text.replace(',', '.'));
  return Number.isFinite(hours) && Math.abs(hours) <= 14 ? Math.round(hours * 60) : undefined;
}

function readRow({ line, cells }: CsvRow, findings: ReadFinding[]): SiteListRow {
  const at = (column: (typeof COLUMNS)[number]) => cells[COLUMNS.indexOf(column)] ?? '';
  const wrong = (place: string, expected: string) =>
    void findings.push({ line, place, found: quoted(at(place as (typeof COLUMNS)[number])), expected });
  for (const column of ['Call sign', 'Gateway'] as const)
    if (at(column).length !== 8 || fieldProblem(at(column)))
      wrong(column, 'eight characters with the letter in the eighth place');
  const freqHz = parseMHz(at('Frequency MHz'));
  if (freqHz === null || freqHz <= 0) wrong('Frequency MHz', 'a frequency in MHz, such as 438.7');
  const offsetHz = parseMHz(at('Offset MHz'));
  if (offsetHz === null || offsetHz < 0) wrong('Offset MHz', 'an offset in MHz without a sign, such as 7.6');
  const direction = DIRECTIONS.find((one) => one === at('Direction'));
  if (!direction) wrong('Direction', DIRECTIONS.join(', '));
  const position = parsePair(at('Latitude'), at('Longitude'));
  if (position === undefined) wrong('Latitude', 'latitude and longitude in degrees, or neither');
  const utcOffsetMin = readHours(at('UTC offset h'));
  if (utcOffsetMin === undefined) wrong('UTC offset h', 'hours ahead of UTC such as 1 or -3.5, or nothing');
  return {
    group: at('Group'),
    name: at('Name'),
    subName: at('Sub-name'),
    callSign: padField(at('Call sign')),
    gateway: padField(at('Gateway')),
    freqHz: freqHz ?? 0,
    direction: direction ?? 'duplex 0',
    offsetHz: offsetHz ?? 0,
    position: position ?? null,
    utcOffsetMin: utcOffsetMin ?? null,
  };
}

export const siteListCsv: Format<readonly SiteListRow[]> = {
  id: 'site-list-csv',
  name: 'D-STAR site list',
  extensions: ['csv'],
  mediaType: 'text/csv',
  sniff: (bytes) => sniffColumns(bytes, COLUMNS),
  write: (rows) =>
    bytesOf(
      writeCsv([
        COLUMNS,
        ...rows.map((one) => [
          one.group,
          one.name,
          one.subName,
          one.callSign,
          one.gateway,
          formatMHz(one.freqHz),
          one.direction,
          formatMHz(one.offsetHz),
          one.position ? String(one.position.lat) : '',
          one.position ? String(one.position.lon) : '',
          hoursText(one.utcOffsetMin),
        ]),
      ]),
    ),
  read(bytes) {
    const { rows: table, findings } = readCsv(textOf(bytes));
    COLUMNS.forEach((column, i) => {
      if (table[0]?.cells[i] !== column)
        findings.push({
          line: 1,
          place: column,
          found: table[0]?.cells[i] ? `“${table[0].cells[i]}”` : 'nothing',
          expected: `a column headed “${column}” in place ${i + 1}`,
        });
    });
    if (findings.length > 0) return { value: null, findings };
    const rows = table.slice(1).map((row) => readRow(row, findings));
    return { value: findings.length > 0 ? null : rows, findings };
  },
};
