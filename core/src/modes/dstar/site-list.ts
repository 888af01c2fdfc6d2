/**
 * A site list for radios in which access and destination are chosen apart: every D-STAR site of the plan, hotspots first,
 * within what the radio holds. Hotspots on one frequency are duplex with a shift of zero (common practice).
 */
import { positionOf } from '../../plan/site-position';
import { fitNames, shortenName } from '../../codeplug/names';
import { rows } from '../../plan/table';
import type { Plan, Position, Radio, Site } from '../../plan/types';
import { withModule } from './addresses';
import { GATEWAY_LETTER } from '../../plan/modes/dstar/limits';

export interface SiteListRow {
  group: string;
  name: string;
  subName: string;
  callSign: string;
  gateway: string;
  /** What the site sends on. */
  freqHz: number;
  direction: 'duplex -' | 'duplex +' | 'duplex 0';
  /** Of the radio's transmission from what the site sends on, without its sign. */
  offsetHz: number;
  position: Position | null;
  utcOffsetMin: number | null;
}

export interface SiteList {
  rows: SiteListRow[];
  /** Sites for which the radio has no room, and why. */
  left: { name: string; why: string }[];
}

function groupOf(site: Site): string {
  return site.kind === 'hotspot' ? 'Hotspots' : (site.listing.list?.name ?? 'Repeaters');
}

/** @throws Error for a radio without a site list */
export function siteListOf(plan: Plan, radio: Radio): SiteList {
  const limits = radio.dstar?.siteList;
  if (!limits) throw new Error(`${radio.name} has no site list.`);
  const left: SiteList['left'] = [];
  const groups = new Set<string>();
  const nearestFirst = rows(plan.sites)
    .filter((site) => site.dstar && !site.dstar.cable)
    .sort((a, b) => Number(b.kind === 'hotspot') - Number(a.kind === 'hotspot') || a.distanceM - b.distanceM);
  // Groups in the order of their nearest sites, so that what has no room is far away.
  const order = [...new Set(nearestFirst.map(groupOf))];
  const sites = order.flatMap((group) => nearestFirst.filter((site) => groupOf(site) === group));
  const kept = sites.filter((site, at) => {
    const group = groupOf(site);
    const room = groups.has(group) || groups.size < limits.groups;
    if (room && at - left.length < limits.sites) {
      groups.add(group);
      return true;
    }
    left.push({
      name: site.name,
      why: room
        ? `${radio.name} holds ${limits.sites} sites, and they are full`
        : `${radio.name} holds ${limits.groups} groups, and they are full`,
    });
    return false;
  });
  const names = fitNames(
    kept.map((site) => ({ name: site.name, qualifier: site.dstar!.module })),
    limits.nameLength,
  );
  return { left, rows: kept.map((site, at) => rowOf(plan, site, names[at]!, limits.nameLength)) };
}

function rowOf(plan: Plan, site: Site, name: string, nameLength: number): SiteListRow {
  const { callSign, module, utcOffsetMin } = site.dstar!;
  const shiftHz = site.rxHz - site.txHz;
  return {
    group: shortenName(groupOf(site), nameLength),
    name,
    subName: shortenName(site.kind === 'repeater' ? site.listing.place : plan.station.place, nameLength),
    callSign: withModule(callSign, module),
    gateway: withModule(callSign, GATEWAY_LETTER),
    freqHz: site.txHz,
    direction: shiftHz === 0 ? 'duplex 0' : shiftHz < 0 ? 'duplex -' : 'duplex +',
    offsetHz: Math.abs(shiftHz),
    position: positionOf(plan, site),
    utcOffsetMin,
  };
}
