/** Sites that lists name around the hotspots of a plan: a frequency of one's own must stay clear of them. */
import type { AroundSite } from '@relay/core/path/around';
import { effectiveProfile } from '@relay/core/plan/profiles';
import { hotspotsOf } from '@relay/core/plan/sites';
import type { Plan, Position } from '@relay/core/plan/types';
import { api, EVERY_SITE } from './api';

/** As far as repeaters and hotspots disturb each other, and a little more: the checks measure exactly. */
const WITHIN_M = 60_000;
const MOST = 200;

/** Where the hotspots of a plan are: each place once. */
export function placesOfHotspots(plan: Plan): Position[] {
  const places = hotspotsOf(plan).flatMap((site): Position[] => {
    const { lat, lon } = effectiveProfile(plan, site.id)?.location ?? plan.station.position ?? {};
    return lat === undefined || lon === undefined ? [] : [{ lat, lon }];
  });
  return [...new Map(places.map((one) => [`${one.lat} ${one.lon}`, one])).values()];
}

/** What the lists name around these places, each site once; off the air is as good as not there. */
export async function sitesAround(places: readonly Position[]): Promise<AroundSite[]> {
  const near = await Promise.all(places.map((place) => api.near(place, MOST, { ...EVERY_SITE, withinM: WITHIN_M })));
  const sites = new Map(near.flat().map((site) => [`${site.listId}/${site.line}`, site]));
  return [...sites.values()].flatMap(({ callSign, module, txHz, rxHz, lat, lon, status }) =>
    lat === null || lon === null || status === 'off the air'
      ? []
      : [{ callSign, module, txHz, rxHz, position: { lat, lon } }],
  );
}
