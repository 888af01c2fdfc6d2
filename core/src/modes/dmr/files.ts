/** How contacts and receive lists stand in the table of a codeplug. */
import type { Cells, RecordFile, Wrong } from '../../codeplug/mode-codeplug';
import { wholeBetween } from '../../codeplug/reading';
import { ADDRESS_MAX, ADDRESS_MIN } from '../../plan/modes/dmr/limits';
import type { Contact, ReceiveList } from '../../plan/modes/dmr/types';
import { blankChannel } from './channel';

const SEPARATOR = ' | ';

/** A number that can be called; 0 after telling why it cannot. */
function address(text: string, column: string, wrong: Wrong): number {
  const scratch = blankChannel();
  const reading = wholeBetween<'dmr'>(text, ADDRESS_MIN, ADDRESS_MAX, (to, value) => (to.dmr.call.number = value));
  if ('put' in reading) reading.put(scratch);
  else wrong(column, text, reading.expected);
  return scratch.dmr.call.number;
}

const contacts: RecordFile<Contact> = {
  show: ({ name, kind, number }) => `${name}, ${kind} ${number}`,
  cells: ({ kind, number }) => ({ Call: kind, Number: String(number) }),
  read({ Call: kind = '', Number: number = '' }: Cells, wrong) {
    if (kind !== 'group' && kind !== 'private') wrong('Call', kind, 'group or private');
    return { kind: kind === 'private' ? 'private' : 'group', number: address(number, 'Number', wrong) };
  },
};

const receiveLists: RecordFile<ReceiveList> = {
  show: ({ groups }) => groups.join(', '),
  cells: ({ groups }) => ({ Members: groups.join(SEPARATOR) }),
  read({ Members: members = '' }: Cells, wrong) {
    const parts = members.trim() === '' ? [] : members.split('|').map((one) => one.trim());
    return { groups: parts.map((one) => address(one, 'Members', wrong)) };
  },
};

export const files: Readonly<Record<string, RecordFile>> = {
  contacts: contacts as RecordFile,
  receiveLists: receiveLists as RecordFile,
};
