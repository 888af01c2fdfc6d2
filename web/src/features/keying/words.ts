/** What keys set, in words. */
import type { SheetEntry, SheetStep } from '@relay/core/keying/sheet';
import { keyedFields } from '@relay/core/keying/values';
import { MODE_DATA, MODE_IDS } from '@relay/core/plan/modes/index';
import { MODES } from '@relay/core/registries/modes';

const FIELDS = new Map(keyedFields(MODES).map(({ id, title }) => [id, id === 'name' ? 'Name' : title]));

/** What a routine may store, in the order in which it is offered. */
export const STORES: readonly { id: string; title: string }[] = [
  { id: 'channel', title: 'Channels' },
  { id: 'home', title: 'Home channel' },
  { id: 'quick', title: 'Quick keys' },
  { id: 'scan', title: 'Channels that are scanned' },
  ...MODE_IDS.flatMap((mode) =>
    MODE_DATA[mode].records.map(({ key, what }) => ({
      id: `${mode}/${key}`,
      title: `${MODE_DATA[mode].name}: ${what}s`,
    })),
  ),
];

export const storeTitle = (id: string): string => STORES.find((one) => one.id === id)?.title ?? id;

const OTHERS: Readonly<Record<string, string>> = {
  memory: 'Number of the channel',
  key: 'Key',
  name: 'Name',
  number: 'Number',
  category: 'Category',
  code: 'Code',
  kind: 'Kind of call',
};

/** What a routine can set, with words for it. */
export function settable(stores: string): { value: string; label: string }[] {
  if (stores === 'channel') return [...FIELDS].map(([value, label]) => ({ value, label }));
  const ids =
    stores === 'home'
      ? ['memory']
      : stores === 'quick'
        ? ['key', 'memory']
        : stores === 'scan'
          ? []
          : ['name', 'number', 'category', 'code', 'kind'];
  return ids.map((value) => ({ value, label: OTHERS[value]! }));
}

export const fieldTitle = (stores: string, sets: string): string =>
  (stores === 'channel' ? FIELDS.get(sets) : OTHERS[sets]) ?? sets;

const STEPS: Readonly<Record<string, string>> = {
  write: 'Write to memory',
  empty: 'Empty memory',
  open: 'Go there',
  close: 'Go back',
};

/** `Receive MHz`, `Write to memory`. */
export const stepTitle = (stores: string, { sets }: SheetStep): string => STEPS[sets] ?? fieldTitle(stores, sets);

const DOES: Readonly<Record<SheetEntry['does'], string>> = { new: 'new', changed: 'changed', emptied: 'to be emptied' };
export const doesWords = ({ does }: SheetEntry): string => DOES[does];

/** What a press waits for, as it can be read: a blank is nothing that one sees. */
export const untilWords = (until: string): string => (until.trim() === '' ? 'a blank' : until);
