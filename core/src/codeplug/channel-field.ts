/** One field of a channel: how it is written, read, copied and held against the path. Sheets, files and the builder share it. */
import type { FactKey } from '../path/types';
import type { ChannelValues, Codeplug } from '../plan/types';

/** What was typed: a value to put in place, or why it cannot be, with the value meant where that can be guessed. */
export type Reading = { put: (to: ChannelValues) => void } | { problem: string; meant?: string };

export interface ChannelField {
  id: string;
  /** The column's heading, unit included. */
  title: string;
  kind: 'text' | 'number';
  /** The closed set of words it takes, when there is one. */
  options?: (codeplug: Codeplug) => string[];
  /** The pair of a path that shows whether this field agrees. */
  fact: FactKey | null;
  show: (values: ChannelValues, codeplug: Pick<Codeplug, 'receiveLists'>) => string;
  read: (text: string, codeplug: Codeplug) => Reading;
  copy: (to: ChannelValues, from: ChannelValues) => void;
}
