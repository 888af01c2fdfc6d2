import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cutName, nameLength, shortenName } from '../codeplug/names';
import { newZone } from '../plan/create';
import { edit } from '../plan/edit';
import { putRow, rows } from '../plan/table';
import type { Plan } from '../plan/types';
import { MODES } from '../registries/modes';
import { sitesPlan } from '../testing/sample-sites';
import { fillPattern, namePartsOf, unknownTokens } from './pattern';
import { putRenamings, renamings } from './rename';

/** The sample with all channels in a zone of this pattern. */
const patterned = (pattern: string, change: (plan: Plan) => void = () => undefined) =>
  sitesPlan((plan) => {
    const codeplug = plan.codeplugs['r1']!;
    codeplug.zones = { byId: {}, order: [] };
    putRow(codeplug.zones, { ...newZone('all', 'All', [...codeplug.channels.order]), pattern });
    change(plan);
  });
const done = (plan: Plan) => edit(plan, (draft) => putRenamings(draft, 'r1', renamings(plan, MODES, 'r1'))).plan;
const namesOf = (plan: Plan) => rows(plan.codeplugs['r1']!.channels).map(({ name }) => name);

describe('patterns', () => {
  it.each([
    ['ch-w-head-g1', '{place} {group}', 'Hask Head Hask Wide'],
    ['ch-w-head-g1', '{call} S{slot} {number}', 'QO1HSK S1 417'],
    ['ch-w-fm', '{site} S{slot} {mode}', 'Port Ellery FM'],
    ['ch-w-g1', '{network}:{number}', 'Lantern:417'],
    ['ch-w-fm', '{number}', ''],
  ])('%s by %s', (id, pattern, expected) => {
    const plan = sitesPlan();
    const codeplug = plan.codeplugs['r1']!;
    const parts = namePartsOf(plan, MODES, codeplug)(codeplug.channels.byId[id]!);
    expect(fillPattern(pattern, parts)).toBe(expected);
  });

  it('say which words in braces stand for nothing', () => {
    expect(unknownTokens('{place} {grupo} {}')).toEqual(['grupo', '']);
    expect(unknownTokens('Net {group}')).toEqual([]);
  });
});

describe('names of a radio', () => {
  it('follow the pattern of a zone, and tell apart what would be the same by the first thing that differs', () => {
    const names = namesOf(done(patterned('{group}')));
    expect(new Set(names).size).toBe(names.length);
    expect(names.filter((name) => name.startsWith('Hask Wide'))).toHaveLength(3);
  });

  it('are not touched where there is no pattern and the radio can have them', () => {
    expect(renamings(sitesPlan(), MODES, 'r1')).toEqual([]);
  });

  it('fit, differ within what is seen, keep numbers whole, and are given once', () => {
    const pattern = fc.constantFrom('{place} {group}', '{group} {number}', '{site} S{slot}', '{mode}', '{call}', '');
    const display = fc.constantFrom(
      { lines: null, letters: null },
      { lines: 1, letters: 8 },
      { lines: 2, letters: 10 },
    );
    const letters = fc.constantFrom(null, 'plain' as const, 'capitals' as const);
    fc.assert(
      fc.property(pattern, display, letters, fc.integer({ min: 8, max: 24 }), (one, seen, has, length) => {
        const plan = patterned(one, (draft) => {
          const radio = draft.radios.byId['r1']!;
          radio.limits.nameLength = length;
          radio.display = seen;
          radio.letters = has;
        });
        const after = done(plan);
        const shown = Math.min(length, seen.lines && seen.letters ? seen.lines * seen.letters : Infinity);
        const names = namesOf(after);
        for (const name of names) expect(nameLength(name)).toBeLessThanOrEqual(length);
        expect(new Set(names.map((name) => cutName(name, shown))).size).toBe(names.length);
        if (has === 'capitals') expect(names.map((name) => name.toUpperCase())).toEqual(names);
        for (const number of names.join(' ').match(/\d{3,}/g) ?? [])
          expect(['417', '588', '591', '9990']).toContain(number);
        expect(renamings(after, MODES, 'r1')).toEqual([]);
      }),
    );
  });

  it('use short forms of one’s own before those that are known', () => {
    const rules = { length: 9, shown: 9, letters: null, shortForms: { harbour: 'Hb', lantern: 'Ltn' } };
    expect(shortenName('Hask Harbour', rules)).toBe('Hask Hb');
    expect(shortenName('Hask Harbour', 9)).toBe('Hask Hbr');
    expect(shortenName('Lantern Wide', rules)).toBe('Ltn Wide');
    const plan = patterned('{network} {group}', (draft) => void (draft.shortForms = { lantern: 'Ltn' }));
    expect(namesOf(done(plan))[0]).toBe('Ltn Hask Wide');
  });
});
