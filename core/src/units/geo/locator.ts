/** Maidenhead locators (IARU): fields of 20 by 10 degrees, squares of 2 by 1, subsquares of 5 by 2.5 minutes, extended squares of 30 by 15 seconds. */
import type { Position } from './position';

const PATTERN = /^[A-R]{2}(\d{2}([A-X]{2}(\d{2})?)?)?$/i;

/** Width of a pair in extended squares, and how many of the next finer there are in it. */
const CELLS = [2400, 240, 10, 1] as const;
const STEPS = [10, 10, 24, 10] as const;

interface Area {
  south: number;
  west: number;
  north: number;
  east: number;
}

/** 4, 6 or 8 characters. Longitude +180 is −180; latitude 90 belongs to the top row. */
export function toLocator({ lat, lon }: Position, length: 4 | 6 | 8 = 6): string {
  // Counted in whole extended squares first (30 by 15 seconds): from there on nothing is rounded.
  let x = ((Math.floor((lon + 180) * 120) % 43_200) + 43_200) % 43_200;
  let y = Math.min(Math.floor((lat + 90) * 240), 43_199);
  let text = '';
  for (let pair = 0; pair < length / 2; pair += 1) {
    const cell = CELLS[pair as 0 | 1 | 2 | 3];
    const first = pair === 0 ? 65 : 97;
    for (const digit of [Math.floor(x / cell), Math.floor(y / cell)])
      text += pair % 2 === 0 ? String.fromCharCode(first + digit) : String(digit);
    x %= cell;
    y %= cell;
  }
  return text;
}

/** The area of a locator of 4, 6 or 8 characters; `null` when it is none. */
export function locatorArea(text: string): Area | null {
  if (!PATTERN.test(text) || text.length < 4) return null;
  let [west, south, width, height] = [-180, -90, 20, 10];
  for (let pair = 0; pair * 2 < text.length; pair += 1) {
    const value = (at: number) => {
      const character = text.toUpperCase()[pair * 2 + at]!;
      return pair % 2 === 0 ? character.charCodeAt(0) - 65 : Number(character);
    };
    if (pair > 0) {
      width /= STEPS[pair as 1 | 2 | 3]!;
      height /= STEPS[pair as 1 | 2 | 3]!;
    }
    west += value(0) * width;
    south += value(1) * height;
  }
  return { south, west, north: south + height, east: west + width };
}

/** The middle of a locator; `null` when it is none. */
export function locatorCentre(text: string): Position | null {
  const area = locatorArea(text.trim());
  return area && { lat: (area.south + area.north) / 2, lon: (area.west + area.east) / 2 };
}
