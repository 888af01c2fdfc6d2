/** Plans of any size for measuring: spread over radios, sites, networks and groups as a large club's would be. */
import { carryOut } from '@relay/core/build/build';
import { dmrChannel } from '@relay/core/testing/sample-plan';
import { emptyPlan, newHotspot, newLogin, newNetwork, newProfile, newRadio, newServer } from '@relay/core/plan/create';
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
    const radio = newRadio('r', 'Radio', ID);
    putRow(plan.radios, { ...radio, limits: { ...radio.limits, channels: 100_000, zones: 10_000, receiveLists: 10_000 }, dmr: { id: ID, hearsOwnGroup: false } });
    putRow(plan.networks, {
      ...newNetwork('n', 'Net'),
      servers: tableOf([newServer('srv', 'Server', 'server.example')]),
      groups: tableOf(Array.from({ length: groups }, (_, at) => ({ id: `g${at}`, name: `Group ${at}`, number: 10_000 + at, category: 'local' as const }))),
    });
    for (let at = 0; at < sites; at += 1) {
      putRow(plan.sites, newHotspot(`s${at}`, `Site ${at}`, 430_025_000 + at * 25_000, at % 16));
      plan.profiles[`s${at}`] = { ...newProfile(), dmr: { ...newProfile().dmr, logins: { n: { ...newLogin(), serverId: 'srv', suffix: at + 1, password: 'x' } } }, adminPassword: 'changed' };
    }
    for (let at = 0; at < channels; at += 1) {
      putRow(plan.wants, { id: `w${at}`, destination: { kind: 'group', networkId: 'n', groupId: `g${Math.floor(at / sites) % groups}` }, radioId: 'r', siteId: `s${at % sites}` });
    }
  }).plan;
  const built = edit(furnished, carryOut()).plan;
  return edit(built, (plan) => {
    plan.codeplugs['r']!.channels.order.forEach((id, at) => {
      if (at % 50 === 0) dmrChannel(plan, 'r', id).dmr.colorCode = (at / 50 + 9) % 16;
    });
  }).plan;
}
