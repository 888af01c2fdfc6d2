/** The ordered steps to carry a plan out. The order is common practice: identity, back-up, one network, test, radio, test. */
import { formatId } from '../modes/dmr/addresses';
import { rows } from '../plan/table';
import type { Plan, Table } from '../plan/types';
import { formatMHz } from '../radio-math/quantities';

export interface Step {
  id: string;
  title: string;
  /** What to do. */
  todo: string[];
  /** How to see that it worked. */
  proof: string;
}

function count(table: Table<unknown>, what: string): string {
  return `${table.order.length} ${what}${table.order.length === 1 ? '' : 's'}`;
}

function hotspotSteps(plan: Plan): Step[] {
  return rows(plan.sites).flatMap((site): Step[] => {
    const profile = plan.profiles[site.id]!;
    const networks = rows(plan.networks).filter((network) => profile.dmr.logins[network.id]?.enabled);
    return [
      {
        id: `hotspot-${site.id}`,
        title: `Set up hotspot ${site.name}`,
        todo: [
          'Save a copy of its present settings or its card first.',
          'Change the default password of its settings page; keep the page off the open internet.',
          `Set receive and transmit to ${formatMHz(site.rxHz)} MHz${site.dmr ? `, color code ${site.dmr.colorCode}` : ''}. Transmit only where your licence and your national rules allow.`,
          'Apply the settings section by section; give it about 70 s to start again.',
        ],
        proof: 'Its settings page shows the frequency and the mode you set.',
      },
      ...networks.map((network): Step => {
        const login = profile.dmr.logins[network.id]!;
        const server = login.serverId === null ? undefined : network.servers.byId[login.serverId];
        return {
          id: `login-${site.id}-${network.id}`,
          title: `Log ${site.name} in to ${network.name}`,
          todo: [`Server ${server ? `${server.name}, ${server.host}` : 'not chosen yet'}; suffix ${login.suffix === null ? 'not set yet' : String(login.suffix).padStart(2, '0')}; the password of your account there.`],
          proof: `The hotspot’s page shows ${network.name} connected, and stays so for a minute.`,
        };
      }),
    ];
  });
}

function radioSteps(plan: Plan): Step[] {
  return rows(plan.radios).flatMap((radio): Step[] => {
    const codeplug = plan.codeplugs[radio.id]!;
    if (codeplug.channels.order.length === 0) return [];
    const echo = rows(codeplug.channels).find((channel) => channel.destination?.kind === 'special' && channel.destination.special === 'echo');
    const first = rows(codeplug.channels).find((channel) => channel.destination?.kind === 'group');
    return [
      {
        id: `radio-${radio.id}`,
        title: `Write ${radio.name}`,
        todo: [
          'Read the radio and keep the file: it is the way back.',
          `Set its own ID to ${radio.dmr?.id == null ? 'your DMR ID' : formatId(radio.dmr.id)}.`,
          `Enter ${count(codeplug.contacts, 'contact')}, ${count(codeplug.receiveLists, 'receive list')}, ${count(codeplug.channels, 'channel')} and ${count(codeplug.zones, 'zone')} from its table.`,
        ],
        proof: 'Reading it back gives the same table.',
      },
      {
        id: `echo-${radio.id}`,
        title: `Test ${radio.name} before you call`,
        todo: [
          'Use low power near the hotspot, keep the aerial away from head and eyes, and never program a radio while driving.',
          echo ? `Select ${echo.name}, key up, say your call sign and a few words, let go.` : 'Add an echo channel under Wants: it tests the path without bothering anyone.',
          ...(first ? [`Then select ${first.name}; listen first, leave a second or two between overs.`] : []),
        ],
        proof: 'Your own words come back within a few seconds, clear.',
      },
    ];
  });
}

export function runSheet(plan: Plan): Step[] {
  const { callSign, dmrId } = plan.station;
  return [
    {
      id: 'identity',
      title: 'Your identity',
      todo: [`Call sign ${callSign || 'not entered yet'}, DMR ID ${dmrId === null ? 'not entered yet' : formatId(dmrId)}: compare both with your licence and your registration.`],
      proof: 'They are the same, digit by digit.',
    },
    ...hotspotSteps(plan),
    ...radioSteps(plan),
  ];
}
