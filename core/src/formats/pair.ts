import type { Position } from '../plan/types';

const DEGREES = /^[+-]?\d{1,3}(\.\d+)?$/;

/** Latitude and longitude in degrees from two cells; `null` when both are empty, `undefined` when they are no position. */
export function parsePair(latText: string, lonText: string): Position | null | undefined {
  if (latText === '' && lonText === '') return null;
  if (!DEGREES.test(latText) || !DEGREES.test(lonText)) return undefined;
  const [lat, lon] = [Number(latText), Number(lonText)];
  return Math.abs(lat) <= 90 && Math.abs(lon) <= 180 ? { lat, lon } : undefined;
}
