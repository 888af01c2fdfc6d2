import type { RecordKind } from '../../record-kind';

/** The rooms that a radio keeps, in its categories, and its stored tone codes. */
export const records: readonly RecordKind<'c4fm'>[] = [
  { key: 'rooms', what: 'room', table: ({ rooms }) => rooms },
  {
    key: 'codes',
    what: 'tone code',
    table: ({ codes }) => codes,
    limit: ({ c4fm }) => c4fm?.dtmfMemories ?? 0,
    named: true,
    distinct: true,
  },
];
