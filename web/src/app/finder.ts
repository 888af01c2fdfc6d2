/** What "find anything" finds: by every word typed, in names, numbers and titles. */
import { CHECKS } from '@relay/core/checks/registry';
import { MODES } from '@relay/core/modes/registry';
import { rows } from '@relay/core/plan/table';
import type { Plan } from '@relay/core/plan/types';
import { STOPS } from './stops';

export interface Found {
  id: string;
  kind: string;
  title: string;
  detail: string;
  to: { name: string; params: Record<string, string>; query?: Record<string, string> };
}

const MOST = 30;

function everything(plan: Plan, planId: string): Found[] {
  const params = { planId };
  const channels = rows(plan.radios).flatMap((radio) =>
    rows(plan.codeplugs[radio.id]!.channels).map((channel): Found => ({ id: `c-${radio.id}-${channel.id}`, kind: 'channel', title: channel.name, detail: `${radio.name} · ${channel.dmr.call.number}`, to: { name: 'codeplugs', params: { ...params, radioId: radio.id }, query: { channel: channel.id } } })),
  );
  const groups = rows(plan.networks).flatMap((network) =>
    MODES[network.mode].destinations(network).map((one): Found => ({ id: `d-${network.id}-${one.address}`, kind: 'destination', title: one.name, detail: `${network.name} · ${one.address}`, to: { name: 'wants', params, query: { find: one.name } } })),
  );
  const sites = rows(plan.sites).map((site): Found => ({ id: `s-${site.id}`, kind: 'hotspot', title: site.name, detail: '', to: { name: 'hotspots', params: { ...params, siteId: site.id } } }));
  const stops = STOPS.map((stop): Found => ({ id: `t-${stop.route}`, kind: 'step', title: stop.title, detail: '', to: { name: stop.route, params } }));
  const actions: Found[] = [{ id: 'a-build', kind: 'action', title: 'Build from wants', detail: 'Wants', to: { name: 'wants', params, query: { build: '1' } } }];
  const checks = CHECKS.map((check): Found => ({ id: `k-${check.id}`, kind: 'check', title: check.title, detail: check.id, to: { name: 'help-check', params: { checkId: check.id } } }));
  return [...stops, ...actions, ...channels, ...sites, ...groups, ...checks];
}

export function findAnything(plan: Plan, planId: string, typed: string): Found[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  return everything(plan, planId)
    .filter(({ kind, title, detail }) => words.every((word) => `${kind} ${title} ${detail}`.toLowerCase().includes(word)))
    .slice(0, MOST);
}
