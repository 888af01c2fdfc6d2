/** Maidenhead locators (IARU): fields of 20 by 10 degrees, squares of 2 by 1, subsquares of 5 by 2.5 minutes, extended squares of 30 by 15 seconds. */
import type { Position } from './position';

const PATTERN = /^[A-R]{2}(\d{2}([A-X]{2}(\d{2})?)?)?$/i;

/** Width of each pair in extended squares. */
const CELLS = [2400, 240, 10, 1] as const;

interface Area {
  south: number;
  west: number;
  north: number;
  east: number;
}

/** Whole extended squares in some degrees. The number nearest to an edge, which may lie a hair below it, is that edge. */
function cellsIn(degrees: number, perDegree: number): number {
  const nearest = Math.round(degrees * perDegree);
  return nearest / perDegree === degrees ? nearest : Math.floor(degrees * perDegree);
}

/** 4, 6 or 8 characters. Longitude +180 is −180; latitude 90 belongs to the top row. */
export function toLocator({ lat, lon }: Position, length: 4 | 6 | 8 = 6): string {
  // Counted in whole extended squares first (30 by 15 seconds): from there on nothing is rounded. The half turn is added to whole
  // squares: added to degrees it would push a position over the edge of its square.
  let x = (((cellsIn(lon, 120) + 21_600) % 43_200) + 43_200) % 43_200;
  let y = Math.min(cellsIn(lat, 240) + 21_600, 43_199);
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
  // Counted in extended squares, so that nothing is rounded on the way.
  let [x, y] = [0, 0];
  let cell: number = CELLS[0];
  for (let pair = 0; pair * 2 < text.length; pair += 1) {
    const value = (at: number) => {
      const character = text.toUpperCase()[pair * 2 + at]!;
      return pair % 2 === 0 ? character.charCodeAt(0) - 65 : Number(character);
    };
    cell = CELLS[pair as 0 | 1 | 2 | 3];
    x += value(0) * cell;
    y += value(1) * cell;
  }
  // The half turn is taken off whole squares, so that each edge is the number nearest to it.
  const [lat, lon] = [(rows: number) => (rows - 21_600) / 240, (columns: number) => (columns - 21_600) / 120];
  return { south: lat(y), west: lon(x), north: lat(y + cell), east: lon(x + cell) };
}

/** The middle of a locator; `null` when it is none. */
export function locatorCentre(text: string): Position | null {
  const area = locatorArea(text.trim());
  return area && { lat: (area.south + area.north) / 2, lon: (area.west + area.east) / 2 };
}
