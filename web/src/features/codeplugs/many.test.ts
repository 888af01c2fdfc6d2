import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { agreementOf } from '@relay/core/agreement/agreement';
import { edit } from '@relay/core/plan/edit';
import { rows as rowsOf } from '@relay/core/plan/table';
import { validatePlan } from '@relay/core/plan/validate';
import { sitesPlan } from '@relay/core/testing/sample-sites';
import { replaceIn, sameInAll, series } from './changes';
import { columnSets, keepColumns, keptColumns } from './column-sets';
import { compareCells } from './compare-cells';
import { duplicate } from './duplicate';
import { rowFilter } from './filter-rows';
import { columnsFor, sheetRows, type SheetRow, typeCells } from './sheet';

const plan = sitesPlan((draft) => {
  const one = draft.codeplugs['r1']!.channels.byId['ch-w-g1']!;
  if (one.mode === 'dmr') one.dmr.slot = 1;
});
const all = sheetRows(plan, 'r1', agreementOf(plan));
const columns = columnsFor(new Set(['dmr', 'fm']), true);
const row = (id: string, cells: Record<string, string> = {}) =>
  ({ id, verdict: null, expects: {}, ...cells }) as unknown as SheetRow;
const textsOf = (cells: readonly { text: string }[] | null) => cells?.map(({ text }) => text);

describe('filter of rows', () => {
  it.each<[string, string[]]>([
    ['', all.map(({ id }) => id)],
    ['slot:1 -broken', ['ch-w-head-g1', 'ch-w-mast-g1']],
    ['broken', ['ch-w-g1']],
    ['mode=FM', ['ch-w-fm']],
    ['"port ellery"', ['ch-w-fm']],
    ['site:"Hask Head"', ['ch-w-head-g1', 'ch-w-head-g2']],
    ['rec:438.95', ['ch-w-mast-g1']],
    ['tone: ', ['ch-w-fm']],
    ['-mode:dmr', ['ch-w-fm']],
    ['site:"Hask', ['ch-w-head-g1', 'ch-w-head-g2']],
  ])('%s', (text, expected) => {
    expect(all.filter(rowFilter(text, columns).takes).map(({ id }) => id)).toEqual(expected);
  });

  it('says which column is none, and takes a time or a number with a colon for words', () => {
    expect(rowFilter('slto:2', columns).unknown).toEqual(['slto']);
    expect(rowFilter('12:30', columns).unknown).toEqual([]);
  });

  it('never fails, whatever is typed', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: 'grapheme', maxLength: 12 }),
        (text) => void all.filter(rowFilter(text, columns).takes),
      ),
    );
  });
});

describe('order of cells', () => {
  it('has numbers by size, texts by the numbers in them, and empty cells last', () => {
    const sorted = (texts: string[]) =>
      texts
        .map((text, at) => row(String(at), { x: text }))
        .sort(compareCells('x'))
        .map((one) => one['x']);
    expect(sorted(['1000', '', '417', '-7.6', '+5'])).toEqual(['-7.6', '+5', '417', '1000', '']);
    expect(sorted(['Call 10', 'call 9', 'Álta', 'b'])).toEqual(['Álta', 'b', 'call 9', 'Call 10']);
  });

  it('is an order: of any two the same, of any three in line', () => {
    const text = fc.constantFrom('', '1', '01', '-2', 'a', 'A', 'Call 2', 'call 10', '10', 'é');
    fc.assert(
      fc.property(text, text, text, (a, b, c) => {
        const compare = compareCells('x');
        const [one, two, three] = [a, b, c].map((x, at) => row(String(at), { x })) as [SheetRow, SheetRow, SheetRow];
        expect(Math.sign(compare(one, two)) + Math.sign(compare(two, one))).toBe(0);
        if (compare(one, two) <= 0 && compare(two, three) <= 0) expect(compare(one, three)).toBeLessThanOrEqual(0);
      }),
    );
  });
});

describe('many cells at once', () => {
  const three = [row('a'), row('b'), row('c')];
  it.each<[string, string, string[] | undefined]>([
    ['439.125', '0.0125', ['439.1250', '439.1375', '439.1500']],
    ['Call 09', '1', ['Call 09', 'Call 10', 'Call 11']],
    ['Call-9', '1', ['Call-9', 'Call-10', 'Call-11']],
    ['-7.6', '7.6', ['-7.6', '0.0', '7.6']],
    ['417', '-10', ['417', '407', '397']],
    ['1 Base', '1', ['1 Base', '2 Base', '3 Base']],
    ['439,125', '0,0125', ['439.1250', '439.1375', '439.1500']],
    ['Base', '1', undefined],
    ['1', 'one', undefined],
    ['1', '', undefined],
  ])('count up from %s by %s', (first, step, expected) => {
    expect(textsOf(series(three, 'rx', first, step))).toEqual(expected);
  });

  it('find and replace one text in the columns that are asked, as it stands', () => {
    const two = [row('a', { name: 'Hask Wide', site: 'Hask' }), row('b', { name: 'Merrin', site: 'hask' })];
    expect(replaceIn(two, ['name', 'site'], 'hask', '$&').map(({ text }) => text)).toEqual(['$& Wide', '$&', '$&']);
    expect(replaceIn(two, ['site'], 'Hask', 'Head', true)).toEqual([
      { channelId: 'a', columnId: 'site', text: 'Head' },
    ]);
    expect(replaceIn(two, ['name'], '(', ')')).toEqual([]);
    expect(replaceIn(two, ['name'], '', 'x')).toEqual([]);
  });

  it('are taken like typed ones', () => {
    const draft = structuredClone(plan);
    const refused = typeCells(draft, 'r1', sameInAll(all, 'power', 'high'));
    expect(refused).toEqual([]);
    expect(rowsOf(draft.codeplugs['r1']!.channels).every(({ power }) => power === 'high')).toBe(true);
  });
});

describe('columns', () => {
  it('are those of a task or a mode, the name first; a choice of one’s own is kept', () => {
    const sets = columnSets(columns, ['dmr', 'fm'], ['slot', 'gone']);
    const idsOf = (id: string) =>
      sets
        .find((set) => set.id === id)!
        .of(columns)
        .map((column) => column.id);
    expect(idsOf('all')).toEqual(columns.map(({ id }) => id));
    for (const { of } of sets) expect(of(columns)[0]!.id).toBe('name');
    expect(idsOf('own')).toEqual(['name', 'slot']);
    expect(idsOf('mode-fm')).not.toContain('slot');
    expect(idsOf('tuning')).toEqual(expect.arrayContaining(['rx', 'shift', 'tone-tx', 'power']));
    const kept = new Map<string, string>();
    const storage = {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => void kept.set(key, value),
    };
    expect(keptColumns(storage)).toBeNull();
    keepColumns(storage, ['slot']);
    expect(keptColumns(storage)).toEqual(['slot']);
    expect(keptColumns({ getItem: () => '{"no": 1}' })).toBeNull();
    keepColumns(
      {
        setItem: () => {
          throw new Error('full');
        },
      },
      ['slot'],
    );
  });
});

describe('a channel once more', () => {
  it('stands behind the one it is like, in its zones, with a name of its own and no want', () => {
    let count = 0;
    const { plan: after } = edit(sitesPlan(), (draft) => {
      duplicate(draft, 'r1', ['ch-w-g1', 'gone', 'ch-w-fm'], () => `new-${(count += 1)}`);
    });
    const { channels, zones } = after.codeplugs['r1']!;
    expect(channels.order.slice(0, 2)).toEqual(['ch-w-g1', 'new-1']);
    expect(channels.byId['new-1']).toMatchObject({ name: 'Hask Wide 2', wantId: null, built: null });
    const zone = rowsOf(zones).find(({ channelIds }) => channelIds.includes('ch-w-fm'))!;
    expect(zone.channelIds).toContain('new-2');
    expect(validatePlan(after).problems).toEqual([]);
  });
});
