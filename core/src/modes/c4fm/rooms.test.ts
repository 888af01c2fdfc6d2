import { CHANNEL_FIELDS } from '../../registries/outputs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { validatePlan } from '../../plan/validate';
import { edit } from '../../plan/edit';
import { removeRow, rows } from '../../plan/table';
import { roomChannel, roomsPlan } from '../../testing/sample-rooms';
import { dealRooms, putDealt, saveRoom } from './book';
import { keys } from '../../plan/modes/c4fm/keys';
import type { ToneText } from '../../units/tones';
import {
  byActivity,
  groupIdText,
  readGroupId,
  roomDigits,
  roomNetwork,
  roomNetworks,
  roomNumberProblem,
  searchByName,
  searchByNumber,
} from './rooms';
import { compareDirectory, putDirectory } from '../../lists/directory';
import type { ModeDirectory } from '../../lists/mode-directory';
import { directory as roomDirectory } from './directory';

const directory = roomDirectory as unknown as ModeDirectory;

const plan = roomsPlan();
const networks = roomNetworks(plan);
const names = (found: readonly { room: { name: string; number: number } }[]) =>
  found.map(({ room }) => `${roomDigits(room.number)} ${room.name}`);

describe('rooms', () => {
  it('are found by a part of their name or place, the beginning first, accents and case aside', () => {
    expect(names(searchByName(networks, 'ferry'))).toEqual(['41377 Ferry Deck', '52077 Ferry Deck']);
    expect(names(searchByName(networks, 'span main'))).toEqual(['41950 Mainland Span']);
    expect(names(searchByName(networks, 'HÁSK'))).toEqual(['41205 Isles Evening']);
    expect(names(searchByName(networks, 'n'))[0]).toBe('52110 North News');
    expect([searchByName(networks, 'nobody'), searchByName(networks, '41205')]).toEqual([[], []]);
    const all = searchByName(networks, ' ').map(({ room }) => room.name);
    expect(all).toEqual(all.toSorted((a, b) => a.localeCompare(b)));
    expect(all).toHaveLength(networks.reduce((sum, one) => sum + one.rooms.order.length, 0));
  });

  it('are found by their number, which is another act', () => {
    expect(names(searchByNumber(networks, '419'))).toEqual(['41900 Lantern Bridge', '41950 Mainland Span']);
    expect(names(searchByNumber(networks, '52 077'))).toEqual(['52077 Ferry Deck']);
    expect([
      searchByNumber(networks, 'ferry'),
      searchByNumber(networks, '412055'),
      searchByNumber(networks, ''),
    ]).toEqual([[], [], []]);
  });

  it('are listed by how busy they are, a page at a time', () => {
    expect(names(byActivity(networks, 0).rooms).slice(0, 3)).toEqual([
      '41205 Isles Evening',
      '52110 North News',
      '41377 Ferry Deck',
    ]);
    expect(byActivity(networks, 0, 4)).toMatchObject({ pages: 2 });
    expect(names([...byActivity(networks, 0, 4).rooms, ...byActivity(networks, 1, 4).rooms])).toEqual(
      names(byActivity(networks, 0).rooms),
    );
  });

  // Common practice: five digits; 99999 disconnects and is no room.
  it.each([
    ['41205', null],
    ['417', { problem: 'Found “417”, expected 5 digits, such as 41205.', meant: '00417' }],
    ['412055', { problem: 'Found “412055”, expected 5 digits, such as 41205.' }],
    ['evening', { problem: 'Found “evening”, expected 5 digits, such as 41205.' }],
    ['99999', { problem: 'Found “99999”, which disconnects and is no room, expected the number of a room.' }],
  ])('%s typed as a room', (text, expected) =>
    expect(roomNumberProblem(text, 99_999)).toEqual(expected && expect.objectContaining(expected)),
  );

  it('are kept, changed and added by a list; twins and bridges stay', () => {
    const network = roomNetwork(plan, 'rm1')!;
    const list = [
      { number: 41_377, name: 'Ferry Deck', place: 'Quay', kind: 'room' as const, activity: 9 },
      { number: 41_205, name: 'Isles Evening', place: 'Hask', kind: 'room' as const, activity: 14 },
      { number: 417, name: 'New', place: '', kind: 'node' as const, activity: null },
    ];
    const { fresh, changed, same } = compareDirectory(directory, network, list);
    expect([fresh.length, changed.length, same]).toEqual([1, 1, 1]);
    const next = edit(plan, (draft) => putDirectory(directory, roomNetwork(draft, 'rm1')!, list)).plan;
    expect(roomNetwork(next, 'rm1')!.rooms.byId['deck']).toMatchObject({
      place: 'Quay',
      activity: 9,
      twin: { networkId: 'rm2', roomId: 'ferry' },
    });
    expect(rows(roomNetwork(next, 'rm1')!.rooms).at(-1)).toMatchObject({ id: 'r00417', number: 417, kind: 'node' });
    expect(validatePlan(JSON.parse(JSON.stringify(next))).problems).toEqual([]);
  });

  it('whose twin, network or category goes are mended, not left dangling', () => {
    const booked = edit(
      plan,
      (draft) =>
        void saveRoom(
          draft,
          { network: roomNetwork(draft, 'rm1')!, room: roomNetwork(draft, 'rm1')!.rooms.byId['deck']! },
          { id: 'c1', name: 'Evening' },
        ),
    ).plan;
    const gone = edit(booked, (draft) => removeRow(draft.networks, 'rm2')).plan;
    expect(roomNetwork(gone, 'rm1')!.rooms.byId).toMatchObject({ deck: { twin: null }, span: { bridgesTo: null } });
    expect([gone.sites.byId['rp5']!.c4fm!.networkIds, gone.wants.order.includes('w-news')]).toEqual([[], false]);
    expect(
      edit(booked, (draft) => removeRow(draft.shared.c4fm.categories, 'c1')).plan.shared.c4fm.entries.order,
    ).toEqual([]);
    expect(
      edit(booked, (draft) => removeRow(roomNetwork(draft, 'rm1')!.rooms, 'deck')).plan.shared.c4fm.entries.order,
    ).toEqual([]);
  });
});

describe('the room book', () => {
  const save = (uses: Record<string, number>, categoryOf: (id: string) => string) =>
    edit(plan, (draft) => {
      for (const network of roomNetworks(draft)) {
        for (const room of rows(network.rooms)) {
          const category = categoryOf(room.id);
          expect(saveRoom(draft, { network, room }, { id: category, name: category })).toBe(true);
          draft.shared.c4fm.entries.byId[`rb-${roomDigits(room.number)}`]!.uses = uses[room.id] ?? 0;
        }
      }
    }).plan;

  it('deals what is used most into each category, with names that fit, and the way out where there is room', () => {
    const book = save({ deck: 9, evening: 4 }, (id) => (id === 'news' ? 'Far' : 'Near'));
    const dealt = dealRooms(book, book.radios.byId['r3']!);
    expect(dealt.memories.map((one) => [one.category, one.number, one.name])).toEqual([
      [1, '41377', 'Ferry Deck'],
      [1, '41205', 'Isles Eve'],
      [1, '41900', 'Lantern Br'],
      [2, '52110', 'North News'],
      [2, '99999', 'Leave'],
    ]);
    expect(dealt.left).toEqual([
      { name: 'Mainland Span', why: 'Near holds 3 in Rambler' },
      { name: 'Ferry Deck', why: 'Near holds 3 in Rambler' },
    ]);
    const next = edit(book, (draft) => void putDealt(draft, 'r3')).plan;
    expect(rows(next.codeplugs['r3']!.c4fm.rooms)).toEqual(dealt.memories);
    expect(validatePlan(JSON.parse(JSON.stringify(next))).problems).toEqual([]);
  });

  it('leaves out categories that the radio has not, deals stored DTMF codes as one, and nothing to a radio without either', () => {
    const book = save({}, (id) => (id === 'news' ? 'Far' : id === 'deck' ? 'Deck' : 'Near'));
    expect(dealRooms(book, book.radios.byId['r3']!).left).toContainEqual({
      name: 'North News',
      why: 'Rambler has 2 categories',
    });
    const dtmf = edit(
      book,
      (draft) => void Object.assign(draft.radios.byId['r3']!.c4fm!, { rooms: null, dtmfMemories: 2 }),
    ).plan;
    expect(dealRooms(dtmf, dtmf.radios.byId['r3']!).memories).toHaveLength(2);
    const none = edit(book, (draft) => void Object.assign(draft.radios.byId['r3']!.c4fm!, { rooms: null })).plan;
    expect(dealRooms(none, none.radios.byId['r3']!)).toMatchObject({ memories: [], left: { length: 6 } });
  });

  it('keeps a room once: saved again it moves', () => {
    const book = save({}, () => 'Near');
    const moved = edit(book, (draft) =>
      expect(
        saveRoom(
          draft,
          { network: roomNetwork(draft, 'rm1')!, room: roomNetwork(draft, 'rm1')!.rooms.byId['deck']! },
          { id: 'Far', name: 'Far' },
        ),
      ).toBe(false),
    ).plan;
    expect([moved.shared.c4fm.entries.order.length, moved.shared.c4fm.entries.byId['rb-41377']!.categoryId]).toEqual([
      6,
      'Far',
    ]);
  });
});

describe('the fields of a C4FM channel', () => {
  const field = (id: string) => CHANNEL_FIELDS.find((one) => one.id === id)!;
  const codeplug = plan.codeplugs['r3']!;

  it.each([
    ['room', '41205'],
    ['room', ''],
    ['group-tx', '05'],
    ['group-rx', '99'],
    ['voice', 'wide'],
    ['receive', 'auto'],
    ['tone-tx', '110.9'],
    ['tone-rx', 'D023I'],
  ])('%s “%s” is read as it is shown', (id, text) => {
    const channel = structuredClone(roomChannel(plan, 'w-evening'));
    const reading = field(id).read(text, codeplug, null);
    if ('problem' in reading) throw new Error(reading.problem);
    reading.put(channel);
    expect(field(id).show(channel, codeplug)).toBe(text);
  });

  it.each([
    ['room', '417', '00417'],
    ['room', '412055', undefined],
    ['group-tx', '100', undefined],
    ['voice', 'broad', undefined],
    ['tone-tx', '110.0', '110.9'],
  ])('%s refuses “%s”', (id, text, meant) => {
    expect(field(id).read(text, codeplug, null)).toMatchObject({
      problem: expect.stringContaining(`“${text}”`) as string,
      ...(meant ? { meant } : {}),
    });
  });

  it('tones are hidden while the channel opens for digital only, and one that is set all the same is not', () => {
    const shown = (receive: 'digital' | 'auto', toneTx: ToneText | null) =>
      field('tone-tx').show(
        { ...roomChannel(plan, 'w-evening'), c4fm: { ...roomChannel(plan, 'w-evening').c4fm, receive, toneTx } },
        codeplug,
      );
    expect([shown('digital', null), shown('digital', '110.9'), shown('auto', null)]).toEqual(['', '110.9', 'none']);
  });

  it('group IDs are read as they are written', () => {
    fc.assert(fc.property(fc.integer({ min: 0, max: 99 }), (id) => void expect(readGroupId(groupIdText(id))).toBe(id)));
    expect([readGroupId('5'), readGroupId('100'), readGroupId('x'), readGroupId('')]).toEqual([5, null, null, null]);
  });

  it('destinations are read as they are written', () => {
    const id = fc.stringMatching(/^[\w-]{1,20}$/);
    fc.assert(
      fc.property(id, id, (networkId, roomId) => {
        for (const one of [
          { mode: 'c4fm', kind: 'room', networkId, roomId },
          { mode: 'c4fm', kind: 'disconnect', networkId },
        ] as const)
          expect(keys.read(keys.write(one))).toEqual(one);
      }),
    );
    expect([keys.read('n/room'), keys.read('n/disconnect/x'), keys.read('n/group/g')]).toEqual([
      undefined,
      undefined,
      undefined,
    ]);
  });
});
