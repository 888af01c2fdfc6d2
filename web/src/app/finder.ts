/** What "find anything" finds: by every word typed, in names, numbers and titles. */
import type { Agreement } from '@relay/core/agreement/agreement';
import { CHECKS } from '@relay/core/registries/checks';
import { modeOf } from '@relay/core/registries/modes';
import { formatMHz } from '@relay/core/units/quantities';
import { hotspotsOf } from '@relay/core/plan/sites';
import { rows } from '@relay/core/plan/table';
import type { FoundSite } from '@relay/core/lists/filed';
import type { Plan } from '@relay/core/plan/types';
import { type Action, actionsOf } from './actions';
import { settingActions } from './settings';
import { STOPS } from './stops';

export interface Found {
  id: string;
  kind: string;
  title: string;
  detail: string;
  /** Other words by which it is found. */
  words?: string;
  /** The key that does the same. */
  key?: string;
  to: { name: string; params: Record<string, string>; query?: Record<string, string> };
}

const MOST = 30;

function everything(plan: Plan, planId: string, agreement: Agreement | null): Found[] {
  const params = { planId };
  const places = new Map(agreement?.channels.map((one) => [`${one.radioId}/${one.channelId}`, one.place]));
  const channels = rows(plan.radios).flatMap((radio) =>
    rows(plan.codeplugs[radio.id]!.channels).map((channel): Found => ({
      id: `c-${radio.id}-${channel.id}`,
      kind: 'channel',
      title: channel.name,
      detail: [radio.name, modeOf(channel.mode).cross?.asked(channel), places.get(`${radio.id}/${channel.id}`)]
        .filter(Boolean)
        .join(' · '),
      to: { name: 'codeplugs', params: { ...params, radioId: radio.id }, query: { channel: channel.id } },
    })),
  );
  const groups = rows(plan.networks).flatMap((network) =>
    modeOf(network.mode)
      .destinations(network)
      .map((one): Found => ({
        id: `d-${network.id}-${one.address}`,
        kind: 'destination',
        title: one.name,
        detail: `${network.name} · ${one.address}`,
        to: { name: 'wants', params, query: { find: one.name } },
      })),
  );
  const sites = rows(plan.sites).map((site): Found => ({
    id: `s-${site.id}`,
    kind: site.kind,
    title: site.name,
    detail: `${formatMHz(site.txHz)} MHz`,
    to:
      site.kind === 'hotspot'
        ? { name: 'hotspots', params: { ...params, siteId: site.id } }
        : { name: 'sites', params, query: { view: 'plan', site: site.id } },
  }));
  const stops = STOPS.map((stop): Found => ({
    id: `t-${stop.route}`,
    kind: 'step',
    title: stop.title,
    detail: '',
    to: { name: stop.route, params },
  }));
  const foundAs =
    (kind: string) =>
    ({ id, title, detail, words = '', key = '', to }: Action): Found => ({
      id: `${kind}-${id}`,
      kind,
      title,
      detail,
      words,
      key,
      to: { ...to, params: { ...params, ...to.params } },
    });
  const actions = actionsOf(plan).map(foundAs('action'));
  const settings = settingActions(plan).map(foundAs('setting'));
  const checks = CHECKS.map((check): Found => ({
    id: `k-${check.id}`,
    kind: 'check',
    title: check.title,
    detail: check.id,
    to: { name: 'help-check', params: { checkId: check.id } },
  }));
  return [...stops, ...actions, ...settings, ...channels, ...sites, ...groups, ...checks];
}

/** A number is also a question: where does it go? */
function asNumber(plan: Plan, planId: string, typed: string): Found[] {
  const number = typed.trim();
  if (!/^\d{1,8}$/.test(number)) return [];
  return hotspotsOf(plan).map((site) => ({
    id: `w-${site.id}`,
    kind: 'number',
    title: `Where does group ${number} go?`,
    detail: site.name,
    to: { name: 'routes', params: { planId, siteId: site.id }, query: { number } },
  }));
}

export function findAnything(plan: Plan, planId: string, typed: string, agreement: Agreement | null = null): Found[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  const found = everything(plan, planId, agreement).filter(({ kind, title, detail, words: more = '' }) =>
    words.every((word) => `${kind} ${title} ${detail} ${more}`.toLowerCase().includes(word)),
  );
  // What is called so stands before what other words lead to; else the order stays.
  const called = ({ title, detail }: Found): boolean =>
    words.every((word) => `${title} ${detail}`.toLowerCase().includes(word));
  const byTitle = [...found.filter(called), ...found.filter((one) => !called(one))];
  return [...asNumber(plan, planId, typed), ...byTitle].slice(0, MOST);
}

/** Sites of the lists with these words, as the server finds them. */
export function listedSites(planId: string, sites: readonly FoundSite[]): Found[] {
  return sites.map((site) => ({
    id: `l-${site.listId}-${site.line}`,
    kind: 'in a list',
    title: [site.callSign, site.module, site.name].filter(Boolean).join(' '),
    detail: `${formatMHz(site.txHz)} MHz · ${site.listName}`,
    to: { name: 'sites', params: { planId }, query: { find: site.callSign } },
  }));
}
