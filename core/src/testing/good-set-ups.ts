/**
 * Set-ups that work on the air. None of them may get a broken or a doubtful finding: a false alarm costs more trust
 * than a fault that is not seen. Notes are allowed, since they tell what is not said. `source`: why it is right.
 */
import type { Recipe } from '../plan/edit';
import {
  built,
  change,
  channel,
  channelNamed,
  disconnect,
  dmrNetwork,
  family,
  group,
  hotspot,
  local,
  p25Network,
  p25Unlink,
  quay,
  radio,
  reflector,
  repeater,
  repeaterNamed,
  room,
  rooms,
  settingsOf,
  siteNamed,
  special,
  station,
  want,
} from './set-up';

export interface SetUp {
  name: string;
  source: string;
  lines: readonly Recipe[];
}

const C = 'common practice';
const RR = 'ITU Radio Regulations, Article 5 and No. 5.282';

const wideband = (...bands: readonly (readonly [number, number])[]): Recipe =>
  change((plan) => {
    for (const one of Object.values(plan.radios.byId))
      one.bands = bands.map(([low, high]) => ({ lowHz: low * 1e6, highHz: high * 1e6 }));
  });

const dmr = (...more: readonly Recipe[]) => [dmrNetwork(), radio('Handheld', ['dmr', 'fm']), ...more];
const home = hotspot('Home', 439.125, ['dmr']);
const HASK = {
  colorCode: 3,
  carries: {
    networkId: 'lantern',
    groups: [
      { slot: 1 as const, number: 417, static: true },
      { slot: 2 as const, number: 588, static: true },
      { slot: 2 as const, number: 591, static: false },
    ],
    takesOthers: null,
  },
};

export const GOOD_SET_UPS: readonly SetUp[] = [
  // DMR through hotspots
  {
    name: 'DMR, simplex hotspot, three groups, echo, built',
    source: C,
    lines: dmr(
      home,
      want('Handheld', 'Home', group(417)),
      want('Handheld', 'Home', group(588)),
      want('Handheld', 'Home', group(591)),
      want('Handheld', 'Home', special('echo')),
      built,
    ),
  },
  {
    name: 'DMR, duplex hotspot, both slots typed by hand',
    source: C,
    lines: dmr(
      hotspot('Home', [438.8, 431.2], ['dmr']),
      channel('Handheld', 'Wide', 'dmr', {
        at: 'Home',
        to: group(417),
        set: { slot: 1, call: { kind: 'group', number: 417 } },
      }),
      channel('Handheld', 'All', 'dmr', {
        at: 'Home',
        to: group(588),
        set: { slot: 2, call: { kind: 'group', number: 588 } },
      }),
    ),
  },
  {
    name: 'DMR, two networks through one hotspot by prefix, built',
    source: C,
    lines: dmr(
      dmrNetwork('Causeway', [[417, 'Harbour', 'local']]),
      home,
      change((plan) => {
        const { dmr: settings } = settingsOf(plan, 'Home');
        settings.selection = 'several';
        const range = (first: number) => ({
          slot: 2 as const,
          first,
          networkSlot: 2 as const,
          networkFirst: 1,
          count: 999_999,
        });
        const rule = (id: string, networkId: string, call: 'group' | 'private', first: number | null) => ({
          id,
          networkId,
          call,
          range: first === null ? null : range(first),
          reply: true,
        });
        const all = [
          rule('a-g', 'lantern', 'group', 1_000_001),
          rule('b-g', 'causeway', 'group', 8_000_001),
          rule('a-p', 'lantern', 'private', 1_000_001),
          rule('b-p', 'causeway', 'private', 8_000_001),
          rule('rest', 'lantern', 'group', null),
        ];
        settings.rules = { byId: Object.fromEntries(all.map((one) => [one.id, one])), order: all.map((one) => one.id) };
      }),
      want('Handheld', 'Home', group(417)),
      want('Handheld', 'Home', group(417, 'Causeway')),
      want('Handheld', 'Home', special('echo')),
      built,
    ),
  },
  {
    name: 'DMR, one number of another network before the prefix: the exception first',
    source: C,
    lines: dmr(
      dmrNetwork('Causeway', [[2_351_234, 'Harbour', 'local']]),
      home,
      change((plan) => {
        const { dmr: settings } = settingsOf(plan, 'Home');
        settings.selection = 'several';
        const one = (
          id: string,
          networkId: string,
          call: 'group' | 'private',
          first: number,
          networkFirst: number,
          count: number,
        ) => ({
          id,
          networkId,
          call,
          range: { slot: 2 as const, first, networkSlot: 2 as const, networkFirst, count },
          reply: true,
        });
        const all = [
          one('exact', 'causeway', 'group', 2_351_234, 2_351_234, 1),
          one('b-p', 'causeway', 'private', 8_000_001, 1, 999_999),
          one('a-g', 'lantern', 'group', 2_000_001, 1, 999_999),
          one('a-p', 'lantern', 'private', 2_000_001, 1, 999_999),
          { id: 'rest', networkId: 'lantern', call: 'group' as const, range: null, reply: true },
        ];
        settings.rules = {
          byId: Object.fromEntries(all.map((rule) => [rule.id, rule])),
          order: all.map((rule) => rule.id),
        };
      }),
      channel('Handheld', 'Harbour', 'dmr', {
        at: 'Home',
        to: group(2_351_234, 'Causeway'),
        set: { call: { kind: 'group', number: 2_351_234 } },
      }),
      channel('Handheld', 'Wide', 'dmr', {
        at: 'Home',
        to: group(417),
        set: { call: { kind: 'group', number: 2_000_417 } },
      }),
    ),
  },
  {
    name: 'DMR, a group that no directory holds',
    source: 'common practice: a directory is never complete',
    lines: dmr(
      home,
      channel('Handheld', 'Odd', 'dmr', { at: 'Home', set: { call: { kind: 'group', number: 98_765 } } }),
    ),
  },
  {
    name: 'DMR, a private call to an ID whose country is not known',
    source: 'ITU-T E.212: registries also give IDs outside it',
    lines: dmr(
      home,
      channel('Handheld', 'Tam', 'dmr', { at: 'Home', set: { call: { kind: 'private', number: 1_123_456 } } }),
    ),
  },
  {
    name: 'DMR, the operator’s own ID under a code of no country',
    source: 'ITU-T E.212: registries also give IDs outside it',
    lines: [
      station({ dmrId: 1_123_456 }),
      ...dmr(
        home,
        channel('Handheld', 'Wide', 'dmr', {
          at: 'Home',
          to: group(417),
          set: { call: { kind: 'group', number: 417 } },
        }),
      ),
    ],
  },
  {
    name: 'DMR, an ID of Luxembourg',
    source: 'ITU-T E.212: 270',
    lines: [
      station({ dmrId: 2_701_234 }),
      ...dmr(
        home,
        channel('Handheld', 'Wide', 'dmr', {
          at: 'Home',
          to: group(417),
          set: { call: { kind: 'group', number: 417 } },
        }),
      ),
    ],
  },
  {
    name: 'DMR, a second ID that is registered to the same operator',
    source: C,
    lines: [
      station({ otherIds: [9_992_418] }),
      ...dmr(
        home,
        change((plan) => void (plan.radios.byId['handheld']!.dmr!.id = 9_992_418)),
        channel('Handheld', 'Wide', 'dmr', {
          at: 'Home',
          to: group(417),
          set: { call: { kind: 'group', number: 417 } },
        }),
      ),
    ],
  },
  {
    name: 'DMR, a radio that hears only what its receive list holds',
    source: C,
    lines: dmr(
      change((plan) => void (plan.radios.byId['handheld']!.dmr!.hearsOwnGroup = false)),
      home,
      want('Handheld', 'Home', group(417)),
      want('Handheld', 'Home', group(588)),
      built,
    ),
  },
  {
    name: 'DMR, a few static groups that are heard',
    source: C,
    lines: dmr(
      home,
      want('Handheld', 'Home', group(417)),
      want('Handheld', 'Home', group(588)),
      built,
      change((plan) => void (settingsOf(plan, 'Home').dmr.logins['lantern']!.staticGroupIds = ['g417', 'g588'])),
    ),
  },
  // DMR through repeaters
  {
    name: 'DMR, repeater of a whole list, Region 1',
    source: C,
    lines: dmr(
      repeater('Hask Head', [439.425, 431.825], { dmr: HASK }),
      want('Handheld', 'Hask Head', group(417)),
      want('Handheld', 'Hask Head', group(588)),
      built,
    ),
  },
  {
    name: 'DMR, a group that is taken up though the list does not name it',
    source: 'common practice: a list seldom names every group',
    lines: dmr(
      repeater('Hask Head', [439.425, 431.825], { dmr: HASK }),
      channel('Handheld', 'Watch', 'dmr', { at: 'Hask Head', set: { slot: 1, call: { kind: 'group', number: 777 } } }),
    ),
  },
  {
    name: 'DMR, repeater of which a list says nothing but that it has DMR',
    source: 'common practice: what is not said is unknown',
    lines: dmr(
      repeater('Merrin', [438.95, 431.35], { dmr: {} }),
      channel('Handheld', 'Wide', 'dmr', {
        at: 'Merrin',
        to: group(417),
        set: { colorCode: 7, slot: 1, call: { kind: 'group', number: 417 } },
      }),
      channel('Handheld', 'All', 'dmr', {
        at: 'Merrin',
        to: group(588),
        set: { colorCode: 7, call: { kind: 'group', number: 588 } },
      }),
    ),
  },
  {
    name: 'DMR, groups without their slots',
    source: 'common practice: what is not said is unknown',
    lines: dmr(
      repeater('Merrin', [438.95, 431.35], {
        dmr: {
          colorCode: 1,
          carries: { networkId: null, groups: [{ slot: null, number: 417, static: true }], takesOthers: null },
        },
      }),
      channel('Handheld', 'Wide', 'dmr', {
        at: 'Merrin',
        to: group(417),
        set: { slot: 1, call: { kind: 'group', number: 417 } },
      }),
    ),
  },
  {
    name: 'DMR, the local group of a repeater',
    source: 'common practice: group 9 stays at the repeater',
    lines: dmr(
      repeater('Hask Head', [439.425, 431.825], { dmr: HASK }),
      channel('Handheld', 'Local', 'dmr', {
        at: 'Hask Head',
        to: local('dmr'),
        set: { slot: 2, call: { kind: 'group', number: 9 } },
      }),
      channel('Handheld', 'Nine', 'dmr', { at: 'Hask Head', set: { slot: 1, call: { kind: 'group', number: 9 } } }),
    ),
  },
  {
    name: 'DMR, repeater of Region 2: 442.1 MHz, +5',
    source: C,
    lines: [
      station({ region: 'itu-2' }),
      ...dmr(
        repeater('Mesa', [442.1, 447.1], { dmr: { colorCode: 7 } }),
        channel('Handheld', 'Wide', 'dmr', {
          at: 'Mesa',
          to: group(417),
          set: { call: { kind: 'group', number: 417 } },
        }),
      ),
    ],
  },
  {
    name: 'DMR, repeater of Region 3: 439.2 MHz, −5',
    source: C,
    lines: [
      station({ region: 'itu-3' }),
      ...dmr(
        repeater('Reef', [439.2, 434.2], { dmr: { colorCode: 1 } }),
        channel('Handheld', 'Wide', 'dmr', {
          at: 'Reef',
          to: group(417),
          set: { call: { kind: 'group', number: 417 } },
        }),
      ),
    ],
  },
  {
    name: 'DMR, radio to radio on group 99, sent at once',
    source: 'common practice: group 99, color code 1, slot 1; there is no color code to wait for',
    lines: dmr(
      channel('Handheld', 'Direct', 'dmr', {
        mhz: 433.6125,
        set: { colorCode: 1, slot: 1, admit: 'always', call: { kind: 'group', number: 99 } },
      }),
    ),
  },
  {
    name: 'DMR, radio to radio on another group, said to be direct',
    source: C,
    lines: dmr(
      channel('Handheld', 'Direct', 'dmr', {
        mhz: 433.6125,
        purpose: 'direct',
        set: { admit: 'channel-free', call: { kind: 'group', number: 2 } },
      }),
    ),
  },
  {
    name: 'DMR, two repeaters on one frequency, far apart, one color code',
    source: C,
    lines: dmr(
      repeater('North', [439.425, 431.825], { dmr: { colorCode: 1 } }, { position: { lat: 49, lon: -33 } }),
      repeater('South', [439.425, 431.825], { dmr: { colorCode: 1 } }, { position: { lat: 45, lon: -33 } }),
    ),
  },
  {
    name: 'DMR, two repeaters on one frequency near each other, told apart by color code',
    source: C,
    lines: dmr(
      repeater('North', [439.425, 431.825], { dmr: { colorCode: 1 } }),
      repeater('South', [439.425, 431.825], { dmr: { colorCode: 2 } }, { position: { lat: 46.6, lon: -33.3 } }),
    ),
  },
  // D-STAR
  {
    name: 'D-STAR, hotspot, a reflector with all its entries, built',
    source: C,
    lines: [
      family,
      radio('Pilot', ['dstar']),
      hotspot('Home', 439.15, ['dstar']),
      want('Pilot', 'Home', reflector('C')),
      built,
    ],
  },
  {
    name: 'D-STAR, hotspot with a module of its owner’s choice',
    source: 'common practice: the letter is the owner’s; D on dongles',
    lines: [
      family,
      radio('Pilot', ['dstar']),
      hotspot('Home', 439.15, ['dstar'], (site) => void (site.dstar!.module = 'D')),
      want('Pilot', 'Home', reflector('C')),
      built,
    ],
  },
  {
    name: 'D-STAR, 2 m hotspot of Region 2',
    source: C,
    lines: [
      station({ region: 'itu-2' }),
      family,
      radio('Pilot', ['dstar']),
      hotspot('Home', 147.55, ['dstar']),
      want('Pilot', 'Home', reflector('A')),
      built,
    ],
  },
  {
    name: 'D-STAR, repeater whose module, families and link nobody has said',
    source: 'common practice: what is not said is unknown',
    lines: [
      family,
      radio('Pilot', ['dstar']),
      repeater('Ridge', [438.7, 431.1], { dstar: {} }),
      channel('Pilot', 'Talk', 'dstar', {
        at: 'Ridge',
        to: reflector('C'),
        set: { rpt1: 'QO1RID B', rpt2: 'QO1RID G' },
      }),
      channel('Pilot', 'Near', 'dstar', {
        at: 'Ridge',
        to: local('dstar'),
        set: { rpt1: 'QO1RID B', rpt2: 'QO1RID B' },
      }),
    ],
  },
  {
    name: 'D-STAR, on a visit: F/ before the call sign, MY as it is registered',
    source: 'JARL, D-STAR system standard: what is added stands in the suffix',
    lines: [
      station({ callSign: 'F/QO3VES/P' }),
      family,
      radio('Pilot', ['dstar'], (one) => void Object.assign(one.dstar!, { my: 'QO3VES', suffix: 'P' })),
      hotspot('Home', 439.15, ['dstar']),
      want('Pilot', 'Home', reflector('C')),
      built,
    ],
  },
  {
    name: 'D-STAR, over a cable',
    source: C,
    lines: [
      family,
      radio('Pilot', ['dstar']),
      hotspot('Home', 439.15, ['dstar'], (site) => void (site.dstar!.cable = true)),
      want('Pilot', 'Home', reflector('C')),
      built,
    ],
  },
  {
    name: 'D-STAR, radio to radio',
    source: C,
    lines: [radio('Pilot', ['dstar']), channel('Pilot', 'Direct', 'dstar', { mhz: 433.45, set: { duplex: false } })],
  },
  {
    name: 'D-STAR, a reflector that no directory holds',
    source: 'common practice: a directory is never complete',
    lines: [
      family,
      radio('Pilot', ['dstar']),
      hotspot('Home', 439.15, ['dstar']),
      channel('Pilot', 'Link', 'dstar', { at: 'Home', set: { ur: 'XYZ321AL' } }),
      channel('Pilot', 'Leave', 'dstar', { at: 'Home', set: { ur: '       U' } }),
    ],
  },
  // C4FM
  {
    name: 'C4FM, hotspot, 00/00, a room and its way out, built',
    source: C,
    lines: [
      rooms,
      radio('Rambler', ['c4fm', 'fm']),
      hotspot('Home', 439.15, ['c4fm']),
      want('Rambler', 'Home', room),
      built,
    ],
  },
  {
    name: 'C4FM, repeater whose group ID and rooms nobody has said',
    source: 'common practice: what is not said is unknown',
    lines: [
      rooms,
      radio('Rambler', ['c4fm', 'fm']),
      repeater('Ridge', [438.7, 431.1], { c4fm: {} }),
      channel('Rambler', 'Evening', 'c4fm', { at: 'Ridge', to: room, set: { room: '41205', groupTx: 5 } }),
      channel('Rambler', 'Leave', 'c4fm', { at: 'Ridge', to: disconnect, set: { room: '99999', groupTx: 5 } }),
    ],
  },
  {
    name: 'C4FM and FM at one repeater, following what comes',
    source: C,
    lines: [
      radio('Rambler', ['c4fm', 'fm']),
      repeater('Mixed', [145.6875, 145.0875], {
        c4fm: { groupIdIn: 0, groupIdOut: 0 },
        fm: { toneIn: '110.9', toneOut: null, widthHz: 12_500 },
      }),
      channel('Rambler', 'Mixed', 'c4fm', {
        at: 'Mixed',
        to: local('c4fm'),
        set: { toneTx: '110.9', toneRx: '110.9', receive: 'auto' },
      }),
    ],
  },
  {
    name: 'C4FM, a repeater that its keeper connects: no number, no way out',
    source: 'common practice: a repeater is connected by its keeper',
    lines: [
      rooms,
      radio('Rambler', ['c4fm']),
      repeater('Merrin', [438.95, 431.35], { c4fm: {} }),
      channel('Rambler', 'Evening', 'c4fm', { at: 'Merrin', to: room }),
    ],
  },
  {
    name: 'C4FM, radio to radio',
    source: C,
    lines: [radio('Rambler', ['c4fm', 'fm']), channel('Rambler', 'Direct', 'c4fm', { mhz: 145.375 })],
  },
  {
    name: 'C4FM, a room that no list holds',
    source: 'common practice: a list is never complete',
    lines: [
      rooms,
      radio('Rambler', ['c4fm']),
      hotspot('Home', 439.15, ['c4fm']),
      channel('Rambler', 'Odd', 'c4fm', { at: 'Home', set: { room: '12345' } }),
    ],
  },
  {
    name: 'C4FM to DMR: a group reached cross-mode, built',
    source: C,
    lines: [
      dmrNetwork(),
      radio('Rambler', ['c4fm']),
      hotspot('Home', 439.15, ['dmr', 'c4fm'], (_site, plan) => {
        settingsOf(plan, 'Home').carriage.push({ air: 'c4fm', network: 'dmr', able: true, on: false });
      }),
      want('Rambler', 'Home', group(417)),
      built,
    ],
  },
  // P25
  {
    name: 'P25, hotspot, NAC 293, a group and its way out, built',
    source: 'TIA-102: NAC 293 hex by default',
    lines: [
      p25Network,
      radio('Portable', ['p25']),
      hotspot('Home', 439.15, ['p25']),
      want('Portable', 'Home', quay),
      built,
    ],
  },
  {
    name: 'P25, repeater that passes any code (F7F), receiver open for any (F7E)',
    source: 'TIA-102: F7F takes any and passes it on, F7E opens a receiver for any',
    lines: [
      p25Network,
      radio('Portable', ['p25']),
      repeater('Hill', [438.25, 430.65], { p25: { nac: 0xf7f, networkIds: ['foghorn'] } }),
      channel('Portable', 'Quay', 'p25', { at: 'Hill', to: quay, set: { nac: 0x2a1, nacRx: 0xf7e, group: 20_417 } }),
      channel('Portable', 'Out', 'p25', { at: 'Hill', to: p25Unlink, set: { nac: 0x2a1, nacRx: 0x2a1, group: 9999 } }),
    ],
  },
  {
    name: 'P25, repeater whose access code and network nobody has said',
    source: 'common practice: what is not said is unknown',
    lines: [
      p25Network,
      radio('Portable', ['p25']),
      repeater('Hill', [438.25, 430.65], { p25: {} }),
      channel('Portable', 'Quay', 'p25', { at: 'Hill', to: quay, set: { nac: 0x2a1, nacRx: 0x2a1, group: 20_417 } }),
      channel('Portable', 'Out', 'p25', { at: 'Hill', to: p25Unlink, set: { nac: 0x2a1, nacRx: 0x2a1, group: 9999 } }),
    ],
  },
  {
    name: 'P25, a repeater whose link nobody has said, and no channel that unlinks it',
    source: 'common practice: a repeater is linked by its keeper',
    lines: [
      p25Network,
      radio('Portable', ['p25']),
      repeater('Merrin', [438.95, 431.35], { p25: { nac: 0x293 } }),
      channel('Portable', 'Quay', 'p25', {
        at: 'Merrin',
        to: quay,
        set: { nac: 0x293, nacRx: 0x293, group: 20_417 },
      }),
    ],
  },
  {
    name: 'P25, radio to radio',
    source: C,
    lines: [radio('Portable', ['p25']), channel('Portable', 'Direct', 'p25', { mhz: 433.6 })],
  },
  {
    name: 'P25, a receiver for any code at a repeater (F7E)',
    source: 'TIA-102: F7E opens the receiver for any; what it sends is not said',
    lines: [
      p25Network,
      radio('Portable', ['p25']),
      repeater('Hill', [438.25, 430.65], { p25: { nac: 0xf7e, networkIds: ['foghorn'] } }),
      channel('Portable', 'Quay', 'p25', { at: 'Hill', to: local('p25'), set: { nac: 0x293, nacRx: 0x293 } }),
    ],
  },
  // FM
  {
    name: 'FM, 2 m repeater, −0.6 MHz, a tone, Region 1',
    source: C,
    lines: [
      radio('Handheld', ['fm']),
      repeater('Ellery', [145.6875, 145.0875], { fm: { toneIn: '110.9' } }),
      channel('Handheld', 'Ellery', 'fm', { at: 'Ellery', to: local('fm') }),
    ],
  },
  {
    name: 'FM, repeater of which a list says nothing but the pair',
    source: 'common practice: what is not said is unknown',
    lines: [
      radio('Handheld', ['fm']),
      repeater('Ellery', [145.6875, 145.0875], { fm: {} }),
      channel('Handheld', 'Ellery', 'fm', { at: 'Ellery', to: local('fm'), set: { toneTx: '88.5', toneRx: '88.5' } }),
    ],
  },
  {
    name: 'FM, 2 m upwards and 70 cm +5 MHz, Region 2, wide',
    source: C,
    lines: [
      station({ region: 'itu-2', fmWidthHz: 25_000 }),
      radio('Handheld', ['fm']),
      repeater('Mesa', [147.06, 147.66], { fm: { toneIn: '100.0', toneOut: '100.0', widthHz: 25_000 } }),
      repeater('Butte', [449.2, 444.2], { fm: { toneIn: '123.0' } }),
      channel('Handheld', 'Mesa', 'fm', { at: 'Mesa', to: local('fm'), set: { toneRx: '100.0' } }),
      channel('Handheld', 'Butte', 'fm', { at: 'Butte', to: local('fm'), set: { widthHz: 25_000 } }),
    ],
  },
  {
    name: 'FM, 70 cm repeaters with the shifts of Region 1',
    source: C,
    lines: [
      radio('Handheld', ['fm']),
      repeater('One', [438.8, 431.2], { fm: { toneIn: 'none' } }),
      repeater('Two', [434.7, 433.1], { fm: { toneIn: 'none' } }),
      repeater('Three', [430.05, 439.45], { fm: { toneIn: 'none' } }),
      repeater('Four', [433.0, 434.6], { fm: { toneIn: 'none' } }),
      ...['One', 'Two', 'Three', 'Four'].map((name) => channel('Handheld', name, 'fm', { at: name, to: local('fm') })),
    ],
  },
  {
    name: 'FM, 23 cm, 6 m and 10 m repeaters',
    source: `${RR}; shifts common practice`,
    lines: [
      radio('Base', ['fm']),
      wideband([28, 30], [50, 54], [1240, 1300]),
      repeater('High', [1298.2, 1270.2], { fm: { toneIn: 'none' } }),
      repeater('Low', [51.85, 51.25], { fm: { toneIn: '77.0' } }),
      repeater('Ten', [29.66, 29.56], { fm: { toneIn: 'none' } }),
      ...['High', 'Low', 'Ten'].map((name) => channel('Base', name, 'fm', { at: name, to: local('fm') })),
    ],
  },
  {
    name: 'FM, a digital code by its inverse name',
    source: 'the (23,12) Golay code: D023 inverted is D047 normal',
    lines: [
      radio('Handheld', ['fm']),
      repeater('Ellery', [145.6875, 145.0875], { fm: { toneIn: 'D023I', toneOut: 'D023I' } }),
      channel('Handheld', 'Ellery', 'fm', { at: 'Ellery', to: local('fm'), set: { toneTx: 'D047N', toneRx: 'D047N' } }),
    ],
  },
  {
    name: 'FM, a repeater that wants a burst',
    source: 'common practice: 1750 Hz',
    lines: [
      radio('Handheld', ['fm']),
      repeater('Ellery', [145.6875, 145.0875], { fm: { toneIn: '1750' } }),
      channel('Handheld', 'Ellery', 'fm', { at: 'Ellery', to: local('fm') }),
    ],
  },
  {
    name: 'FM, a cross-band repeater',
    source: 'common practice: cross-band repeaters exist',
    lines: [
      radio('Handheld', ['fm']),
      repeater('Cross', [438.7, 145.3], { fm: { toneIn: '88.5' } }),
      channel('Handheld', 'Cross', 'fm', { at: 'Cross', to: local('fm') }),
    ],
  },
  {
    name: 'FM, the calling frequencies, radio to radio, Regions 1 and 2',
    source: 'from memory of the IARU band plans',
    lines: [
      radio('Handheld', ['fm']),
      channel('Handheld', 'Call', 'fm', { mhz: 145.5 }),
      channel('Handheld', 'Call 70', 'fm', { mhz: 433.5 }),
    ],
  },
  {
    name: 'FM, 146.52 and 223.5 MHz in Region 2',
    source: `${RR}; calling frequencies from memory`,
    lines: [
      station({ region: 'itu-2', fmWidthHz: 25_000 }),
      radio('Handheld', ['fm']),
      wideband([144, 148], [222, 225], [420, 450]),
      channel('Handheld', 'Call', 'fm', { mhz: 146.52, set: { widthHz: 25_000 } }),
      channel('Handheld', 'Call 1.25', 'fm', { mhz: 223.5, set: { widthHz: 25_000 } }),
      channel('Handheld', 'Low end', 'fm', { mhz: 421.25, set: { widthHz: 25_000 } }),
    ],
  },
  {
    name: 'FM, wide, beside the edge of the satellite segment',
    source: 'Carson’s rule: about 16 kHz, not 25',
    lines: [
      station({ fmWidthHz: 25_000 }),
      radio('Handheld', ['fm']),
      channel('Handheld', 'Edge', 'fm', { mhz: 434.99, set: { widthHz: 25_000 } }),
    ],
  },
  {
    name: 'FM, 33 cm, 1.25 m and 6 m repeaters of Region 2',
    source: C,
    lines: [
      station({ region: 'itu-2' }),
      radio('Handheld', ['fm']),
      wideband([50, 54], [222, 225], [902, 928]),
      repeater('Mesa', [927.5, 902.5], { fm: { toneIn: '100.0' } }),
      repeater('Bluff', [224.5, 222.9], { fm: { toneIn: '100.0' } }, { position: { lat: 47.2, lon: -33.4 } }),
      repeater('Creek', [53.1, 52.1], { fm: { toneIn: '100.0' } }, { position: { lat: 47.6, lon: -33.4 } }),
      ...['Mesa', 'Bluff', 'Creek'].map((at) => channel('Handheld', at, 'fm', { at, to: local('fm') })),
    ],
  },
  {
    name: 'FM, 4 m where the country gives it',
    source: 'national in parts of Region 1, from memory',
    lines: [radio('Base', ['fm']), wideband([66, 88]), channel('Base', 'Four', 'fm', { mhz: 70.45 })],
  },
  {
    name: 'FM, one’s own node',
    source: C,
    lines: [
      radio('Handheld', ['fm']),
      hotspot('Node', 433.35, ['fm'], (site) => void (site.fm!.toneIn = '67.0')),
      channel('Handheld', 'Node', 'fm', { at: 'Node', to: local('fm') }),
    ],
  },
  // Other purposes
  {
    name: 'a repeater’s input, only heard, and its output used from radio to radio',
    source: C,
    lines: [
      radio('Handheld', ['fm']),
      repeater('Hask Head', [145.6, 145], { fm: { toneIn: '88.5' } }),
      channel('Handheld', 'Hask in', 'fm', { mhz: 145, purpose: 'receive only' }),
      channel('Handheld', 'Hask near', 'fm', { mhz: 145.6, purpose: 'direct' }),
    ],
  },
  {
    name: 'position reports by FM',
    source: C,
    lines: [radio('Handheld', ['fm']), channel('Handheld', 'Reports', 'fm', { mhz: 144.8 })],
  },
  {
    name: 'a digital repeater of another service, and a ship’s pair, only heard',
    source: 'ITU Radio Regulations, Appendix 18, for the pair',
    lines: dmr(
      wideband([136, 174], [400, 480]),
      channel('Handheld', 'Ships', 'fm', { mhz: [161.95, 157.35], purpose: 'receive only' }),
      channel('Handheld', 'Harbour', 'dmr', {
        mhz: 457.6,
        purpose: 'receive only',
        set: { colorCode: 5, call: { kind: 'group', number: 12 } },
      }),
    ),
  },
  {
    name: 'weather and air band, only heard',
    source: C,
    lines: [
      radio('Handheld', ['fm']),
      wideband([108, 174], [400, 480]),
      channel('Handheld', 'Weather', 'fm', { mhz: 162.55, purpose: 'receive only', set: { widthHz: 25_000 } }),
      channel('Handheld', 'Tower', 'fm', { mhz: 118.7, purpose: 'receive only', set: { toneTx: '88.5' } }),
    ],
  },
  {
    name: 'heard only, by somebody without a call sign',
    source: 'listening takes no amateur licence in most countries; local rules decide',
    lines: [
      station({ callSign: 'QO3VES' }),
      radio('Scanner', ['dmr', 'fm'], (one) => void (one.dmr!.id = null)),
      channel('Scanner', 'Repeater', 'dmr', { mhz: 439.425, purpose: 'receive only', set: { admit: 'always' } }),
    ],
  },
  {
    name: 'an FM satellite, up on 2 m and down on 70 cm, and the reverse',
    source: RR,
    lines: [
      radio('Handheld', ['fm']),
      channel('Handheld', 'Up 2 m', 'fm', { mhz: [437.8, 145.99], set: { toneTx: '67.0' } }),
      channel('Handheld', 'Up 70', 'fm', { mhz: [145.96, 435.25], purpose: 'satellite' }),
      channel('Handheld', 'Station', 'fm', { mhz: [145.8, 145.2], purpose: 'satellite' }),
    ],
  },
  // Whole stations
  {
    name: 'one hotspot with four modes, silent in standby, every way out, built',
    source: 'common practice: standby means nothing linked',
    lines: [
      dmrNetwork(),
      family,
      rooms,
      p25Network,
      radio('Handheld', ['dmr']),
      radio('Pilot', ['dstar']),
      radio('Rambler', ['c4fm']),
      radio('Portable', ['p25']),
      hotspot(
        'Home',
        439.15,
        ['dmr', 'dstar', 'c4fm', 'p25'],
        (_site, plan) => void (settingsOf(plan, 'Home').standby = true),
      ),
      want('Handheld', 'Home', group(417)),
      want('Handheld', 'Home', special('unlink')),
      want('Pilot', 'Home', reflector('C')),
      want('Rambler', 'Home', room),
      want('Portable', 'Home', quay),
      built,
    ],
  },
  {
    name: 'two hotspots, each on its own frequency, with suffixes of their own',
    source: C,
    lines: dmr(
      home,
      hotspot('Boat', 438.2, ['dmr']),
      want('Handheld', 'Home', group(417)),
      want('Handheld', 'Boat', group(588)),
      built,
    ),
  },
  {
    name: 'a hotspot one channel beside a repeater’s output',
    source: C,
    lines: dmr(hotspot('Home', 439.4375, ['dmr']), repeater('Hask Head', [439.425, 431.825], { dmr: HASK })),
  },
  {
    name: 'a hotspot one channel beside an FM repeater of which no list says the width',
    source: 'common practice: what is not said is unknown',
    lines: dmr(hotspot('Home', 439.4375, ['dmr']), repeater('Hask Head', [439.425, 431.825], { fm: {} })),
  },
  {
    name: 'duplex hotspots with splits of their owners’ choice, 70 cm and 2 m',
    source: 'common practice: any split will do that does not deafen it',
    lines: dmr(
      hotspot('Home', [434.6, 431.2], ['dmr']),
      hotspot('Boat', [145.7, 145.1], ['dmr']),
      want('Handheld', 'Home', group(417)),
      want('Handheld', 'Boat', group(588)),
      built,
    ),
  },
  {
    name: 'two hotspots on one frequency, far apart',
    source: 'common practice: a frequency is free again beyond its range',
    lines: dmr(
      home,
      hotspot('Cabin', 439.125, ['dmr'], (_site, plan) => {
        settingsOf(plan, 'Cabin').location = { lat: 48.2, lon: -33.4, publish: false };
      }),
      want('Handheld', 'Home', group(417)),
      want('Handheld', 'Cabin', group(588)),
      built,
    ),
  },
  {
    name: 'a hotspot and a radio of nobody’s network yet',
    source: 'common practice: one builds a plan step by step',
    lines: [radio('Handheld', ['dmr']), hotspot('Home', 439.125, ['dmr'])],
  },
  {
    name: 'a licence with the country’s narrower edges',
    source: 'national law decides',
    lines: [
      station({ region: 'itu-2', edges: { '70 cm': { lowHz: 430_000_000, highHz: 440_000_000 }, '1.25 m': null } }),
      ...dmr(hotspot('Home', 438.2, ['dmr']), want('Handheld', 'Home', group(417)), built),
    ],
  },
  {
    name: 'a hotspot where the region’s calling frequency is not the country’s',
    source: 'national band plans decide',
    lines: [
      station({ kept: [] }),
      ...dmr(hotspot('Home', 433.45, ['dmr']), want('Handheld', 'Home', group(417)), built),
    ],
  },
  {
    name: 'a 2 m hotspot three metres away, lowest power',
    source: 'common practice: lowest power near the hotspot',
    lines: [
      family,
      radio('Pilot', ['dstar']),
      hotspot('Home', 144.8625, ['dstar']),
      want('Pilot', 'Home', reflector('C')),
      built,
    ],
  },
  {
    name: 'a radio of which the bands are not entered',
    source: 'what is not said is unknown',
    lines: dmr(
      change((plan) => void (plan.radios.byId['handheld']!.bands = [])),
      home,
      want('Handheld', 'Home', group(417)),
      built,
    ),
  },
  {
    name: 'a trip: repeaters of three modes without positions',
    source: 'common practice: what is not said is unknown',
    lines: [
      dmrNetwork(),
      radio('Handheld', ['dmr', 'fm', 'c4fm']),
      ...[
        repeater('A', [439.1, 431.5], { dmr: {} }, { position: null }),
        repeater('B', [145.7, 145.1], { fm: {} }, { position: null }),
        repeater('C', [439.1, 431.5], { c4fm: {} }, { position: null }),
        repeater('D', [439.1, 431.5], { dmr: { colorCode: 1 } }, { position: null }),
        repeater('E', [439.1, 431.5], { dmr: { colorCode: 1 } }, { position: null }),
      ],
      channel('Handheld', 'A', 'dmr', { at: 'A', to: group(417), set: { call: { kind: 'group', number: 417 } } }),
      channel('Handheld', 'B', 'fm', { at: 'B', to: local('fm') }),
      channel('Handheld', 'C', 'c4fm', { at: 'C', to: local('c4fm') }),
    ],
  },
  {
    name: 'a mixed repeater in two rows of one list',
    source: C,
    lines: [
      radio('Handheld', ['dmr', 'fm']),
      repeater('Hask FM', [439.425, 431.825], { fm: { toneIn: '88.5' } }, { callSign: 'QO1HSK' }),
      repeater(
        'Hask DMR',
        [439.425, 431.825],
        { dmr: { colorCode: 1 }, fm: { toneIn: '88.5' } },
        { callSign: 'QO1HSK' },
      ),
    ],
  },
  {
    name: 'high power through a repeater far away',
    source: C,
    lines: dmr(
      repeater('Hask Head', [439.425, 431.825], { dmr: HASK }),
      want('Handheld', 'Hask Head', group(417)),
      built,
      change((plan) => void (channelNamed(plan, 'Handheld', 'Hask Wide', 'dmr').power = 'high')),
      change((plan) => void (siteNamed(plan, 'Hask Head').distanceM = 12_000)),
      change((plan) => void (repeaterNamed(plan, 'Hask Head').listing.confirmedOn = '2026-10-12')),
    ),
  },
];
