import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { agreementOf } from '@relay/core/agreement/agreement';
import { channelOf, samplePlan } from '@relay/core/testing/sample-plan';
import { roomsPlan } from '@relay/core/testing/sample-rooms';
import { columnsFor, sheetRows, typeCells } from './sheet';
import { parseTsv, writeTsv } from './tsv';

const typed = (columnId: string, text: string) => {
  const plan = structuredClone(samplePlan());
  const refused = typeCells(plan, 'r1', [{ channelId: 'ch-w-g1', columnId, text }]);
  return { plan, channel: channelOf(plan, 'g1'), refused };
};

describe('sheet', () => {
  it('shows what the other end needs, only where it disagrees', () => {
    const plan = samplePlan(
      (draft) => (void (channelOf(draft, 'g1').dmr.slot = 1), void (channelOf(draft, 'g2').rxHz = 438_000_000)),
    );
    const rows = sheetRows(plan, 'r1', agreementOf(plan));
    expect(rows.map((row) => row.expects)).toEqual([{ slot: '2' }, { rx: '439.1250' }, {}, {}]);
    expect(rows[0]).toMatchObject({
      name: 'Hask Wide',
      number: '417',
      reaches: 'Hask Wide',
      site: 'Home',
      zones: 'Lantern',
      verdict: 'broken',
    });
  });

  it.each([
    ['name', ' New name ', { name: 'New name' }],
    ['rx', '438,8', { rxHz: 438_800_000, txHz: 438_800_000 }],
    ['shift', '-7.6', { rxHz: 439_125_000, txHz: 431_525_000 }],
    ['color-code', '15', { dmr: { colorCode: 15 } }],
    ['call', 'p', { dmr: { call: { kind: 'private' } } }],
    ['admit', 'always', { dmr: { admit: 'always' } }],
    ['receive-list', 'none', { dmr: { receiveListId: null } }],
    ['site', '', { siteId: null }],
    ['site', 'home', { siteId: 's1' }],
    ['purpose', 'Receive only', { purpose: 'receive only' }],
    ['purpose', 'talk', { purpose: null }],
    ['purpose', '', { purpose: null }],
    ['reaches', 'ostrey all', { destination: { kind: 'group', groupId: 'g2' } }],
    ['reaches', 'Echo Lantern', { destination: { kind: 'special', special: 'echo' } }],
  ])('%s takes %j', (column, text, expected) => {
    const { channel, refused } = typed(column, text);
    expect(refused).toEqual([]);
    expect(channel).toMatchObject(expected);
  });

  it.each([
    ['rx', 'high'],
    ['color-code', '16'],
    ['slot', '3'],
    ['number', '0'],
    ['number', '16776416'],
    ['call', ''],
    ['name', '  '],
    ['site', 'nowhere'],
    ['reaches', 'nobody'],
    ['purpose', 'fun'],
    ['zones', 'Lantern, nowhere'],
  ])('%s refuses %j and changes nothing', (column, text) => {
    const { plan, refused } = typed(column, text);
    expect(refused[0]!.problem).toMatch(/expected/);
    expect(plan).toEqual(samplePlan());
  });

  it('moves a channel between zones', () => {
    const { plan } = typed('zones', 'lantern service');
    expect(Object.values(plan.codeplugs['r1']!.zones.byId).map((zone) => zone.channelIds)).toEqual([
      ['ch-w-g2', 'ch-w-g3'],
      ['ch-w-echo', 'ch-w-g1'],
    ]);
  });
});

describe('several modes in one radio', () => {
  const ids = (...modes: Parameters<typeof columnsFor>) => columnsFor(...modes).map((column) => column.id);

  it('show the fields of the modes that are there, and the mode where there could be several', () => {
    expect(ids(new Set(['dmr'] as const)).slice(0, 5)).toEqual(['name', 'rx', 'shift', 'color-code', 'slot']);
    expect(ids(new Set(['c4fm'] as const), true).slice(0, 6)).toEqual([
      'name',
      'mode',
      'rx',
      'shift',
      'room',
      'group-tx',
    ]);
    expect(ids(new Set(['p25'] as const))).not.toContain('tone-tx');
    expect(ids(new Set(['fm', 'c4fm'] as const)).filter((id) => id === 'tone-tx')).toHaveLength(1);
  });

  const typedAt = (channelId: string, ...cells: [columnId: string, text: string][]) => {
    const plan = structuredClone(roomsPlan());
    const refused = typeCells(
      plan,
      'r3',
      cells.map(([columnId, text]) => ({ channelId, columnId, text })),
    );
    return { channel: plan.codeplugs['r3']!.channels.byId[channelId]!, refused };
  };

  it('take a channel over into another mode of the radio, before the other cells of its row', () => {
    const { channel, refused } = typedAt('ch-w-around', ['tone-tx', '107.2'], ['mode', 'fm']);
    expect(refused).toEqual([]);
    expect(channel).toMatchObject({ mode: 'fm', siteId: 'rp5', fm: { toneTx: '107.2' } });
  });

  it('refuse a mode that the radio has not, and cells of another mode', () => {
    expect(typedAt('ch-w-around', ['mode', 'P25']).refused[0]!.problem).toBe(
      'Found “P25”, expected a mode that the radio has: C4FM, FM.',
    );
    expect(typedAt('ch-w-around', ['nac', '293']).refused[0]!.problem).toBe(
      'Found “293”, expected nothing: the channel is C4FM.',
    );
    expect(typedAt('ch-w-around', ['nac', '']).refused).toEqual([]);
  });
});

describe('ranges', () => {
  it('come back from the clipboard as they went, also with tabs, quotes and line ends in cells', () => {
    const cell = fc.oneof(fc.string({ maxLength: 8 }), fc.constantFrom('a\tb', 'say "x"', 'one\ntwo', ''));
    fc.assert(
      fc.property(
        fc.array(fc.tuple(cell, cell), { minLength: 1, maxLength: 6 }),
        (table) =>
          void expect(parseTsv(`${writeTsv(table.map((row) => [...row, '.']))}\n`)).toEqual(
            table.map((row) => [...row, '.']),
          ),
      ),
    );
  });

  it('hold nothing that a spreadsheet would run', () => {
    expect(writeTsv([['=1+1', '@SUM(A1)', '-7.6', '+5', '-x', 'Merrin']])).toBe(
      "'=1+1\t'@SUM(A1)\t-7.6\t+5\t'-x\tMerrin",
    );
    expect(parseTsv("'=1+1\t-7.6")).toEqual([['=1+1', '-7.6']]);
  });
});
