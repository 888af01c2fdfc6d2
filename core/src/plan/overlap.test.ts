import { newZone } from './create';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { samplePlan } from '../testing/sample-plan';
import { diff } from './diff';
import { mergeDocuments } from './merge';
import { overlap } from './overlap';
import { applyEach, applyPatches, type Patch, PatchError } from './patches';
import { mapPatchSecrets, mapSecrets } from './secrets';

const at = (path: string): Patch[] => [{ op: 'replace', path, value: 1 }];

describe('two edits of one version', () => {
  it.each([
    ['/station/place', '/station/operator', false],
    ['/station/place', '/station/place', true],
    ['/station', '/station/place', true],
    ['/station/place', '/station', true],
    ['/radios/order/0', '/radios/order/3', true],
    ['/radios/order/-', '/radios/order', true],
    ['/radios/byId/a/name', '/radios/order/0', false],
    // A key that only begins alike.
    ['/radios/byId/a', '/radios/byId/ab', false],
  ])('at %s and %s touch the same: %s', (mine, theirs, touch) => {
    expect([overlap(at(mine), at(theirs)), overlap(at(theirs), at(mine))]).toEqual([touch, touch]);
  });

  it('that do not come to what a merge of both makes', () => {
    const plan = samplePlan();
    const values = fc.record({ place: fc.string(), operator: fc.string(), name: fc.string(), code: fc.nat(15) });
    const made = (pick: Partial<{ place: string; operator: string; name: string }>): Patch[] =>
      Object.entries(pick).map(([key, value]) => ({
        op: 'replace',
        path: key === 'name' ? '/name' : `/station/${key}`,
        value,
      }));
    fc.assert(
      fc.property(
        values,
        values,
        fc.subarray(['place', 'operator', 'name']),
        fc.subarray(['place', 'operator', 'name']),
        (a, b, ofA, ofB) => {
          const pick = (from: Record<string, unknown>, keys: readonly string[]) =>
            made(Object.fromEntries(keys.map((key) => [key, from[key]])) as never);
          const [mine, theirs] = [pick(a, ofA), pick(b, ofB)];
          if (overlap(mine, theirs)) return;
          const [afterMine, afterTheirs] = [applyPatches(plan, mine), applyPatches(plan, theirs)];
          expect(applyPatches(afterTheirs, mine)).toEqual(mergeDocuments(plan, afterMine, afterTheirs).value);
        },
      ),
    );
  });
});

describe('many edits at once', () => {
  const documents = fc.record({ a: fc.array(fc.nat(9)), b: fc.dictionary(fc.constantFrom('x', 'y', 'z'), fc.nat(9)) });

  it('come to what they do one after another, and each can be taken back', () => {
    fc.assert(
      fc.property(fc.array(documents, { minLength: 2, maxLength: 6 }), (states) => {
        const edits = states.slice(1).map((state, i) => diff(states[i], state));
        const { document, inverses } = applyEach(states[0]!, edits);
        expect(document).toEqual(states.at(-1));
        let back: object = document;
        for (let i = inverses.length - 1; i >= 0; i -= 1) {
          back = applyPatches(back, inverses[i]!);
          expect(back).toEqual(states[i]);
        }
      }),
    );
  });

  it('leave the document alone when one does not fit, and never change what they put in', () => {
    const plan = samplePlan();
    const before = JSON.stringify(plan);
    const put = newZone('z', 'Zone', []);
    const edits: Patch[][] = [
      [{ op: 'add', path: '/codeplugs/r1/zones/byId/z', value: put }],
      [{ op: 'add', path: '/codeplugs/r1/zones/byId/z/channelIds/-', value: 'x' }],
      [{ op: 'replace', path: '/nowhere/at/all', value: 1 }],
    ];
    expect(() => applyEach(plan, edits)).toThrow(PatchError);
    expect([JSON.stringify(plan), put.channelIds]).toEqual([before, []]);
    const { document, inverses } = applyEach(plan, edits.slice(0, 2));
    expect(document.codeplugs['r1']!.zones.byId['z']!.channelIds).toEqual(['x']);
    expect([put.channelIds, inverses[1]]).toEqual([
      [],
      [{ op: 'remove', path: '/codeplugs/r1/zones/byId/z/channelIds/0' }],
    ]);
  });
});

describe('secrets', () => {
  it('are found wherever they stand, in documents and at the ends of patches; empty ones are none', () => {
    const hide = () => '*';
    expect(mapSecrets({ a: [{ password: 'x' }], password: '', name: 'password' }, hide)).toEqual({
      a: [{ password: '*' }],
      password: '',
      name: 'password',
    });
    expect(
      mapPatchSecrets(
        [
          { op: 'replace', path: '/logins/n/password', value: 'x' },
          { op: 'add', path: '/logins/n', value: { password: 'y' } },
          { op: 'remove', path: '/logins/n/password' },
          { op: 'replace', path: '/name', value: 'x' },
        ],
        hide,
      ).map((patch) => ('value' in patch ? patch.value : null)),
    ).toEqual(['*', { password: '*' }, null, 'x']);
  });

  it('leave everything else as it is, by identity', () => {
    const plan = samplePlan();
    const none = mapSecrets(plan, () => '');
    expect(mapSecrets(none, () => '*')).toBe(none);
    expect(none.codeplugs).toBe(plan.codeplugs);
  });
});
