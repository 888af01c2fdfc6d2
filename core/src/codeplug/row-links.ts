/** Fields of channels that name another row of the codeplug: what files write as a key, and what is cut when the row goes. */
import type { ChannelValues, Codeplug, Id } from '../plan/types';

export interface RowLink {
  field: string;
  to: keyof Codeplug & 'receiveLists';
  get: (values: ChannelValues) => Id | null;
  set: (values: ChannelValues, id: Id | null) => void;
}

export const RECEIVE_LIST_LINK: RowLink = {
  field: 'receive-list',
  to: 'receiveLists',
  get: (values) => (values.mode === 'dmr' ? values.dmr.receiveListId : null),
  set(values, id) {
    if (values.mode === 'dmr') values.dmr.receiveListId = id;
  },
};

export const ROW_LINKS: readonly RowLink[] = [RECEIVE_LIST_LINK];
