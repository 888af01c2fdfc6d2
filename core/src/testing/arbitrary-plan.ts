/** Random plans that the schema takes: small, with every kind of entity, and often in disagreement with themselves. */
import fc from 'fast-check';
import { edit } from '../plan/edit';
import { removeRow, rows } from '../plan/table';
import type { Plan } from '../plan/types';
import { samplePlan } from './sample-plan';
import { bothNetworks } from './sample-routes';

const frequency = fc.constantFrom(439_125_000, 438_800_000, 435_500_000, 145_900_000, 431_525_000, 500_000_000, 147_000_000);
/** Names with all that a spreadsheet could trip over. */
export const name = fc
  .oneof(fc.constantFrom('=1+1', '+Hask', '-7.6', '@home', "'quoted'", 'a,b;c', 'say "hello"', 'ÆØÅ ünï', '| bar |', 'none'), fc.string({ minLength: 1, maxLength: 24 }))
  .map((text) => text.replace(/[\u0000-\u001f\u007f]/g, '').trim())
  .filter((text) => text !== '' && !/[\ud800-\udfff]/u.test(text));

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
  routes: fc.constantFrom('none', 'planned', 'shuffled', 'no private', 'no catch-all', 'no reply', 'first off', 'selection off'),
  statics: fc.boolean(),
});

function disturb(plan: Plan, routes: string): void {
  const { rules, logins } = plan.profiles['s1']!.dmr;
  if (routes === 'shuffled') rules.order.unshift(rules.order.pop()!);
  else if (routes === 'no private') removeRow(rules, 'r-n1-private');
  else if (routes === 'no catch-all') removeRow(rules, 'r-n1-rest');
  else if (routes === 'no reply') rules.byId['r-n1-group']!.reply = false;
  else if (routes === 'first off') logins['n1']!.enabled = false;
  else if (routes === 'selection off') plan.profiles['s1']!.dmr.selection = 'one';
}


export const arbitraryPlan: fc.Arbitrary<Plan> = changes.map((change) => {
  const recipe = (plan: Plan): void => {
    Object.assign(plan.station, { callSign: change.callSign, dmrId: change.dmrId });
    Object.assign(plan.radios.byId['r1']!.dmr!, { id: change.radioId, hearsOwnGroup: change.hearsOwnGroup });
    Object.assign(plan.sites.byId['s1']!, { rxHz: change.siteHz, txHz: change.siteHz, distanceM: change.distanceM, dmr: { colorCode: change.siteColorCode } });
    const profile = plan.profiles['s1']!;
    profile.modes.dmr = change.dmrOn;
    const login = profile.dmr.logins['n1']!;
    if (change.login === 'gone') profile.dmr.logins = {};
    else if (change.login === 'off') login.enabled = false;
    else if (change.login === 'no suffix') login.suffix = null;
    else if (change.login === 'no server') login.serverId = null;
    rows(plan.codeplugs['r1']!.channels).forEach((channel, at) => {
      const one = change.channels[at];
      if (!one) return;
      Object.assign(channel, { name: one.name, rxHz: one.rxHz, txHz: one.txHz, power: one.power, siteId: one.linked ? 's1' : null });
      if (!one.aimed) channel.destination = null;
      channel.dmr = { colorCode: one.colorCode, slot: one.slot, call: { kind: one.kind, number: one.number }, receiveListId: one.list ? 'rl-n1-s1' : null, admit: one.admit };
    });
    if (change.bare) plan.codeplugs['r1']!.zones = { byId: {}, order: [] };
  };
  const routed = (plan: Plan): void => {
    if (change.statics && plan.profiles['s1']!.dmr.logins['n1']) plan.profiles['s1']!.dmr.logins['n1'].staticGroupIds = ['g1', 'g2'];
    if (change.routes === 'none' || !plan.profiles['s1']!.dmr.logins['n1']?.enabled) return;
    bothNetworks(plan);
    disturb(plan, change.routes);
  };
  return edit(edit(samplePlan(), recipe).plan, routed).plan;
});
