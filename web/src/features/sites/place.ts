/** Where one looks from, and how far things are. */
import { toLocator } from '@relay/core/units/geo/locator';
import type { Plan, Position } from '@relay/core/plan/types';
import { effectiveProfile } from '@relay/core/plan/profiles';
import { hotspotsOf } from '@relay/core/plan/sites';

export type DistanceUnit = 'km' | 'mi';

/** International mile (1959 agreement). */
const MILE_M = 1609.344;

/** Where the station is; without, the first hotspot that has a position. */
export function homeOf(plan: Plan): Position | null {
  if (plan.station.position) return plan.station.position;
  for (const site of hotspotsOf(plan)) {
    const location = effectiveProfile(plan, site.id)?.location;
    if (location) return { lat: location.lat, lon: location.lon };
  }
  return null;
}

export function placeWords({ lat, lon }: Position): string {
  return `${Number(lat.toFixed(4))}, ${Number(lon.toFixed(4))} · ${toLocator({ lat, lon })}`;
}

export function distanceText(metres: number, unit: DistanceUnit): string {
  return (metres / (unit === 'km' ? 1000 : MILE_M)).toFixed(1);
}

/** Days since a date, whole; `now` in milliseconds since 1970. */
export function ageDays(isoDate: string, now: number): number {
  return Math.floor((now - Date.parse(isoDate)) / 86_400_000);
}
