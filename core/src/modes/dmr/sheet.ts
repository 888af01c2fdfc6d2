/** What a hotspot is set to for DMR: color code, logins, static groups and route rules. */
import type { ModeSheet, SheetLine } from '../../formats/mode-sheet';
import type { NetworkLogin } from '../../plan/modes/dmr/types';
import { rows } from '../../plan/table';
import type { Id, Plan } from '../../plan/types';
import { formatLogin } from './addresses';
import { type DmrNetwork, dmrNetworks } from './networks';
import { radioNumber } from './routes/prefixes';
import { ruleSentence } from './routes/words';

interface StaticGroup {
  number: number;
  onRadio: number | null;
}

function loginSheet(plan: Plan, siteId: Id, network: DmrNetwork, login: NetworkLogin, passwords: boolean) {
  const { dmrId } = plan.station;
  const server = login.serverId === null ? undefined : network.servers.byId[login.serverId];
  return {
    network: network.name,
    enabled: login.enabled,
    server: server?.name ?? null,
    host: server?.host ?? null,
    login: dmrId !== null && login.suffix !== null ? formatLogin(dmrId, login.suffix).replaceAll(' ', '') : null,
    suffix: login.suffix,
    password: passwords ? login.password : null,
    staticGroups: login.staticGroupIds.map((id): StaticGroup => {
      const { number } = network.groups.byId[id]!;
      return { number, onRadio: radioNumber(plan, siteId, network.id, 'group', number) };
    }),
  };
}

const groupWords = ({ number, onRadio }: StaticGroup) =>
  onRadio === null || onRadio === number ? String(number) : `${number} (radio ${onRadio})`;

function loginLines(one: ReturnType<typeof loginSheet>): SheetLine[] {
  return [
    {
      label: one.network,
      text: `${one.enabled ? 'on' : 'off'}, server ${[one.server ?? 'none', one.host].filter(Boolean).join(' ')}`,
    },
    { label: 'Login', text: one.login ?? 'incomplete' },
    { label: 'Password', text: one.password ?? '(left out)' },
    { label: 'Static groups', text: one.staticGroups.map(groupWords).join(', ') || 'none' },
  ];
}

export const sheet: ModeSheet = (plan, site, { dmr }, { passwords }) => {
  const networks = dmrNetworks(plan).flatMap((network) => {
    const login = dmr.logins[network.id];
    return login ? [loginSheet(plan, site.id, network, login, passwords)] : [];
  });
  const rules = rows(dmr.rules).map((rule) => ({
    call: rule.call,
    network: plan.networks.byId[rule.networkId]!.name,
    range: rule.range,
    reply: rule.reply,
    sentence: ruleSentence(plan, rule),
  }));
  const { colorCode } = site.dmr!;
  const selection: SheetLine[] =
    networks.length > 0 ? [{ label: 'Network selection', text: dmr.selection === 'several' ? 'on' : 'off' }] : [];
  return {
    values: { colorCode, networks, routes: { selection: dmr.selection, rules } },
    lines: [
      { label: 'DMR', text: `color code ${colorCode}` },
      ...networks.flatMap(loginLines),
      ...selection,
      ...rules.map((rule, at) => ({
        label: `Rule ${at + 1}`,
        text: `${rule.sentence}${rule.reply ? '' : '; no reply'}`,
      })),
    ],
  };
};
