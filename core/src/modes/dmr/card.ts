/** What is called in DMR, by network and hotspot, with the number on the radio. */
import type { ModeCard } from '../../card/mode-card';
import { SPECIAL_NAMES } from '../../plan/modes/dmr/limits';
import type { SpecialNumber, TalkGroup } from '../../plan/modes/dmr/types';
import { effectiveProfile } from '../../plan/profiles';
import { hotspotsOf } from '../../plan/sites';
import { rows } from '../../plan/table';
import type { Plan, Site } from '../../plan/types';
import { formatId } from './addresses';
import { type DmrNetwork, dmrNetworks } from './networks';
import { SPECIAL_TITLES } from './links';
import { radioNumber } from './routes/prefixes';

/** The groups that are wanted through a site, in the order of the network's list. */
function wantedGroups(plan: Plan, network: DmrNetwork, site: Site): TalkGroup[] {
  const wanted = new Set(
    rows(plan.wants).flatMap(({ siteId, destination: to }) =>
      siteId === site.id && to.mode === 'dmr' && to.kind === 'group' && to.networkId === network.id ? [to.groupId] : [],
    ),
  );
  return rows(network.groups).filter((group) => wanted.has(group.id));
}

/** The IDs that are called privately through a site. */
function wantedStations(plan: Plan, network: DmrNetwork, site: Site): number[] {
  const wanted = rows(plan.wants).flatMap(({ siteId, destination: to }) =>
    siteId === site.id && to.mode === 'dmr' && to.kind === 'station' && to.networkId === network.id ? [to.number] : [],
  );
  return [...new Set(wanted)];
}

function section(plan: Plan, network: DmrNetwork, site: Site): ReturnType<ModeCard>[number] {
  const onRadio = ({ number, kind }: SpecialNumber) => radioNumber(plan, site.id, network.id, kind, number) ?? number;
  // Position reports are sent by the radio itself.
  const lines = SPECIAL_NAMES.filter((special) => special !== 'position').flatMap((special) => {
    const known = network.special[special];
    return known
      ? [{ enter: `${known.kind} ${onRadio(known)}`, name: SPECIAL_TITLES[special], note: `through ${site.name}` }]
      : [];
  });
  const groups = wantedGroups(plan, network, site).map(({ number, name }) => ({
    enter: `group ${onRadio({ number, kind: 'group' })}`,
    name,
    note: `through ${site.name}`,
  }));
  const stations = wantedStations(plan, network, site).map((number) => ({
    enter: `private ${onRadio({ number, kind: 'private' })}`,
    name: `Station ${formatId(number)}`,
    note: `through ${site.name}`,
  }));
  const { unlink } = network.special;
  const timer = `a dynamic group is dropped after ${network.dynamicTimerMin} min`;
  return {
    title: network.name,
    lines: [...groups, ...stations, ...lines],
    out: unlink
      ? `To leave, make a ${unlink.kind} call to ${onRadio(unlink)}; ${timer} anyway.`
      : `A${timer.slice(1)}.`,
  };
}

export const card: ModeCard = (plan) =>
  dmrNetworks(plan).flatMap((network) => {
    const sites = hotspotsOf(plan).filter((site) => effectiveProfile(plan, site.id)!.dmr.logins[network.id]?.enabled);
    return sites.map((site) => section(plan, network, site));
  });
