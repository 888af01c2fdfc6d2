/** Random plans that the schema takes: small, with every kind of entity, and often in disagreement with themselves. */
import fc from 'fast-check';
import { edit } from '../plan/edit';
import { dmrChannels } from '../modes/dmr/channel';
import { carryOut } from '../registries/builder';
import { isDstar } from '../modes/dstar/channel';
import { furnishDstar } from './sample-dstar';
import { furnishP25 } from './sample-p25';
import { furnishRooms, roomAt } from './sample-rooms';
import { removeRow, rows } from '../plan/table';
import { setPair } from '../plan/carriage';
import type { Plan } from '../plan/types';
import { profileOf } from './profile-of';
import { fmChannel, headChannel, repeaterOf, sitesPlan } from './sample-sites';
import { bothNetworks } from './sample-routes';
import { dmrNetwork } from '../modes/dmr/networks';

const frequency = fc.constantFrom(
  439_125_000,
  438_800_000,
  435_500_000,
  145_900_000,
  431_525_000,
  500_000_000,
  147_000_000,
);
/** Names with all that a spreadsheet could trip over. */
export const name = fc
  .oneof(
    fc.constantFrom('=1+1', '+Hask', '-7.6', '@home', "'quoted'", 'a,b;c', 'say "hello"', 'ÆØÅ ünï', '| bar |', 'none'),
    fc.string({ minLength: 1, maxLength: 24 }),
  )
  .map((text) => text.replace(/[\u0000-\u001f\u007f]/g, '').trim())
  .filter((text) => text !== '' && !/[\ud800-\udfff]/u.test(text));

const tone = fc.constantFrom('110.9', '88.5', '110.0', 'D023N', 'D023I', null);

const channelChange = fc.record({
  name,
  rxHz: frequency,
  txHz: frequency,
  power: fc.constantFrom('low' as const, 'high' as const),
  colorCode: fc.integer({ min: 0, max: 15 }),
  slot: fc.constantFrom(1 as const, 2 as const),
  kind: fc.constantFrom('group' as const, 'private' as const),
  number: fc.oneof(fc.constantFrom(417, 588, 591, 9990, 4000), fc.integer({ min: 1, max: 0xfffcdf })),
  admit: fc.constantFrom('always' as const, 'channel-free' as const, 'color-code-free' as const),
  list: fc.boolean(),
  linked: fc.boolean(),
  aimed: fc.boolean(),
});

const changes = fc.record({
  channels: fc.array(fc.option(channelChange, { nil: null }), { minLength: 4, maxLength: 4 }),
  callSign: fc.constantFrom('QO3VES', '', 'qo3'),
  dmrId: fc.constantFrom(9_992_417, null, 12, 8_001_234),
  radioId: fc.constantFrom(9_992_417, null, 9_993_106),
  hearsOwnGroup: fc.boolean(),
  siteHz: frequency,
  siteColorCode: fc.integer({ min: 0, max: 15 }),
  distanceM: fc.constantFrom(0.5, 3, 30),
  dmrOn: fc.boolean(),
  login: fc.constantFrom('whole', 'off', 'gone', 'no suffix', 'no server'),
  bare: fc.boolean(),
  routes: fc.constantFrom(
    'none',
    'planned',
    'shuffled',
    'no private',
    'no catch-all',
    'no reply',
    'first off',
    'selection off',
  ),
  statics: fc.boolean(),
  head: fc.record({
    pair: fc.constantFrom('right', 'swapped', 'no shift', 'elsewhere'),
    slot: fc.constantFrom(1 as const, 2 as const),
    number: fc.constantFrom(417, 588, 591, 599, 4000),
    networkId: fc.constantFrom('n1', null),
    takesOthers: fc.boolean(),
    status: fc.constantFrom('on the air' as const, 'off the air' as const, 'not said' as const),
    confirmedOn: fc.constantFrom('2026-10-12', '2020-01-01', null),
    wide: fc.boolean(),
  }),
  fm: fc.record({
    toneTx: tone,
    toneRx: tone,
    toneIn: tone,
    toneOut: tone,
    widthHz: fc.constantFrom(12_500 as const, 25_000 as const),
    radio: fc.constantFrom('both', 'narrow', 'none', 'no FM'),
    site: fc.boolean(),
  }),
  dstar: fc.record({
    my: fc.constantFrom('QO3VES', 'QO3VES P', '', 'QO4TAM', 'qo3ves', 'QO3 P', 'QO3VESTOR'),
    suffix: fc.constantFrom('HAND', '', 'VESNA', 'é'),
    site: fc.record({
      module: fc.constantFrom('B', 'C', ''),
      families: fc.constantFrom(null, [], ['LNK'], ['WAV', 'SEA']),
      cable: fc.boolean(),
    }),
    start: fc.constantFrom(null, { reflector: 'LNK001', module: 'C' }, { reflector: 'SEA009', module: 'A' }),
    automatic: fc.boolean(),
    gone: fc.constantFrom('none', 'ch-w-lnk-link', 'ch-w-lnk-unlink', 'ch-w-wav-link'),
    channels: fc.array(
      fc.option(
        fc.record({
          ur: fc.constantFrom(
            'CQCQCQ  ',
            'LNK001CL',
            'LNK001C ',
            '       U',
            'U       ',
            '/QO1MRRB',
            'QO4TAM  ',
            'SEA009AL',
            '        ',
          ),
          rpt1: fc.constantFrom('QO3VES B', 'QO1MRR B', 'QO3VESB ', 'QO3VES  ', 'DIRECT  ', '        '),
          rpt2: fc.constantFrom('QO3VES G', 'QO1MRR G', 'QO3VES B', 'DIRECT  ', '        '),
          duplex: fc.boolean(),
          aimed: fc.boolean(),
        }),
        { nil: null },
      ),
      { minLength: 6, maxLength: 11 },
    ),
  }),
  rooms: fc.record({
    callSign: fc.constantFrom('QO3VES', '', 'QO4TAM', 'QO3VES-VESNA', 'QO3VES/M'),
    site: fc.record({
      groupIdIn: fc.constantFrom(0, 5),
      groupIdOut: fc.constantFrom(0, 5),
      voice: fc.constantFrom(null, 'narrow' as const, 'wide' as const),
      networkIds: fc.constantFrom([], ['rm1'], ['rm2'], ['rm1', 'rm2']),
    }),
    mixed: fc.boolean(),
    startRoom: fc.constantFrom(null, 41_205, 52_110, 99_999),
    able: fc.boolean(),
    on: fc.boolean(),
    gone: fc.constantFrom('none', 'ch-w-evening-disconnect', 'ch-w-news-disconnect'),
    channels: fc.array(
      fc.option(
        fc.record({
          voice: fc.constantFrom('narrow' as const, 'wide' as const),
          receive: fc.constantFrom('auto' as const, 'digital' as const, 'analog' as const),
          groupTx: fc.constantFrom(0, 5, 99),
          groupRx: fc.constantFrom(0, 5, 7),
          room: fc.constantFrom('', '41205', '41900', '52110', '99999', '417', '00417', '40000'),
          toneTx: tone,
          toneRx: tone,
          aimed: fc.constantFrom('as built', 'nowhere', 'at DMR'),
        }),
        { nil: null },
      ),
      { minLength: 6, maxLength: 6 },
    ),
  }),
  p25: fc.record({
    unitId: fc.constantFrom(9_992_417, null, 0, 10_000_000, 9_993_106),
    nac: fc.constantFrom(0x293, 0x2a1, 0xf7e, 0xf7f),
    networkIds: fc.constantFrom([], ['p1']),
    unlink: fc.constantFrom(9999, null, 4000),
    startGroup: fc.constantFrom(null, 4170),
    gone: fc.constantFrom('none', 'ch-w-quay-unlink', 'ch-w-all-unlink'),
    channels: fc.array(
      fc.option(
        fc.record({
          nac: fc.constantFrom(0x293, 0x2a1, 0xf7e, 0xf7f),
          nacRx: fc.constantFrom(0x293, 0xf7e, 0x111),
          group: fc.constantFrom(0, 1, 4170, 5880, 9999, 65_535),
          aimed: fc.boolean(),
        }),
        { nil: null },
      ),
      { minLength: 6, maxLength: 6 },
    ),
  }),
});

function disturbRooms(
  plan: Plan,
  { callSign, site, mixed, startRoom, able, on, gone, channels }: Changes['rooms'],
): void {
  plan.radios.byId['r3']!.c4fm!.callSign = callSign;
  const home = plan.sites.byId['s1']!;
  home.c4fm = { ...site, networkIds: [...site.networkIds] };
  setPair(profileOf(plan, 's1'), 'c4fm', 'dmr', { able, on });
  profileOf(plan, 's1').c4fm.startRoom = startRoom;
  if (!mixed) plan.sites.byId['rp5']!.fm = null;
  const targets = { nowhere: null, 'at DMR': { mode: 'dmr', kind: 'group', networkId: 'n1', groupId: 'g1' } } as const;
  rows(plan.codeplugs['r3']!.channels)
    .filter((one) => one.mode === 'c4fm')
    .forEach((channel, at) => {
      const one = channels[at];
      if (!one) return;
      const { aimed, ...fields } = one;
      channel.c4fm = fields;
      if (aimed !== 'as built') channel.destination = targets[aimed];
      if (aimed === 'at DMR') channel.siteId = 's1';
    });
  if (gone !== 'none') removeRow(plan.codeplugs['r3']!.channels, gone);
  // A room of the other network is wanted at the hotspot, now and then.
  if (able && !on) rows(plan.codeplugs['r3']!.channels)[0]!.destination = roomAt('rm2', 'ferry');
}

function disturbP25(plan: Plan, { unitId, nac, networkIds, unlink, startGroup, gone, channels }: Changes['p25']): void {
  plan.radios.byId['r4']!.p25!.unitId = unitId;
  plan.sites.byId['rp6']!.p25 = { nac, networkIds: [...networkIds] };
  profileOf(plan, 's1').p25.startGroup = startGroup;
  const network = plan.networks.byId['p1']!;
  if (network.mode === 'p25') network.special.unlink = unlink;
  rows(plan.codeplugs['r4']!.channels)
    .filter((one) => one.mode === 'p25')
    .forEach((channel, at) => {
      const one = channels[at];
      if (!one) return;
      const { aimed, ...fields } = one;
      channel.p25 = fields;
      if (!aimed) channel.destination = null;
    });
  if (gone !== 'none') removeRow(plan.codeplugs['r4']!.channels, gone);
}

function disturb(plan: Plan, routes: string): void {
  const { rules, logins } = profileOf(plan, 's1').dmr;
  if (routes === 'shuffled') rules.order.unshift(rules.order.pop()!);
  else if (routes === 'no private') removeRow(rules, 'r-n1-private');
  else if (routes === 'no catch-all') removeRow(rules, 'r-n1-rest');
  else if (routes === 'no reply') rules.byId['r-n1-group']!.reply = false;
  else if (routes === 'first off') logins['n1']!.enabled = false;
  else if (routes === 'selection off') profileOf(plan, 's1').dmr.selection = 'one';
}

type Changes = typeof changes extends fc.Arbitrary<infer T> ? T : never;

function disturbRepeaters(plan: Plan, { head, fm }: Pick<Changes, 'head' | 'fm'>): void {
  const channel = headChannel(plan);
  const pairs = {
    right: {},
    swapped: { rxHz: channel.txHz, txHz: channel.rxHz },
    'no shift': { txHz: channel.rxHz },
    elsewhere: { rxHz: 438_000_000 },
  };
  Object.assign(channel, pairs[head.pair]);
  Object.assign(channel.dmr, { slot: head.slot });
  channel.dmr.call.number = head.number;
  const site = repeaterOf(plan, 'rp1');
  Object.assign(site.listing, { status: head.status, confirmedOn: head.confirmedOn });
  Object.assign(site.dmr!.carries!, { networkId: head.networkId, takesOthers: head.takesOthers });
  if (head.wide) dmrNetwork(plan, 'n1')!.groups.byId['g3']!.category = 'world';
  Object.assign(fmChannel(plan).fm, { toneTx: fm.toneTx, toneRx: fm.toneRx, widthHz: fm.widthHz });
  const ellery = repeaterOf(plan, 'rp3');
  if (fm.site) Object.assign(ellery.fm!, { toneIn: fm.toneIn, toneOut: fm.toneOut });
  else ellery.fm = null;
  const radio = plan.radios.byId['r1']!;
  if (fm.radio === 'no FM') radio.fm = null;
  else radio.fm!.widthsHz = fm.radio === 'both' ? [12_500, 25_000] : fm.radio === 'narrow' ? [12_500] : [];
}

function disturbDstar(plan: Plan, { my, suffix, site, start, automatic, gone, channels }: Changes['dstar']): void {
  Object.assign(plan.radios.byId['r2']!.dstar!, { my, suffix });
  Object.assign(plan.sites.byId['s1']!.dstar!, { cable: site.cable, module: site.module });
  plan.sites.byId['rp4']!.dstar!.families = site.families && [...site.families];
  profileOf(plan, 's1').dstar = { startLink: start && { ...start }, automatic };
  rows(plan.codeplugs['r2']!.channels)
    .filter(isDstar)
    .forEach((channel, at) => {
      const one = channels[at];
      if (!one) return;
      const { aimed, ...fields } = one;
      channel.dstar = fields;
      if (!aimed) channel.destination = null;
    });
  if (gone !== 'none') removeRow(plan.codeplugs['r2']!.channels, gone);
}

/** Every mode at once; made once, since every random plan begins with it. */
const BASE = edit(
  edit(sitesPlan(), (plan) => {
    for (const furnish of [furnishDstar, furnishRooms, furnishP25]) furnish(plan);
  }).plan,
  carryOut(() => true),
).plan;

export const arbitraryPlan: fc.Arbitrary<Plan> = changes.map((change) => {
  const recipe = (plan: Plan): void => {
    Object.assign(plan.station, { callSign: change.callSign, dmrId: change.dmrId });
    Object.assign(plan.radios.byId['r1']!.dmr!, { id: change.radioId, hearsOwnGroup: change.hearsOwnGroup });
    Object.assign(plan.sites.byId['s1']!, {
      rxHz: change.siteHz,
      txHz: change.siteHz,
      distanceM: change.distanceM,
      dmr: { colorCode: change.siteColorCode, carries: null },
    });
    const profile = profileOf(plan, 's1');
    setPair(profile, 'dmr', 'dmr', { on: change.dmrOn });
    const login = profile.dmr.logins['n1']!;
    if (change.login === 'gone') profile.dmr.logins = {};
    else if (change.login === 'off') login.enabled = false;
    else if (change.login === 'no suffix') login.suffix = null;
    else if (change.login === 'no server') login.serverId = null;
    dmrChannels(plan.codeplugs['r1']!)
      .slice(0, 4)
      .forEach((channel, at) => {
        const one = change.channels[at];
        if (!one) return;
        Object.assign(channel, {
          name: one.name,
          rxHz: one.rxHz,
          txHz: one.txHz,
          power: one.power,
          siteId: one.linked ? 's1' : null,
        });
        if (!one.aimed) channel.destination = null;
        channel.dmr = {
          colorCode: one.colorCode,
          slot: one.slot,
          call: { kind: one.kind, number: one.number },
          receiveListId: one.list ? 'rl-n1-s1' : null,
          admit: one.admit,
        };
      });
    disturbRepeaters(plan, change);
    disturbDstar(plan, change.dstar);
    disturbRooms(plan, change.rooms);
    disturbP25(plan, change.p25);
    if (change.bare) plan.codeplugs['r1']!.zones = { byId: {}, order: [] };
  };
  const routed = (plan: Plan): void => {
    const login = profileOf(plan, 's1').dmr.logins['n1'];
    if (change.statics && login) login.staticGroupIds = ['g1', 'g2'];
    if (change.routes === 'none' || !login?.enabled) return;
    bothNetworks(plan);
    disturb(plan, change.routes);
  };
  return edit(edit(BASE, recipe).plan, routed).plan;
});
