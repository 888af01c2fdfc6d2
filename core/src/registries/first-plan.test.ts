import { profileOf } from '../testing/profile-of';
import { describe, expect, it } from 'vitest';
import { agreementOf } from '../agreement/agreement';
import { carryOut } from '../registries/builder';
import { emptyPlan, newNetwork, newRadio } from '../plan/create';
import { edit, type Recipe } from '../plan/edit';
import { putRow, tableOf } from '../plan/table';
import type { Destination, ModeId, Network, Plan } from '../plan/types';
import { addHotspot, switchMode } from '../plan/hotspot';
import { listensFor } from '../plan/carriage';
import { MODE_DATA, NETWORK_MODE_IDS } from '../plan/modes';

/** What a first radio of these modes makes of an empty plan. */
const withRadio =
  (...modes: ModeId[]): Recipe =>
  (plan) => {
    plan.station.callSign = 'QO3VES';
    putRow(plan.radios, newRadio('r1', 'First', modes, plan.station));
  };

const made = (...modes: ModeId[]): Plan =>
  edit(edit(emptyPlan('First'), withRadio(...modes)).plan, (plan) => addHotspot(plan, 'h1', 'QO3VES 01', 438_800_000))
    .plan;
const has = (plan: Plan) => NETWORK_MODE_IDS.filter((mode) => listensFor(profileOf(plan, 'h1'), mode));

describe('a hotspot is added', () => {
  it.each([
    [['dmr'], ['dmr']],
    [['c4fm', 'fm'], ['c4fm']],
    [
      ['p25', 'dstar'],
      ['dstar', 'p25'],
    ],
    [['fm'], ['dmr']],
  ] as [ModeId[], ModeId[]][])('for a radio of %j in %j', (spoken, expected) => {
    const plan = made(...spoken);
    expect(has(plan)).toEqual(expected);
    for (const mode of ['dmr', 'dstar', 'c4fm', 'p25'] as const)
      expect(plan.sites.byId['h1']![mode] !== null).toBe(expected.includes(mode));
  });

  it('keeps what a mode had when it is switched off and on again', () => {
    const plan = structuredClone(made('c4fm'));
    plan.sites.byId['h1']!.c4fm!.groupIdIn = 7;
    for (const on of [false, true]) switchMode(plan, 'h1', 'c4fm', on);
    switchMode(plan, 'h1', 'p25', true);
    expect([has(plan), plan.sites.byId['h1']!.c4fm!.groupIdIn, plan.sites.byId['h1']!.p25!.nac]).toEqual([
      ['c4fm', 'p25'],
      7,
      0x293,
    ]);
  });
});

describe('a first plan of one mode, as a beginner makes it', () => {
  const rooms: Network = {
    ...newNetwork('c4fm', 'n1', 'Skerry'),
    rooms: tableOf([
      {
        id: 'evening',
        number: 41_205,
        name: 'Isles Evening',
        place: '',
        kind: 'room' as const,
        activity: null,
        twin: null,
        bridgesTo: null,
      },
    ]),
  };
  const groups: Network = {
    ...newNetwork('p25', 'n1', 'Foghorn'),
    groups: tableOf([{ id: 'quay', number: 4170, name: 'Quay Watch' }]),
  };

  const family: Network = {
    ...newNetwork('dstar', 'n1', 'Beacon'),
    letters: 'LNK',
    reflectors: tableOf([{ id: 'evening', number: 1, title: 'Isles Evening', modules: 'ABC', activity: null }]),
  };

  it.each([
    [
      'dstar',
      family,
      { mode: 'dstar', kind: 'reflector', networkId: 'n1', reflectorId: 'evening', module: 'C', use: 'talk' },
      5,
    ],
    ['c4fm', rooms, { mode: 'c4fm', kind: 'room', networkId: 'n1', roomId: 'evening' }, 2],
    ['p25', groups, { mode: 'p25', kind: 'group', networkId: 'n1', groupId: 'quay' }, 2],
  ] as [ModeId, Network, Destination, number][])(
    '%s: hotspot, network, want, build: whole',
    (mode, network, destination, channels) => {
      const plan = [
        (draft: Plan) => {
          putRow(draft.networks, network);
          MODE_DATA[network.mode].blanks.networkAdded?.(draft, network.id);
          // Whoever speaks P25 has an ID; who speaks C4FM alone needs none.
          if (mode === 'p25')
            Object.assign(draft, { station: { ...draft.station, dmrId: 9_992_417 } }).radios.byId['r1']!.p25 = {
              unitId: 9_992_417,
            };
          putRow(draft.wants, { id: 'w1', destination, radioId: 'r1', siteId: 'h1' });
        },
        carryOut(),
      ].reduce((now, recipe) => edit(now, recipe).plan, made(mode));
      const { tally, findings } = agreementOf(plan);
      expect([tally, findings.filter((one) => one.severity !== 'note')]).toEqual([
        { whole: channels, doubtful: 0, broken: 0 },
        [],
      ]);
    },
  );

  it('a second network leaves alone what was said of the first', () => {
    const plan = structuredClone(made('c4fm'));
    for (const id of ['n1', 'n2']) {
      putRow(plan.networks, newNetwork('c4fm', id, id));
      MODE_DATA.c4fm.blanks.networkAdded!(plan, id);
    }
    expect(plan.sites.byId['h1']!.c4fm!.networkIds).toEqual(['n1']);
  });
});
