import type { RecordKind } from '../../record-kind';

/** The rooms that a radio keeps, in its categories. */
export const records: readonly RecordKind<'c4fm'>[] = [{ key: 'rooms', what: 'room', table: ({ rooms }) => rooms }];
