/** The ordered steps to carry a plan out. The order is common practice: identity, back-up, radio, one network, test, the next network, test. */
import { reprogramming } from '../compare/written';
import { formatId } from '../modes/dmr/addresses';
import { ruleSentence, ruleWords } from '../modes/dmr/routes/words';
import type { PlanIndex } from '../path/plan-index';
import { rows } from '../plan/table';
import type { Network, Plan, Site } from '../plan/types';
import { formatMHz } from '../radio-math/quantities';

export interface Step {
  id: string;
  title: string;
  /** What to do. */
  todo: string[];
  /** How to see that it worked. */
  proof: string;
}

/** `12 channels, 12 contacts and 1 receive list`; what there is none of is left out. */
function listed(counts: readonly [number, string][]): string {
  const words = counts.filter(([count]) => count > 0).map(([count, what]) => `${count} ${what}${count === 1 ? '' : 's'}`);
  return words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}

function hotspotSteps(plan: Plan): Step[] {
  return rows(plan.sites).map((site) => ({
    id: `hotspot-${site.id}`,
    title: `Set up hotspot ${site.name}`,
    todo: [
      'Save a copy of its present settings or its card first.',
      'Change the default password of its settings page; keep the page off the open internet.',
      `Set receive and transmit to ${formatMHz(site.rxHz)} MHz${site.dmr ? `, color code ${site.dmr.colorCode}` : ''}. Transmit only where your licence and your national rules allow.`,
      'Apply the settings section by section; give it about 70 s to start again.',
    ],
    proof: 'Its settings page shows the frequency and the mode you set.',
  }));
}

function radioSteps(index: PlanIndex): Step[] {
  const { plan } = index;
  return rows(plan.radios).flatMap((radio): Step[] => {
    const codeplug = plan.codeplugs[radio.id]!;
    if (codeplug.channels.order.length === 0) return [];
    const changes = reprogramming(index, radio.id);
    const written = plan.written[radio.id];
    const enter = written
      ? changes
        ? `Enter what changed since it was last written: ${listed([[changes.channels.length, 'channel'], [changes.contacts.length, 'contact'], [changes.receiveLists.length, 'receive list'], [changes.zones.length, 'zone']])}; the list says which.`
        : 'Nothing: it holds what is planned.'
      : `Enter ${listed([[codeplug.contacts.order.length, 'contact'], [codeplug.receiveLists.order.length, 'receive list'], [codeplug.channels.order.length, 'channel'], [codeplug.zones.order.length, 'zone']])} from its table.`;
    return [
      {
        id: `radio-${radio.id}`,
        title: `Write ${radio.name}`,
        todo: ['Read the radio and keep the file: it is the way back.', `Set its own ID to ${radio.dmr?.id == null ? 'your DMR ID' : formatId(radio.dmr.id)}.`, enter],
        proof: 'Reading it back gives the same table. Then mark it as written here.',
      },
    ];
  });
}

/** One network at a time: the next is added only when the one before was heard to work. */
function networkSteps(index: PlanIndex): Step[] {
  const { plan } = index;
  return rows(plan.sites).flatMap((site): Step[] => {
    const { dmr } = plan.profiles[site.id]!;
    const networks = rows(plan.networks).filter((network) => dmr.logins[network.id]?.enabled);
    return networks.flatMap((network, at): Step[] => {
      const login = dmr.logins[network.id]!;
      const server = login.serverId === null ? undefined : network.servers.byId[login.serverId];
      const rules = rows(dmr.rules).filter((rule) => rule.networkId === network.id);
      const todo = [`Server ${server ? `${server.name}, ${server.host}` : 'not chosen yet'}; suffix ${login.suffix === null ? 'not set yet' : String(login.suffix).padStart(2, '0')}; the password of your account there.`];
      if (dmr.selection === 'several') {
        if (at === 0) todo.push('Switch network selection on.');
        todo.push(...rules.map((rule) => `Enter ${ruleWords(plan.profiles[site.id]!, rule)}: ${ruleSentence(plan, rule)}.`));
        if (networks.length > 1) todo.push('Keep the rules in the order of their numbers, the catch-all last.');
      }
      return [
        {
          id: `login-${site.id}-${network.id}`,
          title: at === 0 ? `Log ${site.name} in to ${network.name}${networks.length > 1 ? ', alone' : ''}` : `Add ${network.name} to ${site.name}`,
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
  return onRadio === there ? ` The hotspot’s page and ${networkName} both show ${onRadio}.` : ` The hotspot’s page shows ${onRadio}; at ${networkName} that is ${there}.`;
}

function testStep(index: PlanIndex, site: Site, network: Network, next: Network | undefined): Step {
  const { plan } = index;
  const through = index.paths().filter(({ context }) => context.site?.id === site.id && context.channel.destination?.networkId === network.id);
  const echo = through.find(({ context: { channel } }) => channel.destination?.kind === 'special' && channel.destination.special === 'echo')?.context;
  const first = through.find(({ context: { channel } }) => channel.destination?.kind === 'group')?.context.channel;
  const numbers = echo?.arrives ? shownNumbers(echo.channel.dmr.call.number, echo.arrives.number, plan.networks.byId[echo.arrives.networkId]!.name) : '';
  return {
    id: `echo-${site.id}-${network.id}`,
    title: `Test ${network.name} through ${site.name}${next ? ` before you add ${next.name}` : ''}`,
    todo: [
      'Use low power near the hotspot, keep the aerial away from head and eyes, and never program a radio while driving.',
      echo ? `Select ${echo.channel.name} on ${echo.radio.name}, key up, say your call sign and a few words, let go.` : `Add an echo channel of ${network.name} under Wants: it tests the path without bothering anyone.`,
      ...(first ? [`Then select ${first.name}; listen first, leave a second or two between overs.`] : []),
    ],
    proof: `Your own words come back within a few seconds, clear.${numbers}`,
  };
}

export function runSheet(index: PlanIndex): Step[] {
  const { plan } = index;
  const { callSign, dmrId } = plan.station;
  return [
    {
      id: 'identity',
      title: 'Your identity',
      todo: [`Call sign ${callSign || 'not entered yet'}, DMR ID ${dmrId === null ? 'not entered yet' : formatId(dmrId)}: compare both with your licence and your registration.`],
      proof: 'They are the same, digit by digit.',
    },
    ...hotspotSteps(plan),
    ...radioSteps(index),
    ...networkSteps(index),
  ];
}
