import { describe, expect, it } from 'vitest';
import { putRow, rows } from '../plan/table';
import { KIT_MODES } from '../registries/kits';
import { CONTACTS, TYPED, textOf, typed } from '../testing/kits/typed-kit';
import { writeKit } from './write/write-kit';

/** Somebody's whole directory, as radios hold it. */
const MANY = 7000;
const directory = Array.from({ length: MANY }, (_, at) => `${at + 4},Station ${at},Private Call,${9_980_000 + at}\r\n`);
const long = () => typed({ ...TYPED, 'contacts.csv': CONTACTS + directory.join('') });

const names = ({ codeplug }: { codeplug: Awaited<ReturnType<typeof long>>['content']['codeplug'] }) =>
  rows(codeplug.dmr.contacts).map(({ name }) => name);

describe('a table of contacts that is long', () => {
  it('is read only where something names it', async () => {
    const { content } = await long();
    expect(names(content)).toEqual(['Hask', 'Ferry']);
    expect([...content.passed.values()].map((one) => one.length)).toEqual([MANY + 1]);
    expect(content.findings).toEqual([]);
  });

  it('tells a row that cannot be read, wherever it is', async () => {
    const broken = directory.with(5000, '5004,Station 5000,Private Call,many\r\n');
    const { content } = await typed({ ...TYPED, 'contacts.csv': CONTACTS + broken.join('') });
    expect(content.findings).toEqual([expect.objectContaining({ line: 5005, found: '“many”' })]);
  });

  it('stays as it is where others are kept, and what is new comes behind it', async () => {
    const { kit, files, content } = await long();
    const next = structuredClone(content.codeplug);
    putRow(next.dmr.contacts, { id: 'new', name: 'Merrin', kind: 'group', number: 481 });
    // One of those that were passed by is in the plan now, under another name.
    putRow(next.dmr.contacts, { id: 'known', name: 'Vesna Boat', kind: 'private', number: 9_980_006 });
    const written = await writeKit(next, kit, files, KIT_MODES, { keepOthers: true });
    expect(written.wrong).toEqual([]);
    const text = textOf(written.files, 'contacts.csv');
    const expected = directory.with(6, '10,Vesna Boat,Private Call,9980006\r\n').join('');
    expect(text).toBe(`${CONTACTS}${expected}${MANY + 4},Merrin,Group Call,481\r\n`);
  });

  it('gives no name twice: those that were passed by count too', async () => {
    const { kit, files, content } = await long();
    const next = structuredClone(content.codeplug);
    putRow(next.dmr.contacts, { id: 'new', name: 'Station 77', kind: 'group', number: 481 });
    const written = await writeKit(next, kit, files, KIT_MODES, { keepOthers: true });
    expect(written.renamed).toEqual([{ from: 'Station 77', to: 'Station 77 2' }]);
    expect(written.wrong).toEqual([]);
  });

  it('leaves its names to others where it goes', async () => {
    const { kit, files, content } = await long();
    const next = structuredClone(content.codeplug);
    putRow(next.dmr.contacts, { id: 'new', name: 'Station 77', kind: 'group', number: 481 });
    const written = await writeKit(next, kit, files, KIT_MODES, { keepOthers: false });
    expect(written.renamed).toEqual([]);
    expect(written.wrong).toEqual([]);
  });

  it('goes where others are not kept', async () => {
    const { kit, files, content } = await long();
    const written = await writeKit(content.codeplug, kit, files, KIT_MODES, { keepOthers: false });
    expect(written.wrong).toEqual([]);
    expect(textOf(written.files, 'contacts.csv')).toBe(CONTACTS.split('\r\n').slice(0, 3).join('\r\n') + '\r\n');
  });

  it('says how much room the others take', async () => {
    const { kit, files, content } = await long();
    const full = {
      tables: kit.tables.map((table) => (table.role === 'contacts' ? { ...table, mostRows: MANY + 3 } : table)),
    };
    const next = structuredClone(content.codeplug);
    putRow(next.dmr.contacts, { id: 'new', name: 'Merrin', kind: 'group', number: 481 });
    const written = await writeKit(next, full, files, KIT_MODES, { keepOthers: true });
    expect(written.leftOut).toEqual([
      {
        what: 'contacts',
        name: 'Merrin',
        why: `the file has room for ${MANY + 3}, of which ${MANY + 1} are taken by what only the file has`,
      },
    ]);
  });
});
