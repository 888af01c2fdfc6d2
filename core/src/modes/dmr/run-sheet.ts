/**
 * What is to be set for DMR, and one network tried after the other. The order is common practice: one network, test,
 * the next.
 */
import type { PlanIndex } from '../../path/types';
import { networkIdOf, networkName } from '../../plan/networks';
import { hotspotsOf } from '../../plan/sites';
import { rows } from '../../plan/table';
import type { Site } from '../../plan/types';
import type { Step } from '../../run-sheet/step';
import type { ModeRunSheet } from '../../run-sheet/mode-run-sheet';
import { formatId } from './addresses';
import { isDmrPath } from './channel';
import { type DmrNetwork, dmrNetworks, needsDmrId } from './networks';
import { ruleSentence, ruleWords } from './routes/words';

/** One network at a time: the next is added only when the one before was heard to work. */
function steps(index: PlanIndex): Step[] {
  const { plan } = index;
  return hotspotsOf(plan).flatMap((site): Step[] => {
    const profile = index.profile(site.id)!;
    const { dmr } = profile;
    const networks = dmrNetworks(plan).filter((network) => dmr.logins[network.id]?.enabled);
    return networks.flatMap((network, at): Step[] => {
      const login = dmr.logins[network.id]!;
      const server = login.serverId === null ? undefined : network.servers.byId[login.serverId];
      const rules = rows(dmr.rules).filter((rule) => rule.networkId === network.id);
      const { direct } = network;
      const reach = [direct?.address || 'address not said', direct?.port ?? 'port not said'].join(', port ');
      const todo = [
        direct
          ? direct.listensSiteId === site.id
            ? `It listens on port ${direct.port ?? 'not said yet'} for ${direct.many ? 'several hotspots' : 'one other hotspot'}; open that port to them only, and enter the shared secret.`
            : `It connects to ${reach}; enter the shared secret of the other end.`
          : `Server ${server ? `${server.name}, ${server.host}` : 'not chosen yet'}; suffix ${login.suffix === null ? 'not set yet' : String(login.suffix).padStart(2, '0')}; the password of your account there.`,
      ];
      if (dmr.selection === 'several') {
        if (at === 0) todo.push('Switch network selection on.');
        todo.push(...rules.map((rule) => `Enter ${ruleWords(profile, rule)}: ${ruleSentence(plan, rule)}.`));
        if (networks.length > 1) todo.push('Keep the rules in the order of their numbers, the catch-all last.');
      }
      return [
        {
          id: `login-${site.id}-${network.id}`,
          siteId: site.id,
          title:
            at === 0
              ? `Log ${site.name} in to ${network.name}${networks.length > 1 ? ', alone' : ''}`
              : `Add ${network.name} to ${site.name}`,
          todo,
          proof: `The hotspot’s page shows ${network.name} connected, and stays so for a minute.`,
        },
        testStep(index, site, network, networks[at + 1]),
      ];
    });
  });
}

/** The number on the hotspot’s own page and the one on the network. */
function shownNumbers(onRadio: number, there: number, networkName: string): string {
  return onRadio === there
    ? ` The hotspot’s page and ${networkName} both show ${onRadio}.`
    : ` The hotspot’s page shows ${onRadio}; at ${networkName} that is ${there}.`;
}

function testStep(index: PlanIndex, site: Site, network: DmrNetwork, next: DmrNetwork | undefined): Step {
  const { plan } = index;
  const through = index
    .paths()
    .map(({ context }) => context)
    .filter((context) => context.site?.id === site.id && networkIdOf(context.channel.destination) === network.id)
    .filter(isDmrPath);
  const echo = through.find(
    ({ channel }) =>
      channel.destination?.mode === 'dmr' &&
      channel.destination.kind === 'special' &&
      channel.destination.special === 'echo',
  );
  const first = through.find(({ channel }) => channel.destination?.kind === 'group')?.channel;
  const numbers = echo?.arrives
    ? shownNumbers(echo.channel.dmr.call.number, echo.arrives.number, networkName(plan, echo.arrives.networkId))
    : '';
  return {
    id: `echo-${site.id}-${network.id}`,
    siteId: site.id,
    title: `Test ${network.name} through ${site.name}${next ? ` before you add ${next.name}` : ''}`,
    todo: [
      'Use low power near the hotspot, keep the aerial away from head and eyes, and never program a radio while driving.',
      echo
        ? `Select ${echo.channel.name} on ${echo.radio.name}, key up, say your call sign and a few words, let go.`
        : `Add an echo channel of ${network.name} under Wants: it tests the path without bothering anyone.`,
      ...(first ? [`Then select ${first.name}; listen first, leave a second or two between overs.`] : []),
    ],
    proof: `Your own words come back within a few seconds, clear.${numbers}`,
  };
}

export const runSheet: ModeRunSheet = {
  identity(plan) {
    const { dmrId } = plan.station;
    if (dmrId === null) return needsDmrId(plan) ? 'DMR ID not entered yet' : '';
    return `DMR ID ${formatId(dmrId)}`;
  },
  hotspot: (_plan, { dmr }) => (dmr ? [`Color code ${dmr.colorCode}.`] : []),
  radio: (_plan, { dmr }) => (dmr ? [`Set its own ID to ${dmr.id === null ? 'your DMR ID' : formatId(dmr.id)}.`] : []),
  steps,
};
