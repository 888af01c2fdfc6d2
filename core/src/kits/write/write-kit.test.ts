/** Kits whose files are parted, full, or laid out in other ways: what goes where, and what stops the files. */
import { newZone } from '../../plan/create';
import { describe, expect, it } from 'vitest';
import { putRow, removeRow, rows } from '../../plan/table';
import type { Channel, Codeplug } from '../../plan/types';
import type { CellCodec } from '../../plan/kit';
import { KIT_MODES } from '../../registries/kits';
import { CHANNELS, CONTACTS, textOf, TYPED, typed } from '../../testing/kits/typed-kit';
import { openFiles } from '../keep-kit';
import { kitTables } from '../kit-tables';
import { readKit } from '../read-kit';
import { writeKit } from './write-kit';

type Typed = Awaited<ReturnType<typeof typed>>;

const write = (codeplug: Codeplug, { kit, files }: Typed, keepOthers = true) =>
  writeKit(codeplug, kit, files, KIT_MODES, { keepOthers });

/** A draft of what was read, with its channels by name. */
function draftOf({ content }: Typed) {
  const codeplug = structuredClone(content.codeplug);
  const named = (name: string) => rows(codeplug.channels).find((one) => one.name === name)!;
  const add = (like: Channel, name: string, moreHz: number) => {
    const { rxHz, txHz } = like;
    const fresh = { ...structuredClone(like), id: `new ${name}`, name, rxHz: rxHz + moreHz, txHz: txHz + moreHz };
    putRow(codeplug.channels, fresh);
    return fresh;
  };
  return { codeplug, named, add };
}

const DIGITAL =
  'No.,Name,RX Freq,TX Freq,Power,Color Code,Slot,Contact\r\n' +
  '1,Hask Wide,438.65000,431.05000,High,1,2,Hask\r\n' +
  '2,Ferry Net,438.67500,431.07500,Low,3,1,Ferry\r\n';
const ANALOG =
  'No.,Name,RX Freq,TX Freq,Power,RX Tone,TX Tone\r\n' +
  '1,Quay FM,145.60000,145.00000,High,None,88.5\r\n' +
  '2,Pier FM,145.65000,145.05000,Low,None,77.0\r\n';
const PARTED = { ...TYPED, 'digital.csv': DIGITAL, 'analog.csv': ANALOG } as Record<string, string>;
delete PARTED['channels.csv'];

describe('channels in a file for each kind', () => {
  it('stay in their file, go into the one that can hold them, and move with their mode', async () => {
    const kit = await typed(PARTED);
    expect(kit.learnt.tables.map(({ layout }) => layout.role).filter((role) => role === 'channels')).toHaveLength(2);
    const same = await write(kit.content.codeplug, kit);
    expect(same.wrong).toEqual([]);
    expect(textOf(same.files, 'digital.csv')).toBe(DIGITAL);
    expect(textOf(same.files, 'analog.csv')).toBe(ANALOG);

    const { codeplug, named, add } = draftOf(kit);
    add(named('Hask Wide'), 'Sund Wide', 50_000);
    add(named('Quay FM'), 'Sund FM', 100_000);
    const pier = named('Pier FM');
    const { mode, fm: _, ...shared } = pier as Channel & { mode: 'fm' };
    expect(mode).toBe('fm');
    codeplug.channels.byId[pier.id] = {
      ...KIT_MODES.dmr.blankChannel(),
      ...shared,
      mode: 'dmr',
      dmr: { ...(named('Hask Wide') as Channel & { mode: 'dmr' }).dmr },
    } as Channel;
    const written = await write(codeplug, kit);
    expect(written.wrong).toEqual([]);
    expect(written.leftOut).toEqual([]);
    const digital = textOf(written.files, 'digital.csv').trimEnd().split('\r\n');
    expect(digital.slice(0, 3).join('\r\n')).toBe(DIGITAL.trimEnd());
    expect(
      digital
        .slice(3)
        .map((line) => line.split(',')[1])
        .sort(),
    ).toEqual(['Pier FM', 'Sund Wide']);
    expect(
      textOf(written.files, 'analog.csv')
        .trimEnd()
        .split('\r\n')
        .map((line) => line.split(',')[1]),
    ).toEqual(['Name', 'Quay FM', 'Sund FM']);
  });

  it('that only the files have go from the file in which they are', async () => {
    const kit = await typed(PARTED);
    const { codeplug, named } = draftOf(kit);
    const gone = named('Pier FM').id;
    removeRow(codeplug.channels, gone);
    const written = await write(codeplug, kit, false);
    expect(written.wrong).toEqual([]);
    expect(textOf(written.files, 'digital.csv')).toBe(DIGITAL);
    expect(textOf(written.files, 'analog.csv')).toBe(ANALOG.replace(/2,Pier.*\r\n/, ''));
  });
});

describe('contacts in two files', () => {
  it('go into the first that can say whom they call', async () => {
    const groups = 'No.,Name,Call Type,ID\r\n1,Hask,Group Call,417\r\n2,Ferry,Group Call,591\r\n';
    const friends =
      'No.,Contact Name,Call Type,DMR ID\r\n1,Vesna,Private Call,9992417\r\n2,Orla,Private Call,9992418\r\n';
    const parted: Record<string, string> = { ...TYPED, 'talk-groups.csv': groups, 'digital-contacts.csv': friends };
    delete parted['contacts.csv'];
    const kit = await typed(parted);
    const of = (file: string) => kit.kit.tables.find((one) => one.file === file)!;
    expect([of('talk-groups.csv').role, of('digital-contacts.csv').role]).toEqual(['contacts', 'contacts']);
    const { codeplug } = draftOf(kit);
    putRow(codeplug.dmr.contacts, { id: 'c1', name: 'Mira', kind: 'private', number: 9992419 });
    putRow(codeplug.dmr.contacts, { id: 'c2', name: 'Sund', kind: 'group', number: 77 });
    const written = await write(codeplug, kit);
    expect(written.wrong).toEqual([]);
    expect(textOf(written.files, 'talk-groups.csv')).toBe(`${groups}3,Sund,Group Call,77\r\n`);
    expect(textOf(written.files, 'digital-contacts.csv')).toBe(`${friends}3,Mira,Private Call,9992419\r\n`);
  });

  it('are left out, with the reason, where no file has a word for their kind', async () => {
    const kit = await typed({ ...TYPED, 'contacts.csv': CONTACTS.replace(/3,Vesna.*\r\n/, '') });
    const { codeplug } = draftOf(kit);
    putRow(codeplug.dmr.contacts, { id: 'c1', name: 'Mira', kind: 'private', number: 9992419 });
    const written = await write(codeplug, kit);
    expect(written.wrong).toEqual([]);
    expect(written.leftOut).toEqual([{ what: 'contacts', name: 'Mira', why: 'the file has no word for “Call”' }]);
  });
});

describe('zones as a column of the channels', () => {
  const WITH_ZONE = CHANNELS.replace('Odd', 'Zone').replace(/x1/g, 'Home').replace(/x2/g, 'Quay');
  const texts: Record<string, string> = { ...TYPED, 'channels.csv': WITH_ZONE };
  delete texts['zones.csv'];

  it('are read, written as they are, and written anew', async () => {
    const kit = await typed(texts);
    const zones = (codeplug: Codeplug) => rows(codeplug.zones).map(({ name, channelIds }) => [name, channelIds.length]);
    expect(zones(kit.content.codeplug)).toEqual([
      ['Home', 2],
      ['Quay', 1],
    ]);
    const same = await write(kit.content.codeplug, kit);
    expect(textOf(same.files, 'channels.csv')).toBe(WITH_ZONE);

    const { codeplug, named } = draftOf(kit);
    const [home, quay] = rows(codeplug.zones);
    home!.channelIds = [named('Hask Wide').id];
    quay!.channelIds = [named('Ferry Net').id, named('Hask Wide').id];
    const written = await write(codeplug, kit);
    expect(written.wrong).toEqual([]);
    expect(
      textOf(written.files, 'channels.csv')
        .match(/[^,]*(?=\r\n)/g)!
        .filter((cell) => cell !== ''),
    ).toEqual(['Zone', 'Home', 'Quay']);
    expect(written.losses).toContainEqual({ title: 'Further zones of a channel', why: 'no column', count: 1 });
  });
});

describe('scan lists', () => {
  const HEAD = 'No.,Scan List,Channels\r\n';
  /** The kit of the sample, with files whose list begins with the channel that is selected. */
  async function selected() {
    const learnt = await typed(TYPED);
    const texts = { ...TYPED, 'scan-lists.csv': `${HEAD}1,Evening,Selected|Ferry Net|Quay FM\r\n` };
    const files = await openFiles(
      Object.entries(texts).map(([name, text]) => ({ name, bytes: new TextEncoder().encode(text) })),
    );
    const { tables, findings } = kitTables(learnt.kit, files);
    return { ...learnt, files, content: readKit(tables, KIT_MODES, { findings }) };
  }

  it('are read, but for what is no channel, and written as the plan has them: that stays', async () => {
    const kit = await selected();
    const { codeplug, named } = draftOf(kit);
    const [evening] = rows(codeplug.scanLists);
    expect(evening).toMatchObject({ name: 'Evening', channelIds: [named('Ferry Net').id, named('Quay FM').id] });
    expect(kit.content.findings).toEqual([]);
    evening!.channelIds = [named('Hask Wide').id, named('Ferry Net').id];
    putRow(codeplug.scanLists, { ...evening!, id: 's', name: 'Quay', channelIds: [named('Quay FM').id] });
    const written = await write(codeplug, kit);
    expect(written.wrong).toEqual([]);
    expect(textOf(written.files, 'scan-lists.csv')).toBe(
      `${HEAD}1,Evening,Selected|Hask Wide|Ferry Net\r\n2,Quay,Quay FM\r\n`,
    );
  });

  it('are those of the files where the plan has none', async () => {
    const kit = await selected();
    const { codeplug, named } = draftOf(kit);
    codeplug.scanLists = { byId: {}, order: [] };
    named('Quay FM').name = 'Quay';
    const written = await write(codeplug, kit);
    expect(textOf(written.files, 'scan-lists.csv')).toBe(`${HEAD}1,Evening,Selected|Ferry Net|Quay\r\n`);
  });

  it('are lost, and it is said, where no file has them', async () => {
    const texts: Record<string, string> = { ...TYPED };
    delete texts['scan-lists.csv'];
    const kit = await typed(texts);
    const { codeplug, named } = draftOf(kit);
    const list = {
      id: 's',
      name: 'Quay',
      channelIds: [named('Quay FM').id],
      zoneId: null,
      priorityId: null,
      talkBack: null,
    };
    putRow(codeplug.scanLists, list);
    expect((await write(codeplug, kit)).losses).toContainEqual({ title: 'Scan lists', why: 'no column', count: 1 });
  });
});

describe('a file of a fixed number of places', () => {
  const PLACES = `${CHANNELS}4,,,,,,,,,,,\r\n5,,,,,,,,,,,\r\n`;

  it('is filled and emptied without growing, and what named an emptied place does not name its next holder', async () => {
    const kit = await typed({ ...TYPED, 'channels.csv': PLACES });
    expect(kit.kit.tables[0]).toMatchObject({ fixedRows: true, mostRows: 5 });
    const { codeplug, named, add } = draftOf(kit);
    const gone = named('Ferry Net').id;
    for (const zone of rows(codeplug.zones)) zone.channelIds = zone.channelIds.filter((id) => id !== gone);
    removeRow(codeplug.channels, gone);
    for (const at of [1, 2, 3, 4]) add(named('Hask Wide'), `Sund ${at}`, at * 50_000);
    const written = await write(codeplug, kit, false);
    expect(written.wrong).toEqual([]);
    const lines = textOf(written.files, 'channels.csv').trimEnd().split('\r\n').slice(1);
    expect(lines.map((line) => line.split(',').slice(0, 2).join(' '))).toEqual([
      '1 Hask Wide',
      '2 Sund 1',
      '3 Quay FM',
      '4 Sund 2',
      '5 Sund 3',
    ]);
    expect(written.leftOut).toEqual([{ what: 'channels', name: 'Sund 4', why: 'the file has room for 5' }]);
    expect(textOf(written.files, 'scan-lists.csv')).toBe('No.,Scan List,Channels\r\n1,Evening,Quay FM\r\n');
    expect(written.tables[0]).toMatchObject({ added: 2, changed: 1, removed: 0 });
  });

  it('says how many of its places hold what only the file has', async () => {
    const kit = await typed({ ...TYPED, 'channels.csv': PLACES });
    const { codeplug, named, add } = draftOf(kit);
    for (const at of [1, 2, 3]) add(named('Hask Wide'), `Sund ${at}`, at * 50_000);
    removeRow(codeplug.channels, named('Ferry Net').id);
    const written = await write(codeplug, kit);
    expect(written.leftOut).toEqual([
      {
        what: 'channels',
        name: 'Sund 3',
        why: 'the file has room for 5, of which 1 is taken by what only the file has',
      },
    ]);
  });
});

describe('lists of one row for each member', () => {
  it('grow, shrink to one empty row, and begin with a row of their own', async () => {
    const zones =
      'Zone,Channel\r\nHome,Hask Wide\r\nHome,Ferry Net\r\nQuay,Quay FM\r\nQuay,Hask Wide\r\nQuay,Ferry Net\r\n';
    const kit = await typed({ ...TYPED, 'zones.csv': zones });
    expect(kit.kit.tables.find(({ role }) => role === 'zones')!.rowPerMember).toBe(true);
    const { codeplug, named } = draftOf(kit);
    const [home, quay] = rows(codeplug.zones);
    home!.channelIds = [];
    quay!.channelIds = [named('Ferry Net').id];
    putRow(codeplug.zones, newZone('z', 'Sund', [named('Hask Wide').id, named('Quay FM').id]));
    const written = await write(codeplug, kit);
    expect(written.wrong).toEqual([]);
    expect(textOf(written.files, 'zones.csv')).toBe(
      'Zone,Channel\r\nHome,\r\nQuay,Ferry Net\r\nSund,Hask Wide\r\nSund,Quay FM\r\n',
    );
  });
});

describe('names', () => {
  it('have no separator in them by which other files would cut them', async () => {
    const kit = await typed(TYPED);
    const { codeplug, named } = draftOf(kit);
    named('Hask Wide').name = 'Hask|Wide';
    const written = await write(codeplug, kit);
    expect(written.wrong).toEqual([]);
    expect(written.renamed).toEqual([{ from: 'Hask|Wide', to: 'Hask-Wide' }]);
    expect(textOf(written.files, 'zones.csv')).toContain('1,Home,Hask-Wide|Ferry Net');
  });
});

describe('reading back', () => {
  it('lets through what could not be read before, as it was', async () => {
    const broken = CHANNELS.replace('145.60000', '145..6');
    const kit = await typed({ ...TYPED, 'channels.csv': broken });
    const { codeplug, named, add } = draftOf(kit);
    add(named('Hask Wide'), 'Sund', 50_000);
    const written = await write(codeplug, kit);
    expect(written.wrong).toEqual([]);
    expect(written.findings).toContainEqual(expect.objectContaining({ line: 4, found: '“145..6”' }));
    expect(textOf(written.files, 'channels.csv')).toContain(broken.trimEnd());
  });

  /** A kit whose layout is wrong about a column. */
  async function misled(role: string, field: string, codec: CellCodec) {
    const kit = await typed(TYPED);
    kit.kit.tables.find((one) => one.role === role)!.columns.find((one) => one.field === field)!.codec = codec;
    return kit;
  }
  const CAPITALS: CellCodec = { as: 'text', capitals: true, pad: 0 };

  it.each([
    ['channels', 'channels.csv', '“SUND”', '“Sund”'],
    ['zones', 'zones.csv', 'no such zone', 'the zone'],
    ['contacts', 'contacts.csv', 'SUND: group 77', 'Sund: group 77'],
  ])('stops the files where one of the %s would have another name', async (role, file, found, expected) => {
    const kit = await misled(role, 'name', CAPITALS);
    const { codeplug, named, add } = draftOf(kit);
    add(named('Quay FM'), 'Sund', 50_000);
    putRow(codeplug.zones, newZone('z', 'Sund', [named('Quay FM').id]));
    putRow(codeplug.dmr.contacts, { id: 'c', name: 'Sund', kind: 'group', number: 77 });
    const written = await write(codeplug, kit);
    expect(written.files).toEqual([]);
    expect(written.wrong).toEqual([{ file, part: '', line: null, column: 'Sund', found, expected }]);
  });
});
