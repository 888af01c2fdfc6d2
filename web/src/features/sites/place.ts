/** Where one looks from, and how far things are. */
import { locatorCentre, toLocator } from '@relay/core/geo/locator';
import { readPair } from '@relay/core/lists/columns';
import type { Plan, Position } from '@relay/core/plan/types';
import { rows } from '@relay/core/plan/table';

export type DistanceUnit = 'km' | 'mi';

/** International mile (1959 agreement). */
const MILE_M = 1609.344;

/** A locator, or latitude and longitude; `null` when it is neither. */
export function readPlace(text: string): Position | null {
  const plain = text.trim();
  const pair = readPair(plain) ?? readPair(plain.replace(/\s+/, ', '));
  return pair ?? (plain.length >= 4 ? locatorCentre(plain) : null);
}

/** The first hotspot that has a position: that is where the operator is at home. */
export function homeOf(plan: Plan): Position | null {
  for (const site of rows(plan.sites)) {
    const location = plan.profiles[site.id]?.location;
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
