import { guessColumns, readSites, asRepeater, refreshed } from '../registries/lists';
import { describe, expect, it } from 'vitest';
import { agreementOf } from '../agreement/agreement';
import { newNetwork } from '../plan/create';
import { edit } from '../plan/edit';
import { putRow } from '../plan/table';
import type { Repeater } from '../plan/types';
import { validatePlan } from '../plan/validate';
import { causeway } from '../testing/sample-routes';
import { samplePlan } from '../testing/sample-plan';
import { namedNetwork } from '../modes/dmr/listed';
import { likelyNetwork } from '../modes/dmr/networks';
import { inPlan, objectionTo } from './as-repeater';
import { readRaw } from './raw';

const LIST =
  'Call;Name;Town;Lat;Lon;Freq;Shift;Tone;CC;TS1;TS2;TS2 dynamic;Network;Updated\nQO1HSK B;Hask Head;Hask;46,7132;-33,4185;439,4250;-7,6;;1;417;588;591;Lantern;2026-10-12\nQO1ELY C;;Ellery;46,68;-33,47;145,6875;-0,6;110,9;;;;;;\nQO1XYZ B;Somewhere;;;;439,1;;;2;;;;;\n';

function listed() {
  const raw = readRaw(new TextEncoder().encode(LIST));
  return readSites(raw, guessColumns(raw)).sites.map((one) => one.site);
}

describe('a listed site in the plan', () => {
  const plan = samplePlan((draft) => void (draft.station.position = { lat: 46.71, lon: -33.42 }));
  const list = { name: 'club', issuedOn: '2026-10-01' };

  it('holds what the list says and nothing more', () => {
    const [head, ellery] = listed();
    const one = asRepeater('a', { site: head!, list }, plan);
    expect(one).toMatchObject({
      name: 'Hask Head',
      txHz: 439_425_000,
      rxHz: 431_825_000,
      fm: null,
      dmr: {
        colorCode: 1,
        carries: {
          networkId: 'n1',
          takesOthers: null,
          groups: [
            { slot: 1, number: 417, static: true },
            { slot: 2, number: 588, static: true },
            { slot: 2, number: 591, static: false },
          ],
        },
      },
      listing: { callSign: 'QO1HSK', module: 'B', place: 'Hask', confirmedOn: '2026-10-12', list },
    });
    // On a sphere of 6,371 km: 356 m north and 114 m east, 374 m.
    expect(one.distanceM).toBe(374);
    expect(asRepeater('b', { site: ellery!, list: null }, plan)).toMatchObject({
      name: 'Ellery',
      dmr: null,
      fm: { toneIn: '110.9', toneOut: null, widthHz: null },
    });
    const both = edit(plan, (draft) => {
      for (const [id, site] of [
        ['a', head!],
        ['b', ellery!],
      ] as const)
        putRow(draft.sites, asRepeater(id, { site, list }, draft));
    }).plan;
    expect(validatePlan(JSON.parse(JSON.stringify(both))).problems).toEqual([]);
    expect(agreementOf(both).findings).toEqual([]);
    expect(inPlan(both, head!)?.id).toBe('a');
    expect(inPlan(plan, head!)).toBeNull();
  });

  it('already there is held against what the list says now; what only the plan knows stays', () => {
    const [head, ellery] = listed();
    const there = edit(plan, (draft) => {
      for (const [id, site] of [
        ['a', head!],
        ['b', ellery!],
      ] as const)
        putRow(draft.sites, asRepeater(id, { site, list }, draft));
    }).plan;
    const one = (id: string) => there.sites.byId[id] as Repeater;
    expect(refreshed(there, one('a'), { site: head!, list })).toEqual({ site: one('a'), changes: [] });
    const mine = { ...one('b'), name: 'The quay', fm: { ...one('b').fm!, toneOut: '88.5' } };
    const { site, changes } = refreshed(there, mine, {
      site: { ...ellery!, tone: '107.2', status: 'off the air' },
      list: { name: 'club', issuedOn: '2026-11-01' },
    });
    expect(changes).toEqual([
      'tone 110.9 Hz → 107.2 Hz',
      'status not said → off the air',
      'list club of 2026-10-01 → club of 2026-11-01',
    ]);
    expect(site).toMatchObject({
      id: 'b',
      name: 'The quay',
      fm: { toneIn: '107.2', toneOut: '88.5' },
      listing: { status: 'off the air', list: { issuedOn: '2026-11-01' } },
    });
    expect(
      refreshed(there, one('a'), {
        site: { ...head!, groups: [{ slot: 2, number: 417, static: true }], colorCode: 4 },
        list,
      }).changes,
    ).toEqual(['color code 1 → 4', 'groups 1: 417; 2: 588 591d → 2: 417']);
  });

  it('keeps the modes that a row for another mode does not name', () => {
    const [head] = listed();
    const both = asRepeater('a', { site: { ...head!, modes: ['FM', 'DMR'], tone: '88.5' }, list }, plan);
    const { site, changes } = refreshed(plan, both, { site: { ...head!, modes: ['DMR'] }, list });
    expect(changes).toEqual([]);
    expect(site).toEqual(both);
    expect(
      refreshed(plan, both, { site: { ...head!, modes: ['FM'], colorCode: null, groups: [] }, list }).site.dmr,
    ).toEqual(both.dmr);
  });

  it('of D-STAR has its call sign and module, and the families that the list names as the plan knows them', () => {
    const [head] = listed();
    const families = edit(
      plan,
      (draft) => void putRow(draft.networks, { ...newNetwork('dstar', 'f1', 'Beacon'), letters: 'LNK' }),
    ).plan;
    const dstar = { ...head!, modes: ['D-STAR' as const], networks: ['beacon', 'SEA'] };
    const one = asRepeater('d', { site: dstar, list }, families);
    expect([one.dmr, one.dstar]).toEqual([
      null,
      { callSign: 'QO1HSK', module: 'B', families: ['LNK'], cable: false, utcOffsetMin: null },
    ]);
    expect(asRepeater('e', { site: { ...dstar, module: '', networks: [] }, list }, families).dstar).toMatchObject({
      module: '',
      families: [],
    });
    const mine = { ...one, dstar: { ...one.dstar!, families: ['WAV'], utcOffsetMin: -120 } };
    const { site, changes } = refreshed(families, mine, { site: dstar, list });
    expect(changes).toEqual(['reflectors WAV → LNK']);
    expect(site.dstar).toMatchObject({ families: ['LNK'], utcOffsetMin: -120 });
    // A list that does not say leaves what the plan knows.
    expect(refreshed(families, mine, { site: { ...dstar, networks: [] }, list }).changes).toEqual([]);
  });

  it('of C4FM and P25 has its group ID and access code, and the networks that the list names as the plan knows them', () => {
    const [head] = listed();
    const known = edit(plan, (draft) => {
      putRow(draft.networks, newNetwork('c4fm', 'rm1', 'Skerry'));
      putRow(draft.networks, newNetwork('p25', 'p1', 'Foghorn'));
    }).plan;
    const both = {
      ...head!,
      modes: ['C4FM' as const, 'P25' as const],
      groupId: '05',
      nac: '2A1',
      networks: ['skerry', 'FOGHORN', 'elsewhere'],
    };
    const one = asRepeater('d', { site: both, list }, known);
    expect([one.dmr, one.c4fm, one.p25]).toEqual([
      null,
      { groupIdIn: 5, groupIdOut: 5, voice: null, networkIds: ['rm1'] },
      { nac: 0x2a1, networkIds: ['p1'] },
    ]);
    expect(asRepeater('e', { site: { ...both, groupId: null, nac: null, networks: [] }, list }, known)).toMatchObject({
      c4fm: { groupIdIn: null, groupIdOut: null, networkIds: [] },
      p25: { nac: null, networkIds: [] },
    });
    // What only the plan knows stays; what the list says otherwise is told.
    const mine = { ...one, c4fm: { ...one.c4fm!, voice: 'narrow' as const } };
    expect(refreshed(known, mine, { site: { ...both, groupId: null, nac: null, networks: [] }, list })).toEqual({
      site: mine,
      changes: [],
    });
    expect(refreshed(known, mine, { site: { ...both, groupId: '07', nac: 'F7F' }, list }).changes).toEqual([
      'group ID 05 → 07',
      'NAC 2A1 → F7F',
    ]);
  });

  it('is refused where the list does not say enough', () => {
    const [, , somewhere] = listed();
    expect(objectionTo(somewhere!)).toContain('does not say where it listens');
    expect(() => asRepeater('x', { site: somewhere!, list }, plan)).toThrow('does not say where it listens');
    expect(objectionTo({ rxHz: 1, modes: [] })).toContain('of no mode that the plan holds');
  });

  it('is on the network the list names; where it names none, one that knows its groups is a guess, and not kept', () => {
    const [head] = listed();
    const unsaid = asRepeater('g', { site: { ...head!, networks: [] }, list }, plan);
    expect(unsaid.dmr!.carries!.networkId).toBeNull();
    const two = samplePlan(causeway);
    const groups = (...numbers: number[]) => numbers.map((number) => ({ slot: 1 as const, number, static: true }));
    expect(namedNetwork(two, ['CAUSEWAY'])).toBe('n2');
    expect(namedNetwork(two, ['elsewhere'])).toBeNull();
    expect(likelyNetwork(two, groups(417, 588, 588))).toEqual({ id: 'n1', knows: 2 });
    expect(likelyNetwork(two, groups(417, 623))).toEqual({ id: 'n2', knows: 2 });
    expect(likelyNetwork(two, [])).toBeNull();
  });
});
