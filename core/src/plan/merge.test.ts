import { describe, expect, it } from 'vitest';
import { mergeDocuments } from './merge';

interface Row {
  name?: string;
  hz?: number;
  tags?: string[];
}
type Document = { rows: Record<string, Row | null | undefined>; order: string[] };

const base: Document = { rows: { a: { name: 'Ayr', hz: 1 }, b: { name: 'Bay', hz: 2 } }, order: ['a', 'b'] };
const changed = (change: (one: Document) => void): Document => {
  const copy = structuredClone(base);
  change(copy);
  return copy;
};

describe('two edits of one document', () => {
  it.each<[string, (one: Document) => void, (one: Document) => void, Document, string[]]>([
    [
      'different values are both kept',
      (one) => void (one.rows['a']!.hz = 5),
      (one) => void (one.rows['a']!.name = 'Air'),
      changed((one) => void (one.rows['a'] = { name: 'Air', hz: 5 })),
      [],
    ],
    [
      'the same value: mine stands, and the place is told',
      (one) => void (one.rows['a']!.hz = 5),
      (one) => void (one.rows['a']!.hz = 6),
      changed((one) => void (one.rows['a']!.hz = 5)),
      ['/rows/a/hz'],
    ],
    [
      'the same change is no conflict',
      (one) => void (one.rows['a']!.hz = 5),
      (one) => void (one.rows['a']!.hz = 5),
      changed((one) => void (one.rows['a']!.hz = 5)),
      [],
    ],
    [
      'what I remove and they change stays, and the place is told',
      (one) => void delete one.rows['a'],
      (one) => void (one.rows['a']!.hz = 6),
      changed((one) => void (one.rows['a']!.hz = 6)),
      ['/rows/a'],
    ],
    [
      'what they remove and I change stays, and the place is told',
      (one) => void (one.rows['a']!.hz = 5),
      (one) => void delete one.rows['a'],
      changed((one) => void (one.rows['a']!.hz = 5)),
      ['/rows/a'],
    ],
    [
      'what one of us removes and the other leaves is gone',
      (one) => void delete one.rows['a'],
      (one) => void (one.rows['b']!.hz = 6),
      changed((one) => {
        delete one.rows['a'];
        one.rows['b']!.hz = 6;
      }),
      [],
    ],
    [
      'my order, with what they added behind it',
      (one) => void one.order.reverse(),
      (one) => void one.order.push('c'),
      changed((one) => void (one.order = ['b', 'a', 'c'])),
      [],
    ],
    [
      'my order, without what they removed',
      (one) => void one.order.reverse(),
      (one) => void one.order.shift(),
      changed((one) => void (one.order = ['b'])),
      [],
    ],
    [
      'members that each of us added, mine at their place',
      (one) => void one.order.splice(1, 0, 'x'),
      (one) => void one.order.push('c'),
      changed((one) => void (one.order = ['a', 'x', 'b', 'c'])),
      [],
    ],
    [
      'a member that I put first',
      (one) => void one.order.unshift('x'),
      (one) => void one.order.push('c'),
      changed((one) => void (one.order = ['x', 'a', 'b', 'c'])),
      [],
    ],
    [
      'a member whose neighbour they removed',
      (one) => void one.order.push('x'),
      (one) => void one.order.pop(),
      changed((one) => void (one.order = ['a', 'x'])),
      [],
    ],
    [
      'a member that I removed is gone, and what they added stays',
      (one) => void one.order.shift(),
      (one) => void one.order.push('c'),
      changed((one) => void (one.order = ['b', 'c'])),
      [],
    ],
    [
      'each of us removed one: both are gone',
      (one) => void one.order.shift(),
      (one) => void one.order.pop(),
      changed((one) => void (one.order = [])),
      [],
    ],
    [
      'a member that I put in another’s place stands there, before what they added',
      (one) => void (one.order = ['a', 'x']),
      (one) => void one.order.push('c'),
      changed((one) => void (one.order = ['a', 'x', 'c'])),
      [],
    ],
    [
      'a member behind the last stays behind it, before what they added',
      (one) => void one.order.push('x'),
      (one) => void one.order.push('c'),
      changed((one) => void (one.order = ['a', 'b', 'x', 'c'])),
      [],
    ],
    [
      'what I empty and they change is empty, and the place is told',
      (one) => void (one.rows['a'] = null),
      (one) => void (one.rows['a']!.hz = 6),
      changed((one) => void (one.rows['a'] = null)),
      ['/rows/a'],
    ],
  ])('%s', (_, mine, theirs, value, conflicts) => {
    expect(mergeDocuments(base, changed(mine), changed(theirs))).toEqual({ value, conflicts });
  });
});
