/** What DMR keeps in a radio beside channels. */
import type { RecordKind } from '../../record-kind';
import type { ReceiveList } from './types';

export const records: readonly RecordKind<'dmr'>[] = [
  {
    key: 'contacts',
    what: 'contact',
    table: ({ contacts }) => contacts,
    limit: ({ limits }) => limits.contacts,
    named: true,
  },
  {
    key: 'receiveLists',
    what: 'receive list',
    table: ({ receiveLists }) => receiveLists,
    limit: ({ limits }) => limits.receiveLists,
    named: true,
    distinct: true,
    members: {
      what: 'groups',
      count: (row) => (row as ReceiveList).groups.length,
      limit: ({ limits }) => limits.groupsPerReceiveList,
    },
  },
];
