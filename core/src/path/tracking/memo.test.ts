import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Memo, Part } from './memo';
import { same } from './same';

/** Numbers in parts, a sum of some of them, and whether that is even: each counts how often it was worked out. */
function sums(values: number[]) {
  const memo = new Memo();
  const parts = values.map(() => new Part());
  const counts = { sum: 0, even: 0 };
  const [sumOf, evenOf] = [(): void => undefined, (): void => undefined];
  const sum = (from: number) =>
    memo.get(sumOf, String(from), () => {
      counts.sum += 1;
      return values.slice(from).reduce((total, value, at) => {
        memo.read(parts[from + at]!);
        return total + value;
      }, 0);
    });
  const even = (from: number) =>
    memo.get(evenOf, String(from), () => {
      counts.even += 1;
      return sum(from) % 2 === 0;
    });
  const set = (at: number, value: number) => {
    values[at] = value;
    memo.changed(parts[at]!);
  };
  return { memo, counts, sum, even, set };
}

describe('the memo', () => {
  it('works out again only what read a part that changed, and stops where a value came out the same', () => {
    const { counts, even, set } = sums([1, 2, 3]);
    expect([even(0), even(2)]).toEqual([true, false]);
    expect(counts).toEqual({ sum: 2, even: 2 });
    expect([even(0), even(2)]).toEqual([true, false]);
    expect(counts).toEqual({ sum: 2, even: 2 });
    // The first part is read by one sum only, and stays even: who asked for that need not look again.
    set(0, 3);
    set(1, 0);
    expect([even(0), even(2)]).toEqual([true, false]);
    expect(counts).toEqual({ sum: 3, even: 2 });
    set(2, 4);
    expect([even(0), even(2)]).toEqual([false, true]);
    expect(counts).toEqual({ sum: 5, even: 4 });
  });

  it('says after any changes what is so', () => {
    fc.assert(
      fc.property(
        fc.array(fc.nat(9), { minLength: 1, maxLength: 6 }),
        fc.array(fc.tuple(fc.nat(5), fc.nat(9), fc.nat(5)), { maxLength: 12 }),
        (values, changes) => {
          const { even, set } = sums(values);
          for (const [at, value, from] of changes) {
            if (at < values.length) set(at, value);
            expect(even(from)).toBe(values.slice(from).reduce((total, one) => total + one, 0) % 2 === 0);
          }
        },
      ),
    );
  });

  it('lets go what nobody reads any more', () => {
    const memo = new Memo();
    const part = new Part();
    const [rowOf, listOf] = [(): void => undefined, (): void => undefined];
    let ids = ['a', 'b', 'c'];
    const list = () =>
      memo.get(listOf, '', () => {
        memo.read(part);
        return ids.map((id) => memo.get(rowOf, id, () => id.toUpperCase()));
      });
    expect(list()).toEqual(['A', 'B', 'C']);
    expect(memo.size).toBe(4);
    ids = ['c'];
    memo.changed(part);
    expect(list()).toEqual(['C']);
    expect(memo.size).toBe(2);
  });

  it('notes who reads a part again after another has read it in between', () => {
    const memo = new Memo();
    const [part, other] = [new Part(), new Part()];
    const [outerOf, innerOf] = [(): void => undefined, (): void => undefined];
    let [value, readsPart] = [1, true];
    const inner = () =>
      memo.get(innerOf, '', () => {
        memo.read(part);
        return value;
      });
    const outer = () =>
      memo.get(outerOf, '', () => {
        memo.read(other);
        if (readsPart) {
          memo.read(part);
          const found = inner();
          memo.read(part);
          return value + found + inner();
        }
        return 0;
      });
    expect(outer()).toBe(3);
    value = 2;
    memo.changed(part);
    expect(outer()).toBe(6);
    // What it reads no more is nothing to it.
    readsPart = false;
    memo.changed(other);
    expect(outer()).toBe(0);
    expect([part.readers.size, memo.size]).toEqual([0, 1]);
  });

  it('lets nobody read who is to look at nothing', () => {
    const memo = new Memo();
    const part = new Part();
    const make = (): void => undefined;
    expect(() => memo.alone(() => memo.read(part))).toThrow('has read the plan');
    expect(() => memo.alone(() => memo.get(make, '', () => 1))).toThrow('has read the plan');
    expect(memo.get(make, '', () => memo.alone(() => 2))).toBe(2);
    expect(part.readers.size).toBe(0);
  });

  it('tries again after a failure', () => {
    const memo = new Memo();
    const make = (): void => undefined;
    let fails = true;
    const ask = () =>
      memo.get(make, '', () => {
        if (fails) throw new Error('not now');
        return 1;
      });
    expect(ask).toThrow('not now');
    fails = false;
    expect(ask()).toBe(1);
  });
});

describe('two values are the same', () => {
  it.each([
    [[1, [2]], [1, [2]], true],
    [{ a: 1, b: { c: 2 } }, { b: { c: 2 }, a: 1 }, true],
    [{ a: 1 }, { a: 1, b: undefined }, false],
    [new Map([['a', 1]]), new Map([['a', 1]]), true],
    [
      new Map([
        ['a', 1],
        ['b', 2],
      ]),
      new Map([
        ['b', 2],
        ['a', 1],
      ]),
      false,
    ],
    [new Set([1, 2]), new Set([1, 2]), true],
    [NaN, NaN, true],
    [null, {}, false],
    [[], {}, false],
    [() => 1, () => 1, false],
  ] as [unknown, unknown, boolean][])('%j, %j: %s', (a, b, expected) => expect(same(a, b)).toBe(expected));
});
