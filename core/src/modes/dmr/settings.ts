/**
 * What a hotspot is set to for DMR: color code, network selection, logins, static groups. Route rules are a table of
 * their own.
 */
import type { NetworkLogin, RouteRule } from '../../plan/modes/dmr/types';
import { COLOR_CODE_MAX, SUFFIX_MAX, SUFFIX_MIN } from '../../plan/modes/dmr/limits';
import { newLogin } from '../../plan/modes/dmr/blanks';
import { rows, tableOf } from '../../plan/table';
import type { Plan } from '../../plan/types';
import { atSite, inProfile } from '../../settings/make';
import type { ModeSettings, ProfileSpec, Setting, SettingsOf, SettingValue } from '../../settings/setting';
import { type DmrNetwork, dmrNetworks } from './networks';
import { ruleSentence } from './routes/words';

type LoginSpec = Pick<
  ProfileSpec,
  'title' | 'kind' | 'range' | 'mayLack' | 'length' | 'options' | 'lackWords' | 'words' | 'terms'
> & {
  key: keyof NetworkLogin;
  get(login: NetworkLogin): SettingValue;
  set(login: NetworkLogin, value: never): void;
};

function loginSettings(of: SettingsOf, network: DmrNetwork): Setting[] {
  const one = ({ key, get, set, title, ...spec }: LoginSpec): Setting =>
    inProfile(of, {
      ...spec,
      id: `dmr-${network.id}-${key}`,
      section: 'networks',
      title: `${network.name}: ${title}`,
      path: ['dmr', 'logins', network.id, key],
      get: ({ dmr }) => get(dmr.logins[network.id]!),
      set: ({ dmr }, value: never) => set((dmr.logins[network.id] ??= newLogin()), value),
    });
  const numberOf = (id: string) => network.groups.byId[id]!.number;
  const servers = rows(network.servers);
  const ofNetworks = ['serverId', 'suffix'];
  const NAME = network.name.toLowerCase().split(/[^a-z0-9]+/);
  /** By its own name, or as the network of DMR where it is the one that is logged in to. */
  const isOnly = Object.entries(of.values.dmr.logins).every(([id, login]) => (id === network.id) === login.enabled);
  const NETWORK = isOnly ? ['dmr', ...NAME] : NAME;
  const all = [
    one({
      key: 'enabled',
      terms: [NAME, ['enable', 'on']],
      title: 'log in',
      kind: 'switch',
      get: ({ enabled }) => enabled,
      set: (login, on: boolean) => void (login.enabled = on),
    }),
    one({
      key: 'serverId',
      terms: [NETWORK, ['address', 'master']],
      title: 'server',
      kind: 'choice',
      mayLack: true,
      lackWords: 'none',
      options: servers.map((server) => ({ value: server.host, label: server.host || server.name })),
      get: ({ serverId }) => (serverId === null ? null : (network.servers.byId[serverId]?.host ?? null)),
      set: (login, host: string | null) =>
        void (login.serverId = servers.find((server) => server.host === host)?.id ?? null),
      words: 'address master',
    }),
    one({
      key: 'suffix',
      terms: isOnly ? [['suffix']] : [NAME, ['suffix']],
      title: 'suffix',
      kind: 'number',
      range: [SUFFIX_MIN, SUFFIX_MAX],
      mayLack: true,
      get: ({ suffix }) => suffix,
      set: (login, suffix: number | null) => void (login.suffix = suffix),
    }),
    one({
      key: 'password',
      terms: [NETWORK, ['password']],
      title: 'password',
      kind: 'secret',
      length: 200,
      get: ({ password }) => password,
      set: (login, password: string) => void (login.password = password),
    }),
    one({
      key: 'staticGroupIds',
      terms: [...(isOnly ? [] : [NAME]), ['static', 'group'], ['group', 'static']],
      title: 'static groups',
      kind: 'numbers',
      mayLack: true,
      get: ({ staticGroupIds }) => staticGroupIds.map(numberOf),
      // A number that is no group of the network cannot be bound there.
      set: (login, numbers: readonly number[]) =>
        void (login.staticGroupIds = numbers.flatMap(
          (number) => rows(network.groups).find((group) => group.number === number)?.id ?? [],
        )),
    }),
  ];
  // The ends of a direct link have neither server nor suffix.
  return network.direct ? all.filter(({ path }) => !ofNetworks.includes(String(path?.at(-1)))) : all;
}

const isSlot = (value: unknown) => value === 1 || value === 2;

function isRule(plan: Plan, { id, networkId, call, range, reply }: Partial<RouteRule>): boolean {
  const numbers = range && [range.first, range.networkFirst, range.count];
  return (
    typeof id === 'string' &&
    typeof networkId === 'string' &&
    plan.networks.byId[networkId]?.mode === 'dmr' &&
    (call === 'group' || call === 'private') &&
    typeof reply === 'boolean' &&
    (range === null ||
      (range !== undefined &&
        isSlot(range.slot) &&
        isSlot(range.networkSlot) &&
        numbers!.every((one) => Number.isInteger(one) && one > 0)))
  );
}

export const settings: ModeSettings = (of) => {
  const { plan, site, values } = of;
  return [
    atSite({
      id: 'dmr-id',
      section: 'identity',
      title: 'DMR ID',
      kind: 'number',
      range: [0, 999_999_999],
      mayLack: true,
      terms: [['id']],
      value: plan.station.dmrId,
      set: (draft, value: number | null) => void (draft.station.dmrId = value),
    }),
    atSite({
      id: 'dmr-color-code',
      terms: [['color'], ['code']],
      section: 'modes',
      title: 'Color code',
      kind: 'number',
      range: [0, COLOR_CODE_MAX],
      mayLack: true,
      value: site.dmr!.colorCode,
      set: (draft, value: number | null) => void (draft.sites.byId[site.id]!.dmr!.colorCode = value),
    }),
    inProfile(of, {
      id: 'dmr-selection',
      section: 'networks',
      title: 'DMR network selection',
      kind: 'switch',
      path: ['dmr', 'selection'],
      get: ({ dmr }) => dmr.selection === 'several',
      set: ({ dmr }, on: boolean) => void (dmr.selection = on ? 'several' : 'one'),
    }),
    inProfile(of, {
      id: 'dmr-rules',
      section: 'networks',
      title: 'Rule',
      kind: 'rows',
      path: ['dmr', 'rules'],
      lines: rows(values.dmr.rules).map((rule) => `${ruleSentence(plan, rule)}${rule.reply ? '' : '; no reply'}`),
      isRow: (row) => isRule(plan, row as Partial<RouteRule>),
      get: ({ dmr }) => rows(dmr.rules),
      set: ({ dmr }, rules: readonly RouteRule[]) => void (dmr.rules = tableOf(rules)),
    }),
    ...dmrNetworks(plan)
      .filter((network) => values.dmr.logins[network.id])
      .flatMap((network) => loginSettings(of, network)),
  ];
};
