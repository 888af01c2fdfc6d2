import type { OfferSetting } from '../../build/types';
import { newLogin } from '../../plan/create';
import { rows } from '../../plan/table';
import type { Id, Network, NetworkLogin, Plan } from '../../plan/types';
import { isStationId } from './addresses';
import { SUFFIX_MAX, SUFFIX_MIN } from './limits';

/** What a login still lacks, in the words of the settings page. The suffix has a check of its own. */
export function loginGaps(login: NetworkLogin | null, dmrId: number | null): string[] {
  if (!login) return ['network'];
  const gaps: string[] = [];
  if (!login.enabled) gaps.push('enabled');
  if (login.serverId === null) gaps.push('server');
  if (login.password === '') gaps.push('password');
  if (dmrId === null || !isStationId(dmrId)) gaps.push('DMR ID');
  return gaps;
}

/** The lowest suffix that no other hotspot of the plan uses on any network; `null` when all 99 are taken. */
export function freeSuffix(plan: Plan, siteId: Id): number | null {
  const taken = new Set<number>();
  for (const [otherId, profile] of Object.entries(plan.profiles)) {
    if (otherId === siteId) continue;
    for (const login of Object.values(profile.logins)) if (login.suffix !== null) taken.add(login.suffix);
  }
  for (let suffix = SUFFIX_MIN; suffix <= SUFFIX_MAX; suffix += 1) if (!taken.has(suffix)) return suffix;
  return null;
}

/** What the builder sets for a network that wants reach through a hotspot: login on, a server, a suffix of its own. */
export function buildLogin(plan: Plan, siteId: Id, network: Network, offer: OfferSetting): void {
  const profile = plan.profiles[siteId]!;
  if (!profile.logins[network.id] && !offer(`${network.name}: login`, 'none', 'on', () => (profile.logins[network.id] = newLogin()))) return;
  const login = profile.logins[network.id]!;
  if (!login.enabled) offer(`${network.name}: login`, 'off', 'on', () => (login.enabled = true), true);
  const server = rows(network.servers)[0];
  if (login.serverId === null && server) offer(`${network.name}: server`, 'none', server.name, () => (login.serverId = server.id));
  const suffix = Object.values(profile.logins).find((one) => one.suffix !== null)?.suffix ?? freeSuffix(plan, siteId);
  if (login.suffix === null && suffix !== null) offer(`${network.name}: suffix`, 'none', String(suffix).padStart(2, '0'), () => (login.suffix = suffix));
}
