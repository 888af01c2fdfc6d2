/**
 * Faults that people make, one a row. Each gives exactly its finding, and its mend leaves nothing wrong behind; `mend`
 * is `null` where only the user, or the keeper of a site, can say what is right. `source`: why it is a fault.
 */
import type { Recipe } from '../plan/edit';
import type { Table } from '../plan/basics';
import type { RouteRule } from '../plan/modes/dmr/types';
import { putRow, removeRow, rows } from '../plan/table';
import {
  built,
  change,
  channel,
  dmrNetwork,
  family,
  group,
  hotspot,
  local,
  p25Network,
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

export interface Fault {
  name: string;
  source: string;
  lines: readonly Recipe[];
  /** The check that finds it. */
  finds: string;
  /** What else it breaks: gone with the same press. */
  also?: readonly string[];
  /** The press that mends it. */
  mend: string | null;
}

const C = 'common practice';
const RR = 'ITU Radio Regulations, Article 5';
const IARU = 'from memory of the IARU band plans';

const dmr = (...more: readonly Recipe[]) => [dmrNetwork(), radio('Handheld', ['dmr', 'fm']), ...more];
const dstar = (...more: readonly Recipe[]) => [family, radio('Pilot', ['dstar']), ...more];
const c4fm = (...more: readonly Recipe[]) => [rooms, radio('Rambler', ['c4fm', 'fm']), ...more];
const p25 = (...more: readonly Recipe[]) => [p25Network, radio('Portable', ['p25']), ...more];
const fm = (...more: readonly Recipe[]) => [radio('Handheld', ['fm']), ...more];

const simplex = hotspot('Home', 439.125, ['dmr']);
const wide = want('Handheld', 'Home', group(417));

/** A hotspot with one built channel of DMR, and what was then done to it. */
const dmrHome = (...more: readonly Recipe[]) => dmr(simplex, wide, built, ...more);

const HASK = {
  colorCode: 3,
  carries: {
    networkId: 'lantern',
    groups: [
      { slot: 1 as const, number: 417, static: true },
      { slot: 2 as const, number: 588, static: true },
    ],
    takesOthers: false,
  },
};
const hask = repeater('Hask Head', [439.425, 431.825], { dmr: HASK });
/** A repeater with one channel through it, and what was then done to it. */
const dmrHask = (...more: readonly Recipe[]) => dmr(hask, want('Handheld', 'Hask Head', group(417)), built, ...more);

const dstarHome = (...more: readonly Recipe[]) =>
  dstar(hotspot('Home', 439.15, ['dstar']), want('Pilot', 'Home', reflector('C')), built, ...more);
const c4fmHome = (...more: readonly Recipe[]) =>
  c4fm(hotspot('Home', 439.15, ['c4fm']), want('Rambler', 'Home', room), built, ...more);
const p25Home = (...more: readonly Recipe[]) =>
  p25(hotspot('Home', 439.15, ['p25']), want('Portable', 'Home', quay), built, ...more);
const ellery = (...more: readonly Recipe[]) =>
  fm(
    repeater('Ellery', [145.6875, 145.0875], { fm: { toneIn: '110.9', toneOut: '88.5', widthHz: 12_500 } }),
    channel('Handheld', 'Ellery', 'fm', { at: 'Ellery', to: local('fm') }),
    ...more,
  );

/** Changes the first channel of a radio. */
const first = (name: string, values: object): Recipe =>
  change((plan) => void Object.assign(rows(plan.codeplugs[name.toLowerCase()]!.channels)[0]!, values));
/** Changes what is of its mode in the first channel of a radio. */
const firstOf = (name: string, values: object): Recipe =>
  change((plan) => {
    const made = rows(plan.codeplugs[name.toLowerCase()]!.channels)[0]!;
    Object.assign((made as unknown as Record<string, object>)[made.mode]!, values);
  });
const putFirst = (rules: Table<RouteRule>, rule: RouteRule): void => {
  putRow(rules, rule);
  rules.order.unshift(rules.order.pop()!);
};
const inStandby: Recipe = change((plan) => void (settingsOf(plan, 'Home').standby = true));
const call = (kind: 'group' | 'private', number: number) => ({ call: { kind, number } });

/** Rules by which one hotspot serves Lantern (1) and Causeway (8). */
const ruled: readonly Recipe[] = dmr(
  dmrNetwork('Causeway', [[417, 'Harbour', 'local']]),
  simplex,
  change((plan) => {
    const { dmr: settings } = settingsOf(plan, 'Home');
    settings.selection = 'several';
    const rule = (id: string, networkId: string, of: 'group' | 'private', from: number | null) => ({
      id,
      networkId,
      call: of,
      range:
        from === null
          ? null
          : { slot: 2 as const, first: from, networkSlot: 2 as const, networkFirst: 1, count: 999_999 },
      reply: true,
    });
    for (const one of [
      rule('a-g', 'lantern', 'group', 1_000_001),
      rule('b-g', 'causeway', 'group', 8_000_001),
      rule('a-p', 'lantern', 'private', 1_000_001),
      rule('b-p', 'causeway', 'private', 8_000_001),
      rule('rest', 'lantern', 'group', null),
    ])
      putRow(settings.rules, one);
  }),
);

/** The same with a channel for each network, and what was then done to it. */
const twoNetworks = (...more: readonly Recipe[]) => [
  ...ruled,
  wide,
  want('Handheld', 'Home', group(417, 'Causeway')),
  built,
  ...more,
];
const withRules = (...more: readonly Recipe[]) => [...ruled, ...more];
const ruleOf = (id: string, recipe: (rule: ReturnType<typeof ruleNamed>) => void): Recipe =>
  change((plan) => recipe(ruleNamed(plan, id)));
const ruleNamed = (plan: Parameters<Recipe>[0], id: string) => settingsOf(plan, 'Home').dmr.rules.byId[id]!;

export const KNOWN_FAULTS: readonly Fault[] = [
  // The station and the licence
  {
    name: 'no call sign',
    source: 'ITU Radio Regulations, Article 19',
    lines: [station({ callSign: '' })],
    finds: 'call-sign-missing',
    mend: null,
  },
  { name: 'no DMR ID', source: C, lines: [station({ dmrId: null }), ...dmr()], finds: 'dmr-id-missing', mend: null },
  {
    name: 'a DMR ID of six digits, a repeater’s',
    source: C,
    lines: [station({ dmrId: 999_241 }), ...dmr()],
    finds: 'dmr-id-malformed',
    mend: null,
  },
  {
    name: 'a borrowed codeplug: the lender’s ID',
    source: C,
    lines: dmrHome(change((plan) => void (plan.radios.byId['handheld']!.dmr!.id = 9_994_444))),
    finds: 'radio-id-differs',
    mend: 'set',
  },
  {
    name: 'a hotspot outside the country’s narrower edges',
    source: 'national law decides',
    lines: [station({ edges: { '70 cm': { lowHz: 430_000_000, highHz: 439_000_000 } } }), ...dmrHome()],
    finds: 'frequency-outside-licence',
    mend: 'move',
  },
  {
    name: '442.1 MHz in Region 1',
    source: RR,
    lines: dmr(hotspot('Home', 442.1, ['dmr']), wide, built),
    finds: 'frequency-outside-licence',
    mend: 'move',
  },
  {
    name: '1.25 m in Region 1',
    source: RR,
    lines: fm(
      change((plan) => void (plan.radios.byId['handheld']!.bands = [])),
      channel('Handheld', 'Direct', 'fm', { mhz: 223.5 }),
    ),
    finds: 'frequency-outside-licence',
    mend: 'receive',
  },
  {
    name: 'a hotspot in the satellite segment of 70 cm',
    source: 'ITU Radio Regulations, No. 5.282',
    lines: dmr(hotspot('Home', 436.5, ['dmr']), wide, built),
    finds: 'satellite-segment',
    mend: 'move',
  },
  {
    name: 'a hotspot in the satellite segment of 2 m',
    source: 'ITU Radio Regulations, Article 5',
    lines: dstar(hotspot('Home', 145.9, ['dstar']), want('Pilot', 'Home', reflector('C')), built),
    finds: 'satellite-segment',
    mend: 'move',
  },
  {
    name: 'a hotspot in the satellite segment of 10 m',
    source: IARU,
    lines: fm(
      change((plan) => void (plan.radios.byId['handheld']!.bands = [])),
      hotspot('Node', 29.4, ['fm']),
    ),
    finds: 'satellite-segment',
    mend: 'move',
  },
  {
    name: 'a duplex hotspot that listens in the satellite segment',
    source: 'ITU Radio Regulations, No. 5.282',
    lines: dmr(hotspot('Home', [438.8, 436.2], ['dmr']), wide, built),
    finds: 'satellite-segment',
    mend: 'move',
  },
  {
    name: 'a duplex hotspot that listens out of band',
    source: RR,
    lines: dmr(hotspot('Home', [438.8, 441.2], ['dmr']), wide, built),
    finds: 'frequency-outside-licence',
    mend: 'move',
  },
  {
    name: 'a hotspot on a calling frequency',
    source: IARU,
    lines: dmr(hotspot('Home', 433.5, ['dmr']), wide, built),
    finds: 'hotspot-on-kept-frequency',
    mend: 'move',
  },
  {
    name: 'a 2 m hotspot on the position reports of Region 1',
    source: IARU,
    lines: dstar(hotspot('Home', 144.8, ['dstar']), want('Pilot', 'Home', reflector('C')), built),
    finds: 'hotspot-on-kept-frequency',
    mend: 'move',
  },
  {
    name: 'a hotspot on the 2 m calling frequency of Region 2',
    source: IARU,
    lines: [
      station({ region: 'itu-2' }),
      ...dstar(hotspot('Home', 146.52, ['dstar']), want('Pilot', 'Home', reflector('C')), built),
    ],
    finds: 'hotspot-on-kept-frequency',
    mend: 'move',
  },

  // Hotspots and their surroundings
  {
    name: 'a hotspot on the output of a repeater nearby',
    source: C,
    lines: dmr(hotspot('Home', 439.425, ['dmr']), hask, wide, built),
    finds: 'hotspot-on-repeater',
    mend: 'move',
  },
  {
    name: 'a hotspot on the input of a repeater nearby',
    source: C,
    lines: dmr(hotspot('Home', 431.825, ['dmr']), hask, wide, built),
    finds: 'hotspot-on-repeater',
    mend: 'move',
  },
  {
    name: 'a hotspot on a repeater’s output, and nobody has said where either is',
    source: C,
    lines: [
      station({ position: null }),
      ...dmr(
        repeater('Hill', [439.125, 431.525], { fm: { toneIn: '88.5' } }, { position: null }),
        simplex,
        wide,
        built,
      ),
    ],
    finds: 'hotspot-on-repeater',
    mend: 'move',
  },
  {
    name: 'a hotspot among the weak signals of 70 cm',
    source: IARU,
    lines: dmr(hotspot('Home', 432.2, ['dmr']), wide, built),
    finds: 'hotspot-on-kept-frequency',
    mend: 'move',
  },
  {
    name: 'a hotspot at the very edge of the band',
    source: 'ITU Radio Regulations, Article 5: half of the channel is outside',
    lines: dmr(hotspot('Home', 430, ['dmr']), wide, built),
    finds: 'frequency-outside-licence',
    mend: 'move',
  },
  {
    name: 'two hotspots half a channel apart',
    source: C,
    lines: dmr(simplex, hotspot('Boat', 439.131_25, ['dmr']), wide, want('Handheld', 'Boat', group(588)), built),
    finds: 'hotspots-share-frequency',
    mend: 'move',
  },
  {
    name: 'a duplex hotspot that listens where another one sends',
    source: C,
    lines: dmr(
      hotspot('Home', [439.125, 431.525], ['dmr']),
      hotspot('Boat', 431.525, ['dmr']),
      wide,
      want('Handheld', 'Boat', group(588)),
      built,
    ),
    finds: 'hotspots-share-frequency',
    mend: 'move',
  },
  {
    name: 'wide FM beside the satellite segment, radio to radio',
    source: RR,
    lines: fm(
      station({ fmWidthHz: 25_000 }),
      channel('Handheld', 'Direct', 'fm', { mhz: 145.793_75, purpose: 'direct', set: { widthHz: 25_000 } }),
    ),
    finds: 'satellite-segment',
    mend: 'satellite',
  },
  {
    name: 'a hotspot half a channel beside a repeater’s output',
    source: C,
    lines: dmr(hotspot('Home', 439.43125, ['dmr']), hask, wide, built),
    finds: 'hotspot-on-repeater',
    mend: 'move',
  },
  {
    name: 'a duplex hotspot that listens on a repeater’s input',
    source: C,
    lines: dmr(hotspot('Home', [439.325, 431.825], ['dmr']), hask, wide, built),
    finds: 'hotspot-on-repeater',
    mend: 'move',
  },
  {
    name: 'two hotspots on one frequency',
    source: C,
    lines: dmrHome(hotspot('Boat', 439.125, ['dmr'])),
    finds: 'hotspots-share-frequency',
    mend: 'move',
  },
  {
    name: 'two hotspots of different modes on one frequency',
    source: C,
    lines: dmrHome(hotspot('Boat', 439.125, ['p25'])),
    finds: 'hotspots-share-frequency',
    mend: 'move',
  },
  {
    name: 'a duplex hotspot whose two frequencies are 100 kHz apart',
    source: C,
    lines: dmr(hotspot('Home', [438.8, 438.7], ['dmr']), wide, built),
    finds: 'duplex-split-small',
    mend: 'apart',
  },
  {
    name: 'two repeaters of one frequency and color code, 20 km apart',
    source: C,
    lines: dmr(
      repeater('North', [439.425, 431.825], { dmr: { colorCode: 1 } }),
      repeater('South', [439.425, 431.825], { dmr: { colorCode: 1 } }, { position: { lat: 46.6, lon: -33.3 } }),
    ),
    finds: 'sites-share-frequency',
    mend: null,
  },
  {
    name: 'full power a metre from the hotspot',
    source: C,
    lines: dmrHome(
      change((plan) => void (siteNamed(plan, 'Home').distanceM = 1)),
      first('Handheld', { power: 'high' }),
    ),
    finds: 'high-power-near-hotspot',
    mend: 'low',
  },
  {
    name: 'the password that the hotspot came with',
    source: C,
    lines: dmrHome(change((plan) => void (settingsOf(plan, 'Home').adminPassword = 'default'))),
    finds: 'default-password-kept',
    mend: 'changed',
  },
  {
    name: 'published coordinates to the metre',
    source: C,
    lines: dmrHome(
      change((plan) => void (settingsOf(plan, 'Home').location = { lat: 46.71234, lon: -33.42345, publish: true })),
    ),
    finds: 'coordinates-too-precise',
    mend: 'round',
  },

  // Radio and site
  {
    name: 'the channel listens beside its site',
    source: C,
    lines: dmrHome(first('Handheld', { rxHz: 439_150_000, txHz: 439_150_000 })),
    finds: 'frequency-differs',
    mend: 'set',
  },
  {
    name: 'the pair the wrong way round',
    source: C,
    lines: dmrHask(first('Handheld', { rxHz: 431_825_000, txHz: 439_425_000 })),
    finds: 'pair-swapped',
    mend: 'swap',
  },
  {
    name: 'no shift at a repeater',
    source: C,
    lines: ellery(first('Handheld', { txHz: 145_687_500 })),
    finds: 'shift-differs',
    mend: 'set',
  },
  {
    name: 'a shift at a simplex hotspot',
    source: C,
    lines: dmrHome(first('Handheld', { txHz: 431_525_000 })),
    finds: 'shift-on-simplex',
    mend: 'set',
  },
  {
    name: 'a channel that the radio does not tune',
    source: C,
    lines: dmrHome(
      change((plan) => void (plan.radios.byId['handheld']!.bands = [{ lowHz: 144_000_000, highHz: 146_000_000 }])),
    ),
    finds: 'frequency-outside-radio',
    mend: null,
  },
  {
    name: 'a channel of a mode that the radio has not',
    source: C,
    lines: dmrHome(change((plan) => void Object.assign(plan.radios.byId['handheld']!, { dmr: null }))),
    finds: 'mode-not-in-radio',
    mend: null,
  },
  {
    name: 'a mode that is switched off at the hotspot',
    source: C,
    lines: dmrHome(
      change(
        (plan) =>
          void (settingsOf(plan, 'Home').carriage.find((one) => one.air === 'dmr' && one.network === 'dmr')!.on =
            false),
      ),
    ),
    finds: 'mode-not-enabled',
    mend: 'enable',
  },
  {
    name: 'a channel that belongs to no site',
    source: C,
    lines: dmr(channel('Handheld', 'Lost', 'dmr', { mhz: [439.425, 431.825], set: call('group', 417) })),
    finds: 'channel-without-site',
    mend: 'receive',
  },
  {
    name: 'a repeater that is off the air',
    source: C,
    lines: dmrHask(change((plan) => void (repeaterNamed(plan, 'Hask Head').listing.status = 'off the air'))),
    finds: 'site-off-air',
    mend: 'heard',
  },

  // The codeplug
  {
    name: 'a channel in no zone',
    source: C,
    lines: dmrHome(change((plan) => void (plan.codeplugs['handheld']!.zones = { byId: {}, order: [] }))),
    finds: 'channel-in-no-zone',
    mend: 'zone',
  },
  {
    name: 'a name longer than the radio shows',
    source: C,
    lines: dmrHome(first('Handheld', { name: 'Hask Wide through the hotspot' })),
    finds: 'name-too-long',
    mend: 'shorten',
  },

  // DMR
  {
    name: 'slot 1 at a simplex hotspot',
    source: 'ETSI TS 102 361',
    lines: dmrHome(firstOf('Handheld', { slot: 1 })),
    finds: 'slot-on-simplex',
    mend: 'set',
  },
  {
    name: 'another color code than the site’s',
    source: 'ETSI TS 102 361-1',
    lines: dmrHask(firstOf('Handheld', { colorCode: 1 })),
    finds: 'color-code-differs',
    mend: 'set',
  },
  {
    name: 'color code 15',
    source: 'ETSI TS 102 361-1',
    lines: dmr(
      hotspot('Home', 439.125, ['dmr'], (site) => void (site.dmr!.colorCode = 15)),
      wide,
      built,
    ),
    finds: 'color-code-system',
    mend: 'site',
  },
  {
    name: 'the group on the other slot',
    source: C,
    lines: dmrHask(firstOf('Handheld', { slot: 2 })),
    finds: 'group-not-on-slot',
    mend: 'set',
  },
  {
    name: 'a group that the repeater does not carry',
    source: C,
    lines: dmr(hask, channel('Handheld', 'Ferry', 'dmr', { at: 'Hask Head', to: group(591), set: call('group', 591) })),
    finds: 'group-not-at-repeater',
    mend: 'add',
  },
  {
    name: 'a channel for another network than the repeater’s',
    source: C,
    lines: dmr(
      dmrNetwork('Causeway', [[417, 'Harbour', 'local']]),
      hask,
      channel('Handheld', 'Harbour', 'dmr', {
        at: 'Hask Head',
        to: group(417, 'Causeway'),
        set: { slot: 1, ...call('group', 417) },
      }),
    ),
    finds: 'repeater-network-differs',
    mend: null,
  },
  {
    name: 'another number than what is meant',
    source: C,
    lines: dmrHome(
      firstOf('Handheld', call('group', 588)),
      change((plan) =>
        putRow(plan.codeplugs['handheld']!.dmr.contacts, { id: 'ct-x', name: 'All', kind: 'group', number: 588 }),
      ),
    ),
    finds: 'number-differs',
    mend: 'set',
  },
  {
    name: 'a group called as private',
    source: C,
    lines: dmr(simplex, channel('Handheld', 'Wide', 'dmr', { at: 'Home', to: group(417), set: call('private', 417) })),
    finds: 'call-kind-differs',
    mend: 'set',
  },
  {
    name: 'a number that no contact holds',
    source: C,
    lines: dmrHome(change((plan) => void (plan.codeplugs['handheld']!.dmr.contacts = { byId: {}, order: [] }))),
    finds: 'contact-missing',
    mend: 'add',
  },
  {
    name: 'the group is not in the receive list of a radio that needs it',
    source: C,
    lines: dmrHome(
      change((plan) => {
        plan.radios.byId['handheld']!.dmr!.hearsOwnGroup = false;
        for (const list of rows(plan.codeplugs['handheld']!.dmr.receiveLists)) list.groups = [];
      }),
    ),
    finds: 'group-not-in-receive-list',
    mend: 'add',
  },
  {
    name: 'sends over others at a repeater',
    source: C,
    lines: dmrHask(firstOf('Handheld', { admit: 'always' })),
    finds: 'admit-criterion',
    mend: 'set',
  },
  {
    name: 'no network is logged in',
    source: C,
    lines: dmrHome(change((plan) => void (settingsOf(plan, 'Home').dmr.logins['lantern']!.enabled = false))),
    finds: 'network-login-incomplete',
    mend: 'complete',
  },
  {
    name: 'a login without its password',
    source: C,
    lines: dmrHome(change((plan) => void (settingsOf(plan, 'Home').dmr.logins['lantern']!.password = ''))),
    finds: 'network-login-incomplete',
    mend: null,
  },
  {
    name: 'two hotspots under one ID and one suffix',
    source: C,
    lines: dmrHome(
      hotspot('Boat', 438.2, ['dmr'], (_, plan) => void (settingsOf(plan, 'Boat').dmr.logins['lantern']!.suffix = 1)),
    ),
    finds: 'suffix-used-twice',
    mend: 'set',
  },
  {
    name: 'two hotspots, one without a suffix',
    source: C,
    lines: dmrHome(
      hotspot(
        'Boat',
        438.2,
        ['dmr'],
        (_, plan) => void (settingsOf(plan, 'Boat').dmr.logins['lantern']!.suffix = null),
      ),
    ),
    finds: 'suffix-missing',
    mend: 'set',
  },
  {
    name: 'two networks on, and the first takes every call',
    source: C,
    lines: withRules(change((plan) => void (settingsOf(plan, 'Home').dmr.selection = 'one'))),
    finds: 'several-networks-selection-off',
    mend: 'several',
  },
  {
    name: 'the catch-all before the ranges',
    source: C,
    lines: withRules(
      change((plan) => {
        const { rules } = settingsOf(plan, 'Home').dmr;
        rules.order = ['rest', ...rules.order.filter((id) => id !== 'rest')];
      }),
    ),
    finds: 'catch-all-before-rules',
    mend: 'move',
  },
  {
    name: 'no catch-all for groups',
    source: C,
    lines: twoNetworks(change((plan) => removeRow(settingsOf(plan, 'Home').dmr.rules, 'rest'))),
    finds: 'catch-all-missing',
    mend: 'add',
  },
  {
    name: 'two catch-alls',
    source: C,
    lines: twoNetworks(
      change((plan) =>
        putRow(settingsOf(plan, 'Home').dmr.rules, {
          id: 'rest2',
          networkId: 'causeway',
          call: 'group',
          range: null,
          reply: true,
        }),
      ),
    ),
    finds: 'two-catch-alls',
    mend: 'remove',
  },
  {
    name: 'no private rule: unlink and echo never arrive',
    source: C,
    lines: twoNetworks(change((plan) => removeRow(settingsOf(plan, 'Home').dmr.rules, 'b-p'))),
    finds: 'private-rule-missing',
    mend: 'add',
  },
  {
    name: 'a rule that turns nothing back',
    source: C,
    lines: twoNetworks(ruleOf('a-g', (rule) => void (rule.reply = false))),
    finds: 'rule-without-inverse',
    mend: 'on',
  },
  {
    name: 'a rule on a slot that a simplex hotspot never hears',
    source: 'ETSI TS 102 361',
    lines: twoNetworks(
      change((plan) =>
        putFirst(settingsOf(plan, 'Home').dmr.rules, {
          id: 'x',
          networkId: 'lantern',
          call: 'group',
          range: { slot: 1, first: 77_001, networkSlot: 1, networkFirst: 77_001, count: 10 },
          reply: true,
        }),
      ),
    ),
    finds: 'rule-on-unheard-slot',
    mend: 'set',
  },
  {
    name: 'a prefix that begins like a country: an ID in use is taken apart',
    source: 'ITU-T E.212',
    lines: [
      station({ dmrId: 2_359_417 }),
      ...twoNetworks(
        ruleOf('a-g', (rule) => void (rule.range!.first = 2_000_001)),
        ruleOf('a-p', (rule) => void (rule.range!.first = 2_000_001)),
        firstOf('Handheld', call('group', 2_000_417)),
        change((plan) =>
          putRow(plan.codeplugs['handheld']!.dmr.contacts, {
            id: 'ct-x',
            name: 'Wide',
            kind: 'group',
            number: 2_000_417,
          }),
        ),
      ),
    ],
    finds: 'prefix-takes-personal-id',
    mend: 'prefix',
  },
  {
    name: 'two networks claim one prefix',
    source: C,
    lines: twoNetworks(ruleOf('b-p', (rule) => void Object.assign(rule.range!, { first: 1_500_000, count: 600_000 }))),
    finds: 'networks-overlap',
    mend: 'trim',
  },
  {
    name: 'a static group that nobody’s radio hears',
    source: C,
    lines: dmrHome(
      change((plan) => void (settingsOf(plan, 'Home').dmr.logins['lantern']!.staticGroupIds = ['g417', 'g91'])),
    ),
    finds: 'static-group-unheard',
    mend: 'out',
  },
  {
    name: 'more static groups than one slot can follow',
    source: C,
    lines: dmr(
      dmrNetwork('Lantern', [
        [1, 'A', 'region'],
        [2, 'B', 'region'],
        [3, 'C', 'region'],
        [4, 'D', 'region'],
        [5, 'E', 'region'],
        [6, 'F', 'region'],
        [7, 'G', 'region'],
        [8, 'H', 'region'],
      ]),
      simplex,
      ...[1, 2, 3, 4, 5, 6, 7, 8].map((number) => want('Handheld', 'Home', group(number))),
      built,
      change(
        (plan) =>
          void (settingsOf(plan, 'Home').dmr.logins['lantern']!.staticGroupIds = [
            'g1',
            'g2',
            'g3',
            'g4',
            'g5',
            'g6',
            'g7',
            'g8',
          ]),
      ),
    ),
    finds: 'too-many-static-groups',
    mend: null,
  },
  {
    name: 'a hotspot in standby with a static group',
    source: C,
    lines: dmrHome(
      want('Handheld', 'Home', special('unlink')),
      built,
      inStandby,
      change((plan) => void (settingsOf(plan, 'Home').dmr.logins['lantern']!.staticGroupIds = ['g417'])),
    ),
    finds: 'linked-in-standby',
    mend: 'out',
  },
  {
    name: 'in standby, and no channel that drops a group',
    source: C,
    lines: dmrHome(inStandby),
    finds: 'no-dmr-unlink-channel',
    mend: 'add',
  },

  // D-STAR
  {
    name: 'MY is empty',
    source: 'JARL, D-STAR system standard',
    lines: dstarHome(change((plan) => void (plan.radios.byId['pilot']!.dstar!.my = ''))),
    finds: 'my-missing',
    mend: 'set',
  },
  {
    name: 'MY of whoever lent the radio',
    source: C,
    lines: dstarHome(change((plan) => void (plan.radios.byId['pilot']!.dstar!.my = 'QO3TAM'))),
    finds: 'my-borrowed',
    mend: 'set',
  },
  {
    name: 'the module letter in the seventh place',
    source: 'JARL, D-STAR system standard',
    lines: dstarHome(firstOf('Pilot', { rpt1: 'QO3VESB ' })),
    finds: 'module-misplaced',
    mend: 'set',
  },
  {
    name: 'RPT1 of another module',
    source: C,
    lines: dstarHome(firstOf('Pilot', { rpt1: 'QO3VES C' })),
    finds: 'rpt1-differs',
    mend: 'set',
  },
  {
    name: 'RPT2 is not the gateway',
    source: C,
    lines: dstarHome(firstOf('Pilot', { rpt2: 'QO3VES B' })),
    finds: 'rpt2-not-gateway',
    also: ['not-linked'],
    mend: 'set',
  },
  {
    name: 'an older radio set to simplex',
    source: C,
    lines: dstarHome(firstOf('Pilot', { duplex: false })),
    finds: 'simplex-sends-no-rpt',
    mend: 'set',
  },
  {
    name: 'UR left on the link command',
    source: C,
    lines: dstarHome(
      change((plan) => {
        for (const one of rows(plan.codeplugs['pilot']!.channels))
          if (one.mode === 'dstar' && one.destination?.kind === 'reflector' && one.destination.use === 'talk')
            one.dstar.ur = 'LNK001CL';
      }),
    ),
    finds: 'ur-left-on-command',
    mend: 'set',
  },
  {
    name: 'no way out of a link',
    source: C,
    lines: dstarHome(
      change((plan) => {
        const { channels, zones } = plan.codeplugs['pilot']!;
        for (const one of rows(channels))
          if (one.mode === 'dstar' && one.dstar.ur === '       U') {
            removeRow(channels, one.id);
            for (const zone of rows(zones)) zone.channelIds = zone.channelIds.filter((id) => id !== one.id);
          }
      }),
    ),
    finds: 'no-unlink-entry',
    mend: 'add',
  },
  {
    name: 'a link command without its L',
    source: 'common practice: letters and digits, module, L in the eighth place',
    lines: dstarHome(
      change((plan) => {
        for (const one of rows(plan.codeplugs['pilot']!.channels))
          if (one.mode === 'dstar' && one.dstar.ur === 'LNK001CL') one.dstar.ur = 'LNK001LC';
      }),
    ),
    finds: 'link-command-malformed',
    also: ['not-linked'],
    mend: 'set',
  },
  {
    name: 'a hotspot in standby that links when it starts',
    source: C,
    lines: dstarHome(
      inStandby,
      change(
        (plan) =>
          void (settingsOf(plan, 'Home').dstar = { startLink: { reflector: 'LNK001', module: 'C' }, automatic: true }),
      ),
    ),
    finds: 'linked-in-standby',
    mend: 'out',
  },
  {
    name: 'the hotspot under another call sign by one letter',
    source: C,
    lines: dstar(
      hotspot('Home', 439.15, ['dstar'], (site) => void (site.dstar!.callSign = 'QO3VEZ')),
      want('Pilot', 'Home', reflector('C')),
      built,
    ),
    finds: 'site-call-sign-near-miss',
    mend: 'set',
  },
  {
    name: 'a site’s call sign that is too long for its field',
    source: 'JARL, D-STAR system standard',
    lines: dstar(
      repeater('Ridge', [438.7, 431.1], { dstar: { callSign: 'QO1RIDGES', module: 'B' } }, { callSign: 'QO1RIDGES' }),
    ),
    finds: 'site-call-sign-unfit',
    mend: null,
  },
  {
    name: 'a family that the gateway does not reach',
    source: C,
    lines: dstar(
      repeater('Ridge', [438.7, 431.1], { dstar: { callSign: 'QO1RID', module: 'B', families: ['SEA'] } }),
      channel('Pilot', 'Link', 'dstar', {
        at: 'Ridge',
        to: reflector('C', 'link'),
        set: { rpt1: 'QO1RID B', rpt2: 'QO1RID G', ur: 'LNK001CL' },
      }),
      channel('Pilot', 'Leave', 'dstar', { at: 'Ridge', set: { rpt1: 'QO1RID B', rpt2: 'QO1RID G', ur: '       U' } }),
    ),
    finds: 'family-not-reached',
    mend: null,
  },

  // C4FM
  {
    name: 'C4FM channel set to analog',
    source: C,
    lines: c4fmHome(firstOf('Rambler', { receive: 'analog' })),
    finds: 'receives-analog-only',
    mend: 'set',
  },
  {
    name: 'a group ID that the hotspot does not take',
    source: C,
    lines: c4fmHome(firstOf('Rambler', { groupTx: 5 })),
    finds: 'group-id-not-open',
    mend: 'set',
  },
  {
    name: 'the receiver opens for a group that the hotspot does not send',
    source: C,
    lines: c4fmHome(firstOf('Rambler', { groupRx: 7 })),
    finds: 'group-id-heard-differs',
    mend: 'set',
  },
  {
    name: 'a room number with four digits',
    source: C,
    lines: c4fmHome(firstOf('Rambler', { room: '4120' })),
    finds: 'room-number-malformed',
    mend: 'set',
  },
  {
    name: 'another room than what is meant',
    source: C,
    lines: c4fmHome(firstOf('Rambler', { room: '41206' })),
    finds: 'room-number-differs',
    mend: 'set',
  },
  {
    name: 'no way out of a room',
    source: C,
    lines: c4fm(
      hotspot('Home', 439.15, ['c4fm']),
      channel('Rambler', 'Evening', 'c4fm', { at: 'Home', to: room, set: { room: '41205' } }),
    ),
    finds: 'no-disconnect-entry',
    mend: 'add',
  },
  {
    name: 'digital only at a mixed site',
    source: C,
    lines: c4fm(
      repeater('Mixed', [145.6875, 145.0875], { c4fm: { groupIdIn: 0, groupIdOut: 0 }, fm: { toneIn: '110.9' } }),
      channel('Rambler', 'Mixed', 'c4fm', {
        at: 'Mixed',
        to: local('c4fm'),
        set: { receive: 'digital', toneTx: null },
      }),
    ),
    finds: 'auto-sensing-at-mixed-site',
    mend: 'set',
  },
  {
    name: 'the FM side of a mixed site without its tone',
    source: C,
    lines: c4fm(
      repeater('Mixed', [145.6875, 145.0875], { c4fm: { groupIdIn: 0, groupIdOut: 0 }, fm: { toneIn: '110.9' } }),
      channel('Rambler', 'Mixed', 'c4fm', { at: 'Mixed', to: local('c4fm'), set: { receive: 'auto', toneTx: null } }),
    ),
    finds: 'mixed-tone-differs',
    mend: 'set',
  },
  {
    name: 'a receive tone that the mixed site does not send',
    source: C,
    lines: c4fm(
      repeater('Mixed', [145.6875, 145.0875], {
        c4fm: { groupIdIn: 0, groupIdOut: 0 },
        fm: { toneIn: '110.9', toneOut: '88.5' },
      }),
      channel('Rambler', 'Mixed', 'c4fm', {
        at: 'Mixed',
        to: local('c4fm'),
        set: { receive: 'auto', toneTx: '110.9', toneRx: '110.9' },
      }),
    ),
    finds: 'mixed-tone-heard-differs',
    mend: 'set',
  },
  {
    name: 'a start room in standby',
    source: C,
    lines: c4fmHome(
      inStandby,
      change((plan) => void (settingsOf(plan, 'Home').c4fm.startRoom = 41_205)),
    ),
    finds: 'linked-in-standby',
    mend: 'out',
  },
  {
    name: 'another’s call sign in a C4FM radio',
    source: C,
    lines: c4fmHome(change((plan) => void (plan.radios.byId['rambler']!.c4fm!.callSign = 'QO3TAM'))),
    finds: 'call-sign-field-differs',
    mend: 'set',
  },

  // P25
  {
    name: 'another network access code than the site’s',
    source: 'TIA-102',
    lines: p25Home(firstOf('Portable', { nac: 0x2a1 })),
    finds: 'nac-differs',
    mend: 'set',
  },
  {
    name: 'opens on a code that the site does not send',
    source: 'TIA-102',
    lines: p25Home(firstOf('Portable', { nacRx: 0x2a1 })),
    finds: 'nac-heard-differs',
    mend: 'set',
  },
  {
    name: 'F7E as the code that is sent',
    source: 'TIA-102',
    lines: p25Home(firstOf('Portable', { nac: 0xf7e })),
    finds: 'nac-special',
    mend: 'set',
  },
  {
    name: 'another P25 group than what is meant',
    source: C,
    lines: p25Home(firstOf('Portable', { group: 20_418 })),
    finds: 'p25-group-differs',
    mend: 'set',
  },
  {
    name: 'no unit ID',
    source: 'TIA-102',
    lines: p25Home(change((plan) => void (plan.radios.byId['portable']!.p25!.unitId = null))),
    finds: 'unit-id-out-of-range',
    mend: 'set',
  },
  {
    name: 'no way out of a room at a repeater that one connects oneself',
    source: C,
    lines: c4fm(
      repeater('Merrin', [438.95, 431.35], { c4fm: { networkIds: ['skerry'] } }),
      channel('Rambler', 'Evening', 'c4fm', { at: 'Merrin', to: room, set: { room: '41205' } }),
    ),
    finds: 'no-disconnect-entry',
    mend: 'add',
  },
  {
    name: 'no way out of a P25 group',
    source: C,
    lines: p25(
      hotspot('Home', 439.15, ['p25']),
      channel('Portable', 'Quay', 'p25', { at: 'Home', to: quay, set: { nac: 0x293, nacRx: 0x293, group: 20_417 } }),
    ),
    finds: 'no-p25-unlink-channel',
    mend: 'add',
  },
  {
    name: 'a start group in standby',
    source: C,
    lines: p25Home(
      inStandby,
      change((plan) => void (settingsOf(plan, 'Home').p25.startGroup = 20_417)),
    ),
    finds: 'linked-in-standby',
    mend: 'out',
  },

  // FM
  {
    name: 'no tone where the repeater needs one',
    source: C,
    lines: ellery(firstOf('Handheld', { toneTx: null })),
    finds: 'tone-missing',
    mend: 'set',
  },
  {
    name: 'another tone than the repeater’s',
    source: C,
    lines: ellery(firstOf('Handheld', { toneTx: '114.8' })),
    finds: 'tone-differs',
    mend: 'set',
  },
  {
    name: 'the tone on the receive side only',
    source: C,
    lines: ellery(firstOf('Handheld', { toneTx: null, toneRx: '110.9' })),
    finds: 'tone-on-wrong-side',
    mend: 'swap',
  },
  {
    name: 'the receiver waits for a tone that the repeater does not send',
    source: C,
    lines: ellery(firstOf('Handheld', { toneRx: '110.9' })),
    finds: 'tone-heard-differs',
    mend: 'open',
  },
  {
    name: 'a tone that is in no table',
    source: 'TIA-603',
    lines: ellery(
      change((plan) => void (siteNamed(plan, 'Ellery').fm!.toneIn = null)),
      firstOf('Handheld', { toneTx: '111.1' }),
    ),
    finds: 'tone-not-standard',
    mend: 'set',
  },
  {
    name: 'wide in a narrow site',
    source: C,
    lines: [station({ fmWidthHz: 25_000 }), ...ellery(firstOf('Handheld', { widthHz: 25_000 }))],
    finds: 'bandwidth-differs',
    mend: 'set',
  },
  {
    name: 'an inverted code sent as a normal one',
    source: 'the (23,12) Golay code: D023 inverted is D047 normal',
    lines: ellery(
      change((plan) => void (siteNamed(plan, 'Ellery').fm!.toneIn = 'D023I')),
      firstOf('Handheld', { toneTx: 'D023N' }),
    ),
    finds: 'tone-differs',
    mend: 'set',
  },

  // Several modes at one hotspot
  {
    name: 'a busy link at start keeps the other modes out',
    source: C,
    lines: [
      dmrNetwork(),
      rooms,
      radio('Handheld', ['dmr', 'fm']),
      radio('Rambler', ['c4fm', 'fm']),
      hotspot('Home', 439.15, ['dmr', 'c4fm'], (_, plan) => {
        settingsOf(plan, 'Home').c4fm.startRoom = 41_205;
        for (const network of rows(plan.networks))
          if (network.mode === 'c4fm') network.rooms.byId['evening']!.activity = 120;
      }),
      wide,
      want('Rambler', 'Home', room),
      built,
    ],
    finds: 'busy-link-locks-modes',
    mend: 'out',
  },

  {
    name: 'a repeater that its list holds no more',
    source: C,
    lines: dmrHask(change((plan) => void (repeaterNamed(plan, 'Hask Head').listing.goneOn = '2026-11-20'))),
    finds: 'site-gone-from-list',
    mend: 'heard',
  },
  {
    name: 'a repeater that nobody has heard for three years',
    source: C,
    lines: dmrHask(change((plan) => void (repeaterNamed(plan, 'Hask Head').listing.confirmedOn = '2023-10-12'))),
    finds: 'site-unconfirmed',
    mend: 'heard',
  },
  {
    name: 'a zone with more channels than the radio takes',
    source: C,
    lines: dmrHome(
      want('Handheld', 'Home', group(588)),
      want('Handheld', 'Home', group(591)),
      built,
      change((plan) => void (plan.radios.byId['handheld']!.limits.channelsPerZone = 2)),
    ),
    finds: 'zone-over-capacity',
    mend: 'split',
  },
  {
    name: 'two channels of one name',
    source: C,
    lines: dmrHome(
      want('Handheld', 'Home', group(588)),
      built,
      change((plan) => {
        for (const one of rows(plan.codeplugs['handheld']!.channels)) one.name = 'Home';
      }),
    ),
    finds: 'name-not-unique',
    mend: 'rename',
  },
  {
    name: 'a cross-mode way that is switched off',
    source: C,
    lines: [
      dmrNetwork(),
      radio('Rambler', ['c4fm']),
      hotspot('Home', 439.15, ['dmr', 'c4fm'], (_, plan) => {
        settingsOf(plan, 'Home').carriage.push({ air: 'c4fm', network: 'dmr', able: true, on: true });
      }),
      want('Rambler', 'Home', group(417)),
      built,
      change((plan) => void (settingsOf(plan, 'Home').carriage.find((one) => one.air !== one.network)!.on = false)),
    ],
    finds: 'crossing-off',
    mend: 'on',
  },
  {
    name: 'a listed D-STAR repeater under another call sign by one letter',
    source: C,
    lines: dstar(repeater('Ridge', [438.7, 431.1], { dstar: { callSign: 'QO1RIE', module: 'B' } })),
    finds: 'site-call-sign-near-miss',
    mend: 'set',
  },
  {
    name: 'the lender’s name behind MY, five characters',
    source: 'JARL, D-STAR system standard',
    lines: dstarHome(change((plan) => void (plan.radios.byId['pilot']!.dstar!.suffix = 'TORRO'))),
    finds: 'my-suffix-malformed',
    mend: 'set',
  },
  {
    name: 'a channel off the raster',
    source: C,
    lines: fm(channel('Handheld', 'Direct', 'fm', { mhz: 145.3713 })),
    finds: 'frequency-off-raster',
    mend: 'set',
  },
  {
    name: 'another’s unit ID in the radio',
    source: 'TIA-102',
    lines: p25Home(change((plan) => void (plan.radios.byId['portable']!.p25!.unitId = 9_992_418))),
    finds: 'unit-id-differs',
    mend: 'set',
  },
  {
    name: 'a P25 group of 65,535',
    source: 'TIA-102',
    lines: p25(
      hotspot('Home', 439.15, ['p25']),
      channel('Portable', 'Odd', 'p25', { at: 'Home', set: { nac: 0x293, nacRx: 0x293, group: 65_535 } }),
    ),
    finds: 'p25-group-out-of-range',
    mend: null,
  },
  {
    name: 'wide voice towards a bridge',
    source: C,
    lines: [
      dmrNetwork(),
      radio('Rambler', ['c4fm']),
      hotspot('Home', 439.15, ['dmr', 'c4fm'], (_, plan) => {
        settingsOf(plan, 'Home').carriage.push({ air: 'c4fm', network: 'dmr', able: true, on: true });
      }),
      want('Rambler', 'Home', group(417)),
      built,
      firstOf('Rambler', { voice: 'wide' }),
    ],
    finds: 'voice-wide-to-bridge',
    mend: 'set',
  },
];
