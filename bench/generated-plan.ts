/** Plans of any size for measuring: spread over radios, sites, networks and groups as a large club's would be. */
import { effectiveProfile } from '@relay/core/plan/profiles';
import { addHotspot } from '@relay/core/plan/hotspot';
import { newLogin } from '@relay/core/plan/modes/dmr/blanks';
import { carryOut } from '@relay/core/registries/builder';
import { dmrChannel } from '@relay/core/testing/sample-plan';
import { emptyPlan, newNetwork, newRadio, newServer } from '@relay/core/plan/create';
import { edit } from '@relay/core/plan/edit';
import { putRow, tableOf } from '@relay/core/plan/table';
import type { Plan } from '@relay/core/plan/types';

export interface Size {
  channels: number;
  sites: number;
  groups: number;
}

const ID = 9_992_417;

/** Channels go round sites and groups, so that each want differs; one in fifty channels is spoiled, so that checks have work. */
export function generatedPlan({ channels, sites, groups }: Size): Plan {
  const furnished = edit(emptyPlan('Generated'), (plan) => {
    Object.assign(plan.station, { callSign: 'QO3VES', operator: '', dmrId: ID, region: 'itu-1', place: '' });
    const radio = newRadio('r', 'Radio', ['dmr', 'fm']);
    putRow(plan.radios, {
      ...radio,
      limits: { ...radio.limits, channels: 100_000, zones: 10_000, receiveLists: 10_000 },
      dmr: { id: ID, hearsOwnGroup: false, admits: null },
    });
    putRow(plan.networks, {
      ...newNetwork('dmr', 'n', 'Net'),
      servers: tableOf([newServer('srv', 'Server', 'server.example')]),
      groups: tableOf(
        Array.from({ length: groups }, (_, at) => ({
          id: `g${at}`,
          name: `Group ${at}`,
          number: 10_000 + at,
          category: 'local' as const,
        })),
      ),
    });
    for (let at = 0; at < sites; at += 1) {
      addHotspot(plan, `s${at}`, `Site ${at}`, 430_025_000 + at * 25_000, ['dmr']);
      const profile = effectiveProfile(plan, `s${at}`)!;
      profile.dmr.logins = { n: { ...newLogin(), serverId: 'srv', suffix: at + 1, password: 'x' } };
      profile.adminPassword = 'changed';
      plan.sites.byId[`s${at}`]!.dmr!.colorCode = at % 16;
    }
    for (let at = 0; at < channels; at += 1) {
      putRow(plan.wants, {
        id: `w${at}`,
        destination: { mode: 'dmr', kind: 'group', networkId: 'n', groupId: `g${Math.floor(at / sites) % groups}` },
        radioId: 'r',
        siteId: `s${at % sites}`,
      });
    }
  }).plan;
  const built = edit(furnished, carryOut()).plan;
  return edit(built, (plan) => {
    plan.codeplugs['r']!.channels.order.forEach((id, at) => {
      if (at % 50 === 0) dmrChannel(plan, 'r', id).dmr.colorCode = (at / 50 + 9) % 16;
    });
  }).plan;
}
