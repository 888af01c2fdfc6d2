/** A hotspot's settings as JSON of our own (docs/formats.md): names instead of keys, so that it reads without the plan. */
import { formatLogin } from '../modes/dmr/addresses';
import { radioNumber } from '../modes/dmr/routes/prefixes';
import { ruleSentence } from '../modes/dmr/routes/words';
import type { RouteRule, RuleRange } from '../modes/dmr/types';
import { rows } from '../plan/table';
import type { CallKind, Id, Plan } from '../plan/types';
import { dmrNetworks } from '../modes/dmr/networks';
import { groupIdText, roomDigits } from '../modes/c4fm/rooms';
import { reflectorWords } from '../modes/dstar/links';
import { nacText } from '../modes/p25/addresses';
import { crossingWords } from '../path/crossing';

export interface ProfileSheet {
  format: 'yellow-relay-hotspot';
  formatVersion: 4;
  hotspot: string;
  callSign: string;
  receiveHz: number;
  transmitHz: number;
  dmr: { enabled: boolean; colorCode: number | null };
  dstar: { enabled: boolean; callSign: string; module: string; startLink: string | null; automatic: boolean } | null;
  c4fm: { enabled: boolean; groupId: string; networks: string[]; startRoom: string | null } | null;
  p25: { enabled: boolean; nac: string; networks: string[]; startGroup: number | null } | null;
  /** Such as `C4FM to DMR`: those that are on. */
  crossings: string[];
  networks: { network: string; enabled: boolean; server: string | null; host: string | null; login: string | null; suffix: number | null; password: string | null; staticGroups: { number: number; onRadio: number | null }[] }[];
  routes: { selection: 'one' | 'several'; rules: RuleSheet[] };
  standby: boolean;
  location: { lat: number; lon: number; publish: boolean } | null;
}

/** One route rule, in order; a catch-all has no range. */
export interface RuleSheet {
  call: CallKind;
  network: string;
  range: RuleRange | null;
  reply: boolean;
  /** The rule in words. */
  sentence: string;
}

function ruleSheet(plan: Plan, rule: RouteRule): RuleSheet {
  return { call: rule.call, network: plan.networks.byId[rule.networkId]!.name, range: rule.range, reply: rule.reply, sentence: ruleSentence(plan, rule) };
}

const namesOf = (plan: Plan, ids: readonly Id[]): string[] => ids.map((id) => plan.networks.byId[id]!.name);

/** Everything that is to be set on a hotspot. `passwords: false` leaves them `null`. @throws Error for an unknown site */
export function profileSheet(plan: Plan, siteId: Id, options: { passwords: boolean }): ProfileSheet {
  const site = plan.sites.byId[siteId];
  const profile = plan.profiles[siteId];
  if (!site || !profile) throw new Error(`The plan has no hotspot “${siteId}”.`);
  const { callSign, dmrId } = plan.station;
  return {
    format: 'yellow-relay-hotspot',
    formatVersion: 4,
    hotspot: site.name,
    callSign,
    receiveHz: site.rxHz,
    transmitHz: site.txHz,
    dmr: { enabled: profile.modes.dmr, colorCode: site.dmr?.colorCode ?? null },
    dstar: site.dstar && { enabled: profile.modes.dstar, callSign: site.dstar.callSign, module: site.dstar.module, startLink: profile.dstar.startLink && reflectorWords(profile.dstar.startLink), automatic: profile.dstar.automatic },
    c4fm: site.c4fm && { enabled: profile.modes.c4fm, groupId: groupIdText(site.c4fm.groupIdIn), networks: namesOf(plan, site.c4fm.networkIds), startRoom: profile.c4fm.startRoom === null ? null : roomDigits(profile.c4fm.startRoom) },
    p25: site.p25 && { enabled: profile.modes.p25, nac: nacText(site.p25.nac), networks: namesOf(plan, site.p25.networkIds), startGroup: profile.p25.startGroup },
    crossings: profile.crossings.map(crossingWords),
    networks: dmrNetworks(plan).flatMap((network) => {
      const login = profile.dmr.logins[network.id];
      if (!login) return [];
      const server = login.serverId === null ? undefined : network.servers.byId[login.serverId];
      return [
        {
          network: network.name,
          enabled: login.enabled,
          server: server?.name ?? null,
          host: server?.host ?? null,
          login: dmrId !== null && login.suffix !== null ? formatLogin(dmrId, login.suffix).replaceAll(' ', '') : null,
          suffix: login.suffix,
          password: options.passwords ? login.password : null,
          staticGroups: login.staticGroupIds.map((id) => {
            const { number } = network.groups.byId[id]!;
            return { number, onRadio: radioNumber(plan, siteId, network.id, 'group', number) };
          }),
        },
      ];
    }),
    routes: { selection: profile.dmr.selection, rules: rows(profile.dmr.rules).map((rule) => ruleSheet(plan, rule)) },
    standby: profile.standby,
    location: profile.location,
  };
}

export function writeProfile(plan: Plan, siteId: Id, options: { passwords: boolean }): string {
  return `${JSON.stringify(profileSheet(plan, siteId, options), null, 2)}\n`;
}
