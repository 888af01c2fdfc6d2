import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { edit } from '@relay/core/plan/edit';
import { rows } from '@relay/core/plan/table';
import { validatePlan } from '@relay/core/plan/validate';
import { samplePlan } from '@relay/core/testing/sample-plan';
import { previewPaste, putPaste, spread } from './paste';
import { refusedWords } from './refused';
import { columnsFor, sheetRows } from './sheet';

const plan = samplePlan();
const codeplug = plan.codeplugs['r1']!;
const ids = codeplug.channels.order;
const columns = columnsFor(new Set(['dmr']));
const columnIds = columns.map((column) => column.id);
const all = { x: 0, y: 0, x1: 0, y1: 0 };

describe('a pasted range', () => {
  const told = (block: string[][], range: typeof all) => {
    const { cells, beyond } = spread(block, ['a', 'b'], ['0', '1', '2'], range);
    return [
      cells.map((cell) => `${cell.channelId}${cell.columnId}${cell.text}`),
      beyond.map((line) => line.map((cell) => `${cell.columnId}${cell.text}`).join(' ')),
    ];
  };

  it('fills from the upper left, stops at the right edge, goes on below; one value fills all', () => {
    const block = [
      ['x', 'y'],
      ['z', 'w'],
      ['', ' '],
      ['v', ''],
    ];
    expect(told(block, { x: 1, y: 1, x1: 1, y1: 1 })).toEqual([
      ['b1x', 'b2y'],
      ['1z 2w', '1v 2'],
    ]);
    expect(told([['x', 'y']], { x: 2, y: 1, x1: 2, y1: 1 })).toEqual([['b2x'], []]);
    expect(told([['x']], { x: 0, y: 0, x1: 1, y1: 1 })).toEqual([['a0x', 'a1x', 'b0x', 'b1x'], []]);
  });

  it('of a whole sheet over itself changes nothing', () => {
    const block = sheetRows(plan, 'r1', null).map((row) => columnIds.map((id) => String(row[id] ?? '')));
    const paste = spread(block, ids, columnIds, all);
    expect(previewPaste(plan, 'r1', paste, ids.at(-1)!)).toMatchObject({ changed: 0, fresh: 0, refused: [] });
  });

  it('makes channels below the last one, like it but for what is said, and names each cell that it cannot take', () => {
    const block = [
      ['Hask Wide 2', '439.125'],
      ['Added', '438.8'],
      ['Wrong', 'high'],
    ];
    const paste = spread(block, ids, ['name', 'rx'], { ...all, y: ids.length - 1, y1: ids.length - 1 });
    const preview = previewPaste(plan, 'r1', paste, ids.at(-1)!);
    expect(preview).toMatchObject({ changed: 1, fresh: 2 });
    expect(refusedWords(preview.refused, preview.then, columns)).toMatchObject([
      { row: ids.length + 2, channel: 'Wrong', column: 'Receive MHz', text: 'high' },
    ]);
    const { plan: then } = edit(plan, (draft) => void putPaste(draft, 'r1', paste, ['n1', 'n2'], ids.at(-1)!));
    expect(validatePlan(then).problems).toEqual([]);
    const like = codeplug.channels.byId[ids.at(-1)!]!;
    expect(rows(then.codeplugs['r1']!.channels).slice(-2)).toMatchObject([
      { id: 'n1', name: 'Added', rxHz: 438_800_000, mode: like.mode, siteId: like.siteId },
      { id: 'n2', name: 'Wrong', rxHz: like.rxHz },
    ]);
  });

  it('whatever it holds leaves a sound plan and loses no row without a word', () => {
    const text = fc.oneof(fc.constantFrom('', 'Hask', '439.1', 'DMR', '7', 'none'), fc.string({ maxLength: 8 }));
    fc.assert(
      fc.property(
        fc.array(fc.array(text, { minLength: 1, maxLength: 5 }), { minLength: 1, maxLength: 8 }),
        fc.nat(ids.length - 1),
        fc.nat(columnIds.length - 1),
        (block, y, x) => {
          const paste = spread(block, ids, columnIds, { x, y, x1: x, y1: y });
          const fresh = paste.beyond.map((_, at) => `n${at}`);
          const { plan: then } = edit(plan, (draft) => void putPaste(draft, 'r1', paste, fresh, null));
          expect(validatePlan(then).problems).toEqual([]);
          const withText = block.slice(Math.max(0, ids.length - y)).filter((line) => {
            return line.slice(0, columnIds.length - x).some((one) => one.trim() !== '');
          });
          expect(then.codeplugs['r1']!.channels.order).toHaveLength(ids.length + withText.length);
        },
      ),
    );
  });
});
