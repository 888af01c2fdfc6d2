import type { OfferSetting } from '../../builder/types';
import { newLogin } from '../../plan/modes/dmr/blanks';
import { editProfile, effectiveProfile } from '../../plan/profiles';
import { hotspotsOf } from '../../plan/sites';
import { rows } from '../../plan/table';
import type { Destination, Gap, Id, Plan } from '../../plan/types';
import type { PathContext } from '../../path/types';
import type { NetworkLogin } from '../../plan/modes/dmr/types';
import { isStationId } from './addresses';
import { SUFFIX_MAX, SUFFIX_MIN } from '../../plan/modes/dmr/limits';
import { networkIdOf } from '../../plan/networks';
import { type DmrNetwork, dmrNetwork, dmrNetworks } from './networks';

/** The login that a channel's call leaves by; `null` when it leaves by none. */
export function loginOf({ profile, arrives }: Pick<PathContext<'dmr'>, 'profile' | 'arrives'>): NetworkLogin | null {
  return arrives && arrives.networkId !== null ? (profile?.dmr.logins[arrives.networkId] ?? null) : null;
}

/** The ends of a direct link: hotspots whose running profile has it on, with the secret that each has. */
function endsOf(plan: Plan, networkId: Id): { siteId: Id; secret: string }[] {
  return hotspotsOf(plan).flatMap(({ id }) => {
    const login = effectiveProfile(plan, id)?.dmr.logins[networkId];
    return login?.enabled ? [{ siteId: id, secret: login.password }] : [];
  });
}

/**
 * What a hotspot's end of a direct link still lacks: where to connect, somebody who listens, one secret at both ends.
 */
function directGaps(plan: Plan, siteId: Id, { id, direct }: DmrNetwork, login: NetworkLogin): Gap[] {
  const { listensSiteId, address, port, many } = direct!;
  const gaps: Gap[] = [];
  if (!login.enabled) gaps.push('enabled');
  if (login.password === '') gaps.push('password');
  if (listensSiteId !== siteId && address === '') gaps.push('address');
  if (port === null) gaps.push('port');
  const ends = endsOf(plan, id);
  const listener = ends.find((one) => one.siteId === listensSiteId);
  if (listensSiteId !== null && !listener) gaps.push('other-end');
  // Of somebody else's end nothing is known; of one's own both ends are.
  const own = siteId === listensSiteId ? ends : listener ? [listener] : [];
  if (login.password !== '' && own.some(({ secret }) => secret !== '' && secret !== login.password))
    gaps.push('same-secret');
  if (!many && ends.filter((one) => one.siteId !== listensSiteId).length > 1) gaps.push('one-only');
  return gaps;
}

/** What the login of a hotspot to a network still lacks. The suffix has a check of its own. */
export function loginGaps(plan: Plan, siteId: Id, networkId: Id | null, login: NetworkLogin | null): Gap[] {
  if (!login) return ['network'];
  const network = networkId === null ? undefined : dmrNetwork(plan, networkId);
  if (network?.direct) return directGaps(plan, siteId, network, login);
  const { dmrId } = plan.station;
  const gaps: Gap[] = [];
  if (!login.enabled) gaps.push('enabled');
  if (login.serverId === null) gaps.push('server');
  if (login.password === '') gaps.push('password');
  if (dmrId === null || !isStationId(dmrId)) gaps.push('own-id');
  return gaps;
}

/** The lowest suffix that no other hotspot of the plan uses on any network; `null` when all 99 are taken. */
export function freeSuffix(plan: Plan, siteId: Id): number | null {
  const taken = new Set<number>();
  for (const { id } of hotspotsOf(plan)) {
    if (id === siteId) continue;
    for (const login of Object.values(effectiveProfile(plan, id)!.dmr.logins))
      if (login.suffix !== null) taken.add(login.suffix);
  }
  for (let suffix = SUFFIX_MIN; suffix <= SUFFIX_MAX; suffix += 1) if (!taken.has(suffix)) return suffix;
  return null;
}

/**
 * The server that lost the fewest probes, of those the one with the least delay; else the first. `null` when the
 * network has none.
 */
export function bestServer(network: DmrNetwork): Id | null {
  const servers = rows(network.servers);
  const measured = servers
    .filter((one) => one.delay !== null)
    .sort((a, b) => a.delay!.lost - b.delay!.lost || a.delay!.medianMs - b.delay!.medianMs);
  return (measured[0] ?? servers[0])?.id ?? null;
}

/** Sets the server and suffix that a login lacks. */
export function fillLogin(plan: Plan, siteId: Id, network: DmrNetwork, login: NetworkLogin): void {
  login.serverId ??= bestServer(network);
  login.suffix ??= suffixFor(plan, siteId);
}

/** A hotspot is known to all its networks by one suffix. */
function suffixFor(plan: Plan, siteId: Id): number | null {
  return (
    Object.values(effectiveProfile(plan, siteId)!.dmr.logins).find((one) => one.suffix !== null)?.suffix ??
    freeSuffix(plan, siteId)
  );
}

/**
 * What the builder sets for the networks that wants reach through a hotspot: login on, a server, a suffix of its own.
 */
export function buildLogins(plan: Plan, siteId: Id, wanted: readonly Destination[], offer: OfferSetting): void {
  const ids = new Set(wanted.map(networkIdOf));
  for (const network of dmrNetworks(plan)) if (ids.has(network.id)) buildLogin(plan, siteId, network, offer);
}

function buildLogin(plan: Plan, siteId: Id, network: DmrNetwork, offer: OfferSetting): void {
  const logins = () => effectiveProfile(plan, siteId)!.dmr.logins;
  const change = (recipe: (login: NetworkLogin) => void) => () =>
    editProfile(plan, siteId, ({ dmr }) => recipe((dmr.logins[network.id] ??= newLogin())));
  if (
    !logins()[network.id] &&
    !offer(
      `${network.name}: login`,
      'none',
      'on',
      change(() => undefined),
    )
  )
    return;
  const { enabled, serverId, suffix } = logins()[network.id]!;
  if (!enabled)
    offer(
      `${network.name}: login`,
      'off',
      'on',
      change((login) => (login.enabled = true)),
      true,
    );
  // The ends of a direct link have neither server nor suffix.
  if (network.direct) return;
  const best = bestServer(network);
  if (serverId === null && best !== null)
    offer(
      `${network.name}: server`,
      'none',
      network.servers.byId[best]!.name,
      change((login) => (login.serverId = best)),
    );
  const free = suffixFor(plan, siteId);
  if (suffix === null && free !== null)
    offer(
      `${network.name}: suffix`,
      'none',
      String(free).padStart(2, '0'),
      change((login) => (login.suffix = free)),
    );
}
