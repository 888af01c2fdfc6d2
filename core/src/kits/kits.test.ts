/** Kits of invented programs, made from known codeplugs: what is understood, written and read back. */
import { describe, expect, it } from 'vitest';
import { compareChannels } from '../compare/meaning';
import { rows } from '../plan/table';
import type { Codeplug, ModeId } from '../plan/types';
import { KIT_MODES } from '../registries/kits';
import { sampleCodeplug } from '../testing/kits/codeplug';
import { DIALECTS, randomDialect } from '../testing/kits/dialect';
import { type DemoKit, demoKits, kitOf } from '../testing/kits/demo-kits';
import { learnMade, measure } from '../testing/kits/measure';
import { randomOf } from '../testing/kits/random';
import { CHANNELS, textOf, TYPED, typed } from '../testing/kits/typed-kit';
import { openFiles } from './keep-kit';
import { kitTables } from './kit-tables';
import { readKit } from './read-kit';
import { writeKit } from './write/write-kit';

/** Programs that nobody has looked at while this was written. */
const UNSEEN = Array.from({ length: 24 }, (_, at) => 7001 + at);
const MOST_QUESTIONS = 5;

const unseenKit = (seed: number) => kitOf(randomDialect(randomOf(seed), seed), seed);

async function understood({ made }: DemoKit) {
  const { learnt } = await learnMade(made);
  const kit = { tables: learnt.tables.map(({ layout }) => layout) };
  const files = await openFiles(made.files);
  const { tables, findings } = kitTables(kit, files);
  return { kit, files, content: readKit(tables, KIT_MODES, { findings }) };
}

/** What a channel says, without what the files have no column for. */
async function expectSame(here: Codeplug, of: DemoKit, read: Awaited<ReturnType<typeof understood>>): Promise<void> {
  const matches = compareChannels(KIT_MODES, here, read.content.codeplug, {
    said: read.content.said,
    nameThere: ({ name }) => rows(read.content.codeplug.channels).find((one) => one.name === name)?.name ?? '',
  });
  const odd = matches.filter(({ kind }) => kind !== 'same' && kind !== 'renamed');
  expect({ of: of.dialect.id, odd }).toEqual({ of: of.dialect.id, odd: [] });
}

const every = async (): Promise<DemoKit[]> => [...(await demoKits()), ...(await Promise.all(UNSEEN.map(unseenKit)))];

const sameBytes = (one: Uint8Array, other: Uint8Array) => Buffer.compare(Buffer.from(one), Buffer.from(other)) === 0;

describe('kits of six programs, and of some that nobody has seen', () => {
  it('are understood cell by cell, with no wrong one that is not marked, and few questions', async () => {
    for (const kit of await every()) {
      const { cells, right, wrongUnmarked, questions, wrong } = await measure(kit.made);
      const of = `${kit.dialect.id}: ${wrong.join('; ')}`;
      expect(right / cells, of).toBeGreaterThanOrEqual(0.98);
      expect(wrongUnmarked, of).toBe(0);
      expect(questions, of).toBeLessThanOrEqual(MOST_QUESTIONS);
    }
  }, 60_000);

  it('are read as the codeplug that they were made of', async () => {
    for (const kit of await every()) {
      const read = await understood(kit);
      await expectSame(kit.codeplug, kit, read);
      expect(read.content.findings).toEqual([]);
      const members = (codeplug: Codeplug) => rows(codeplug.zones).map(({ channelIds }) => channelIds.length);
      expect(members(read.content.codeplug)).toEqual(members(kit.codeplug));
      const groups = (codeplug: Codeplug) => rows(codeplug.dmr.receiveLists).map((list) => list.groups);
      expect(groups(read.content.codeplug)).toEqual(groups(kit.codeplug));
    }
  }, 60_000);

  it('are written byte for byte where nothing changed', async () => {
    for (const kit of await every()) {
      const { kit: layouts, files, content } = await understood(kit);
      const written = await writeKit(content.codeplug, layouts, files, KIT_MODES, { keepOthers: true });
      expect(written.wrong).toEqual([]);
      for (const [at, { name, bytes }] of written.files.entries())
        expect({ of: kit.dialect.id, name, same: sameBytes(bytes, kit.made.files[at]!.bytes) }).toEqual({
          of: kit.dialect.id,
          name,
          same: true,
        });
    }
  }, 60_000);

  it.each([true, false])(
    'take another codeplug and say it when they are read back (rows of others stay: %s)',
    async (keepOthers) => {
      for (const [at, kit] of (await every()).entries()) {
        const { kit: layouts, files } = await understood(kit);
        const other = sampleCodeplug(randomOf(300 + at), 40, kit.dialect.modes);
        const written = await writeKit(other, layouts, files, KIT_MODES, { keepOthers });
        expect({ of: kit.dialect.id, wrong: written.wrong }).toEqual({ of: kit.dialect.id, wrong: [] });
        const opened = await openFiles(written.files);
        const { tables, findings } = kitTables(layouts, opened);
        const again = readKit(tables, KIT_MODES, { findings }).codeplug;
        if (!keepOthers)
          expect(again.channels.order.length).toBe(
            other.channels.order.length - written.leftOut.filter(({ what }) => what === 'channels').length,
          );
        // Twice is once.
        const twice = await writeKit(other, layouts, opened, KIT_MODES, { keepOthers });
        const changed = twice.tables.filter((one) => one.added + one.changed + one.removed > 0);
        expect({ of: kit.dialect.id, changed }).toEqual({ of: kit.dialect.id, changed: [] });
      }
    },
    120_000,
  );
});

describe('a kit that is typed', () => {
  it('is known by its titles: roles, fields, words, references', async () => {
    const { learnt, content } = await typed(TYPED);
    expect(learnt.tables.map(({ layout }) => layout.role)).toEqual(['channels', 'contacts', 'zones', 'scan lists']);
    expect(learnt.tables[0]!.columns.map(({ field }) => field)).toEqual([
      'row',
      'name',
      'mode',
      'rx',
      'tx',
      'power',
      'color-code',
      'slot',
      'contact',
      'tone-rx',
      'tone-tx',
      null,
    ]);
    expect(rows(content.codeplug.channels).map(({ mode }) => mode)).toEqual(['dmr', 'dmr', 'fm']);
    expect(content.findings).toEqual([]);
  });

  it('names a broken cell and a short row with line, column, found and expected, and goes on', async () => {
    const broken = CHANNELS.replace('431.07500', '431..075').replace(
      '3,Quay FM,Analog,145.60000',
      '3,Quay FM\r\n4,Pier FM,Analog,145.60000',
    );
    const { content } = await typed({ ...TYPED, 'channels.csv': broken });
    expect(content.findings).toEqual(
      expect.arrayContaining([
        expect.objectContaining({
          file: 'channels.csv',
          line: 3,
          column: 'TX Freq',
          found: '“431..075”',
          expected: 'a number in units of MHz',
        }),
        expect.objectContaining({ line: 4, found: '2 cells', expected: '12 cells' }),
      ]),
    );
    expect(rows(content.codeplug.channels).map(({ name }) => name)).toEqual(['Hask Wide', 'Ferry Net', 'Pier FM']);
  });

  it('follows a name that changes into zones and scan lists, and a channel that goes out of them', async () => {
    const { kit, files, content } = await typed(TYPED);
    const codeplug = structuredClone(content.codeplug);
    const [hask, ferry] = rows(codeplug.channels);
    hask!.name = 'Hask Broad';
    const without = {
      ...codeplug,
      channels: {
        byId: { [hask!.id]: hask!, [rows(codeplug.channels)[2]!.id]: rows(codeplug.channels)[2]! },
        order: codeplug.channels.order.filter((id) => id !== ferry!.id),
      },
    };
    for (const zone of rows(without.zones)) zone.channelIds = zone.channelIds.filter((id) => id !== ferry!.id);
    const written = await writeKit(without, kit, files, KIT_MODES, { keepOthers: false });
    expect(written.wrong).toEqual([]);
    expect(textOf(written.files, 'zones.csv')).toBe(
      'No.,Zone Name,Channels\r\n1,Home,Hask Broad\r\n2,Quay,Quay FM|Hask Broad\r\n',
    );
    expect(textOf(written.files, 'scan-lists.csv')).toBe('No.,Scan List,Channels\r\n1,Evening,Quay FM\r\n');
    expect(textOf(written.files, 'channels.csv')).toBe(
      CHANNELS.replace('1,Hask Wide', '1,Hask Broad').replace(/2,Ferry Net.*\r\n/, ''),
    );
  });

  it('carries along what it does not know: what is usual for the mode in new rows, its own in known ones', async () => {
    const { kit, files, content } = await typed(TYPED);
    const codeplug = structuredClone(content.codeplug);
    const [hask, , quay] = rows(codeplug.channels);
    for (const [at, like] of [hask!, quay!].entries()) {
      const fresh = {
        ...structuredClone(like),
        id: `new-${at}`,
        name: `=New ${at}`,
        rxHz: like.rxHz + 50_000,
        txHz: like.txHz + 50_000,
      };
      codeplug.channels.byId[fresh.id] = fresh;
      codeplug.channels.order.push(fresh.id);
    }
    const written = await writeKit(codeplug, kit, files, KIT_MODES, { keepOthers: true });
    expect(written.wrong).toEqual([]);
    const lines = textOf(written.files, 'channels.csv').split('\r\n');
    expect(lines.slice(0, 4).join('\r\n')).toBe(CHANNELS.trimEnd());
    // A name that a spreadsheet would run as a formula is made harmless, and read back as it was.
    expect(lines.slice(4, 6)).toEqual([
      "4,'=New 0,Digital,438.70000,431.10000,High,1,2,Hask,None,None,x1",
      "5,'=New 1,Analog,145.65000,145.05000,High,1,1,,None,88.5,x2",
    ]);
  });

  it('takes what fits, by priority, and says what was left out and why', async () => {
    const { kit, files, content } = await typed(TYPED);
    kit.tables[0]!.mostRows = 4;
    kit.tables[0]!.nameLength = 8;
    const codeplug = structuredClone(content.codeplug);
    const [hask] = rows(codeplug.channels);
    for (const at of [1, 2, 3]) {
      const id = `new-${at}`;
      codeplug.channels.byId[id] = {
        ...structuredClone(hask!),
        id,
        name: `Harbour 10006${at}`,
        rxHz: hask!.rxHz + at * 25_000 + 1_000_000,
      };
      codeplug.channels.order.push(id);
    }
    codeplug.zones.byId[codeplug.zones.order[0]!]!.channelIds.push('new-3');
    const written = await writeKit(codeplug, kit, files, KIT_MODES, { keepOthers: true });
    expect(written.leftOut).toEqual([
      { what: 'channels', name: 'Harbour 100061', why: 'the file has room for 4' },
      { what: 'channels', name: 'Harbour 100062', why: 'the file has room for 4' },
    ]);
    // The number is whole; what was longer than the limit before stays as it was.
    expect(written.renamed).toContainEqual({ from: 'Harbour 100063', to: expect.stringMatching(/100063$/) as string });
    expect(written.wrong).toEqual([]);
  });

  it('leaves out a channel that the files have no word for', async () => {
    const { kit, files, content } = await typed(TYPED);
    const codeplug = structuredClone(content.codeplug);
    const values = KIT_MODES['dstar' as ModeId].blankChannel();
    codeplug.channels.byId['d'] = {
      id: 'd',
      siteId: null,
      destination: null,
      purpose: null,
      wantId: null,
      built: null,
      ...values,
    } as never;
    codeplug.channels.order.push('d');
    const written = await writeKit(codeplug, kit, files, KIT_MODES, { keepOthers: true });
    expect(written.leftOut).toEqual([
      { what: 'channels', name: 'New channel', why: 'the file has no word for D-STAR' },
    ]);
    expect(textOf(written.files, 'channels.csv')).toBe(CHANNELS);
  });

  it('has its six programs apart: no two are alike', () => {
    expect(
      new Set(DIALECTS.map(({ container, delimiter, language }) => `${container}${delimiter}${language}`)).size,
    ).toBe(6);
  });
});
