/** A run as it is drawn: a lane for each radio, site and network that takes part, and the overs that go between them. */
import { rows } from '../plan/table';
import type { Id, ModeId, Plan } from '../plan/types';
import type { Happening, Lane } from './types';

/** An over in a lane. `toMs`: `null` while it goes on. */
export interface Bar {
  over: number;
  role: 'sends' | 'hears' | 'takes' | 'talks';
  fromMs: number;
  toMs: number | null;
  mode: ModeId | null;
}

/** What holds for a while. `hang`: locked, and nothing goes on. */
export interface Band {
  kind: 'lock' | 'hang' | 'starting' | 'off';
  mode: ModeId | null;
  fromMs: number;
  toMs: number | null;
}

/** Where an over goes from one lane into another. */
export interface Crossing {
  atMs: number;
  over: number;
  from: string;
  to: string;
}

/**
 * What was lost or changed in a lane. `at`: its place in the list of what happened. `from`: the lane that a lost over
 * came from, where that is another.
 */
export interface Mark {
  at: number;
  atMs: number;
  kind: 'lost' | 'told';
  from: string | null;
}

export interface LaneView {
  key: string;
  is: Lane['is'];
  id: Id;
  name: string;
  bars: Bar[];
  bands: Band[];
  marks: Mark[];
}

export interface LanesView {
  lanes: LaneView[];
  crossings: Crossing[];
}

export const laneKey = ({ is, id }: Lane): string => `${is} ${id}`;

/** Sites are on nobody's lane before something happens there: only what takes part is drawn. */
export function lanesOf(plan: Plan, happened: readonly Happening[]): LanesView {
  const lanes = new Map<string, LaneView>();
  const names: Record<Lane['is'], (id: Id) => string> = {
    radio: (id) => plan.radios.byId[id]?.name ?? id,
    site: (id) => plan.sites.byId[id]?.name ?? id,
    network: (id) => plan.networks.byId[id]?.name ?? id,
  };
  const lane = (of: Lane): LaneView => {
    const key = laneKey(of);
    let known = lanes.get(key);
    if (!known) lanes.set(key, (known = { key, ...of, name: names[of.is](of.id), bars: [], bands: [], marks: [] }));
    return known;
  };
  const crossings: Crossing[] = [];
  /** Where an over comes from, and the site whose air it is on last, by its number. */
  const source = new Map<number, string>();
  const sentBy = new Map<number, string>();
  const open = new Map<string, Bar>();
  const bar = (of: Lane, role: Bar['role'], { atMs, over }: { atMs: number; over: number }, mode: ModeId | null) => {
    const view = lane(of);
    const one: Bar = { over, role, fromMs: atMs, toMs: null, mode };
    view.bars.push(one);
    open.set(`${view.key} ${over} ${role}`, one);
    const before = role === 'hears' ? (sentBy.get(over) ?? source.get(over)) : source.get(over);
    if (before && before !== view.key) crossings.push({ atMs, over, from: before, to: view.key });
    if (of.is === 'site') sentBy.set(over, view.key);
    if (role === 'takes' || role === 'talks' || !source.has(over)) source.set(over, view.key);
  };
  const close = (key: string, atMs: number) => {
    const one = open.get(key);
    if (one) one.toMs = atMs;
    open.delete(key);
  };
  const band = (of: Lane, kind: Band['kind'] | null, mode: ModeId | null, atMs: number) => {
    const { bands } = lane(of);
    const last = bands.at(-1);
    if (last?.toMs === null) last.toMs = atMs;
    if (kind) bands.push({ kind, mode, fromMs: atMs, toMs: null });
  };
  /** A site without any over keeps its mode for the hang time. */
  const settle = (id: Id, atMs: number) => {
    const view = lane({ is: 'site', id });
    const last = view.bands.at(-1);
    if (last?.toMs !== null || (last.kind !== 'lock' && last.kind !== 'hang')) return;
    const isBusy = view.bars.some((one) => one.toMs === null);
    const kind = isBusy ? 'lock' : 'hang';
    if (last.kind !== kind) band(view, kind, last.mode, atMs);
  };
  const mark = (of: Lane, at: number, atMs: number, kind: Mark['kind'], over: number | null = null) => {
    const from = over === null ? null : ((of.is === 'radio' ? sentBy.get(over) : null) ?? source.get(over) ?? null);
    lane(of).marks.push({ at, atMs, kind, from: from === laneKey(of) ? null : from });
  };

  happened.forEach((one, at) => {
    const { atMs } = one;
    switch (one.kind) {
      case 'keyed':
        return bar({ is: 'radio', id: one.radioId }, 'sends', one, null);
      case 'released':
        return close(`radio ${one.radioId} ${one.over} sends`, atMs);
      case 'refused':
        return mark({ is: 'radio', id: one.radioId }, at, atMs, 'lost');
      case 'taken':
        bar({ is: 'site', id: one.siteId }, 'takes', one, null);
        return settle(one.siteId, atMs);
      case 'sends':
        bar({ is: 'site', id: one.siteId }, 'sends', one, one.mode);
        return settle(one.siteId, atMs);
      case 'stops':
        close(`site ${one.siteId} ${one.over} sends`, atMs);
        return settle(one.siteId, atMs);
      case 'locked':
        return band({ is: 'site', id: one.siteId }, 'lock', one.mode, atMs);
      case 'scanning':
        return band({ is: 'site', id: one.siteId }, null, null, atMs);
      case 'power': {
        const of: Lane = { is: 'site', id: one.siteId };
        mark(of, at, atMs, one.is === 'damaged' ? 'lost' : 'told');
        return band(of, one.is === 'on' ? null : one.is === 'starting' ? 'starting' : 'off', null, atMs);
      }
      case 'reached':
      case 'talks':
        if (one.networkId !== null) bar({ is: 'network', id: one.networkId }, 'talks', one, null);
        return;
      case 'hears':
        return bar({ is: 'radio', id: one.radioId }, 'hears', one, null);
      case 'heard no more':
        for (const key of open.keys()) if (key.endsWith(` ${one.over} talks`)) close(key, atMs);
        return;
      case 'hears no more':
        return close(`radio ${one.radioId} ${one.over} hears`, atMs);
      case 'ended':
        for (const [key, of] of open) {
          if (of.over !== one.over) continue;
          close(key, atMs);
          const site = /^site (\S+) /.exec(key);
          if (site) settle(site[1]!, atMs);
        }
        return;
      case 'lost':
        return mark(one.lane, at, atMs, 'lost', one.over);
      case 'connecting':
      case 'linked':
      case 'not answered':
      case 'asleep':
      case 'profile':
        return mark({ is: 'site', id: one.siteId }, at, atMs, one.kind === 'not answered' ? 'lost' : 'told');
    }
  });

  const order = [
    ...rows(plan.radios).map(({ id }) => `radio ${id}`),
    ...rows(plan.sites).map(({ id }) => `site ${id}`),
    ...rows(plan.networks).map(({ id }) => `network ${id}`),
  ];
  return { lanes: order.flatMap((key) => lanes.get(key) ?? []), crossings };
}
