import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryPlan } from '../testing/arbitrary-plan';
import { CHANNEL, channelOf, samplePlan } from '../testing/sample-plan';
import { diff } from './diff';
import { edit, editByPatches, type Recipe } from './edit';
import { type EditRecord, undoStacks } from './history';
import { mergeDocuments } from './merge';
import { applyPatches, fromPointer, type Patch, PatchError, toPointer } from './patches';
import { brokenReferences, lossOnRemoval } from './references';
import { removeRow, rows } from './table';
import { validatePlan } from './validate';
import { dmrNetwork } from '../modes/dmr/networks';

const RECIPES: [string, Recipe][] = [
  ['a value', (plan) => void (plan.station.callSign = 'Q1XX')],
  [
    'a new row',
    (plan) => {
      dmrNetwork(plan, 'n1')!.groups.byId['g9'] = { id: 'g9', name: 'New', number: 900, category: 'test' };
      dmrNetwork(plan, 'n1')!.groups.order.push('g9');
    },
  ],
  [
    'an insert at the front of a list',
    (plan) => void plan.codeplugs['r1']!.zones.byId['zn-n1-s1-talk']?.channelIds.unshift('ch-w-echo'),
  ],
  [
    'a removal in the middle',
    (plan) => void plan.codeplugs['r1']!.zones.byId['zn-n1-s1-talk']?.channelIds.splice(1, 1),
  ],
  ['a new order', (plan) => void plan.codeplugs['r1']!.channels.order.reverse()],
  ['a whole network gone', (plan) => removeRow(plan.networks, 'n1')],
  ['a radio gone', (plan) => removeRow(plan.radios, 'r1')],
];

describe('edit', () => {
  it.each(RECIPES)('%s: patches lead there, the inverse leads back', (_, recipe) => {
    const plan = samplePlan();
    const { plan: next, patches, inverse } = edit(plan, recipe);
    expect(applyPatches(plan, patches)).toEqual(next);
    expect(applyPatches(next, inverse)).toEqual(plan);
    expect(JSON.parse(JSON.stringify(patches))).toEqual(patches);
  });

  it('writes lists as inserts and removals, in RFC 6902', () => {
    const { patches } = edit(samplePlan(), RECIPES[2]![1]);
    expect(patches).toEqual([
      { op: 'add', path: '/codeplugs/r1/zones/byId/zn-n1-s1-talk/channelIds/0', value: 'ch-w-echo' },
    ]);
  });

  it('makes patches whose difference from any plan to any other is exact', () => {
    fc.assert(
      fc.property(arbitraryPlan, arbitraryPlan, (a, b) => void expect(applyPatches(a, diff(a, b))).toEqual(b)),
      { numRuns: 60 },
    );
  });
});

describe('patches', () => {
  // Cases of RFC 6901, section 5, and RFC 6902, appendix A.
  it.each([
    ['', []],
    ['/a~1b', ['a/b']],
    ['/m~0n', ['m~n']],
    ['/ ', [' ']],
    ['/', ['']],
    ['/~01', ['~1']],
  ])('pointer %j', (pointer, keys) => {
    expect(fromPointer(pointer)).toEqual(keys);
    expect(toPointer(keys)).toBe(pointer);
  });

  it.each([
    [
      'A.2 adding an array element',
      { foo: ['bar', 'baz'] },
      [{ op: 'add', path: '/foo/1', value: 'qux' }],
      { foo: ['bar', 'qux', 'baz'] },
    ],
    [
      'A.4 removing an array element',
      { foo: ['bar', 'qux', 'baz'] },
      [{ op: 'remove', path: '/foo/1' }],
      { foo: ['bar', 'baz'] },
    ],
    [
      'A.5 replacing a value',
      { baz: 'qux', foo: 'bar' },
      [{ op: 'replace', path: '/baz', value: 'boo' }],
      { baz: 'boo', foo: 'bar' },
    ],
    [
      'A.8 testing a value',
      { baz: 'qux', foo: ['a', 2, 'c'] },
      [{ op: 'test', path: '/foo/1', value: 2 }],
      { baz: 'qux', foo: ['a', 2, 'c'] },
    ],
    ['A.14 escape ordering', { '/': 9, '~1': 10 }, [{ op: 'test', path: '/~01', value: 10 }], { '/': 9, '~1': 10 }],
    [
      'A.16 adding an array value',
      { foo: ['bar'] },
      [{ op: 'add', path: '/foo/-', value: ['abc', 'def'] }],
      { foo: ['bar', ['abc', 'def']] },
    ],
  ] as [string, object, Patch[], object][])('%s', (_, before, patches, after) => {
    expect(applyPatches(before, patches)).toEqual(after);
  });

  it.each([
    ['A.9 a test that fails', { baz: 'qux' }, { op: 'test', path: '/baz', value: 'bar' }],
    ['A.12 a target that is not there', { foo: 'bar' }, { op: 'add', path: '/baz/bat', value: 'qux' }],
    ['an index past the end', { foo: ['bar'] }, { op: 'add', path: '/foo/2', value: 'x' }],
    ['a leading zero', { foo: ['a', 'b'] }, { op: 'remove', path: '/foo/01' }],
    ['a removal of nothing', { foo: 1 }, { op: 'remove', path: '/bar' }],
    ['the prototype', {}, { op: 'add', path: '/__proto__/polluted', value: 1 }],
    ['a constructor', {}, { op: 'add', path: '/constructor', value: 1 }],
  ] as [string, object, Patch][])('%s is refused and changes nothing', (_, before, patch) => {
    const copy = structuredClone(before);
    expect(() => applyPatches(before, [{ op: 'add', path: '/fine', value: 1 }, patch])).toThrow(PatchError);
    expect(before).toEqual(copy);
    expect(({} as Record<string, unknown>)['polluted']).toBeUndefined();
  });
});

describe('references', () => {
  it('has a defined outcome when a group that channels use is removed', () => {
    const { plan, patches } = edit(samplePlan(), (draft) => removeRow(dmrNetwork(draft, 'n1')!.groups, 'g1'));
    expect(plan.wants.order).toEqual(['w-g2', 'w-g3', 'w-echo']);
    expect(channelOf(plan, 'g1')).toMatchObject({ destination: null, wantId: null, dmr: { call: { number: 417 } } });
    expect(lossOnRemoval(patches)).toEqual({ wants: 1, links: 1 });
    expect(validatePlan(plan).problems).toEqual([]);
  });

  it('takes the codeplug with the radio and the profile with the hotspot', () => {
    const plan = samplePlan((draft) => (removeRow(draft.radios, 'r1'), removeRow(draft.sites, 's1')));
    expect([plan.codeplugs, plan.profiles.order, plan.wants.order]).toEqual([{}, [], []]);
  });

  it('holds for every edit of every plan', () => {
    fc.assert(
      fc.property(
        arbitraryPlan,
        fc.constantFrom(...RECIPES.map(([, recipe]) => recipe)),
        (plan, recipe) => void expect(brokenReferences(edit(plan, recipe).plan)).toEqual([]),
      ),
      { numRuns: 60 },
    );
  });
});

describe('merge', () => {
  it('keeps both when different things were changed', () => {
    const base = samplePlan();
    const mine = edit(base, (plan) => void (channelOf(plan, 'g1').dmr.colorCode = 5)).plan;
    const theirs = edit(base, (plan) => void (channelOf(plan, 'g1').dmr.slot = 1)).plan;
    const { value, conflicts } = mergeDocuments(base, mine, theirs);
    expect(channelOf(value, 'g1').dmr).toMatchObject({ colorCode: 5, slot: 1 });
    expect(conflicts).toEqual([]);
  });

  it('keeps rows that both added, and takes out what one removed', () => {
    const add =
      (id: string): Recipe =>
      (plan) => {
        dmrNetwork(plan, 'n1')!.groups.byId[id] = { id, name: id, number: 1, category: 'test' };
        dmrNetwork(plan, 'n1')!.groups.order.unshift(id);
      };
    const base = samplePlan();
    const mine = edit(base, add('a')).plan;
    const theirs = edit(edit(base, add('b')).plan, (plan) => removeRow(dmrNetwork(plan, 'n1')!.groups, 'g3')).plan;
    const { value } = mergeDocuments(base, mine, theirs);
    expect([...dmrNetwork(value, 'n1')!.groups.order].sort()).toEqual(['a', 'b', 'g1', 'g2']);
  });

  it('says where both changed the same value, and takes mine', () => {
    const base = samplePlan();
    const mine = edit(base, (plan) => void (plan.station.callSign = 'Q1AA')).plan;
    const theirs = edit(base, (plan) => void (plan.station.callSign = 'Q2BB')).plan;
    expect(mergeDocuments(base, mine, theirs)).toMatchObject({
      value: { station: { callSign: 'Q1AA' } },
      conflicts: ['/station/callSign'],
    });
  });

  it('of a plan with itself is the other side, for any plans', () => {
    fc.assert(
      fc.property(arbitraryPlan, arbitraryPlan, (a, b) => {
        expect(mergeDocuments(a, a, b).value).toEqual(b);
        expect(mergeDocuments(a, b, a).value).toEqual(b);
      }),
      { numRuns: 60 },
    );
  });

  it('of any two edits leaves a plan that can be made sound', () => {
    const recipes = RECIPES.map(([, recipe]) => recipe);
    for (const mine of recipes) {
      for (const theirs of recipes) {
        const base = samplePlan();
        const [a, b] = [edit(base, mine).plan, edit(base, theirs).plan];
        const merged = editByPatches(b, diff(b, mergeDocuments(base, a, b).value)).plan;
        expect(validatePlan(merged).problems).toEqual([]);
      }
    }
  });
});

describe('history', () => {
  it('leads back and forth through any run of edits, undos and redos', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom('edit', 'undo', 'redo'), { maxLength: 30 }), (acts) => {
        const records: EditRecord[] = [];
        let plan = samplePlan();
        const model = { past: [] as string[], future: [] as string[], now: plan.station.callSign };
        acts.forEach((act, at) => {
          const { undo, redo } = undoStacks(records);
          expect([undo.length, redo.length]).toEqual([model.past.length, model.future.length]);
          const step = act === 'undo' ? undo.at(-1) : act === 'redo' ? redo.at(-1) : null;
          if (act !== 'edit' && !step) return;
          const done = step
            ? editByPatches(plan, step.patches)
            : edit(plan, (draft) => void (draft.station.callSign = `Q${at}A`));
          records.push({
            id: `e${at}`,
            kind: act as EditRecord['kind'],
            target: step?.id ?? null,
            label: 'call sign',
            patches: done.patches,
            inverse: done.inverse,
          });
          plan = done.plan;
          if (act === 'edit') {
            model.past.push(model.now);
            model.future = [];
            model.now = `Q${at}A`;
          } else if (act === 'undo') {
            model.future.push(model.now);
            model.now = model.past.pop()!;
          } else {
            model.past.push(model.now);
            model.now = model.future.pop()!;
          }
          expect(plan.station.callSign).toBe(model.now);
        });
      }),
      { numRuns: 100 },
    );
  });
});

describe('plan document', () => {
  it('is taken by the schema, whatever is in it', () => {
    fc.assert(
      fc.property(
        arbitraryPlan,
        (plan) => void expect(validatePlan(JSON.parse(JSON.stringify(plan))).problems).toEqual([]),
      ),
      { numRuns: 60 },
    );
  });

  it.each([
    ['a property too many', (plan: Record<string, unknown>) => void (plan['more'] = 1), '/more'],
    ['a property missing', (plan: Record<string, unknown>) => void delete plan['wants'], '/wants'],
    [
      'a color code of 16',
      (plan) => void (channelOf(plan as never, 'g1').dmr.colorCode = 16),
      `${CHANNEL}/dmr/colorCode`,
    ],
    [
      'half a surrogate pair',
      (plan) => void ((plan as never as { station: { place: string } }).station.place = '\ud800'),
      '/station/place',
    ],
    [
      'a null character',
      (plan) => void ((plan as never as { station: { place: string } }).station.place = 'a\u0000b'),
      '/station/place',
    ],
    ['a key that is not its id', (plan) => void (channelOf(plan as never, 'g1').id = 'other'), `${CHANNEL}/id`],
    [
      'a link to what every object inherits',
      (plan) => void (channelOf(plan as never, 'g1').siteId = 'toString'),
      `${CHANNEL}/siteId`,
    ],
    ['a link to nothing', (plan) => void (channelOf(plan as never, 'g1').siteId = 'gone'), `${CHANNEL}/siteId`],
  ] as [string, (plan: Record<string, unknown>) => void, string][])(
    'with %s is refused, and says where',
    (_, spoil, pointer) => {
      const plan = structuredClone(samplePlan()) as unknown as Record<string, unknown>;
      spoil(plan);
      const { plan: taken, problems } = validatePlan(plan);
      expect(taken).toBeNull();
      expect(problems.map((one) => one.pointer)).toContain(pointer);
    },
  );

  it('keeps the order people gave, not the order of keys', () => {
    const turned = samplePlan((plan) => void dmrNetwork(plan, 'n1')!.groups.order.reverse());
    expect(rows(dmrNetwork(turned, 'n1')!.groups).map((group) => group.id)).toEqual(['g3', 'g2', 'g1']);
  });
});
