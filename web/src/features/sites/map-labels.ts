/**
 * What is written on the map: towns, islands and sites where there is room, and how long a stretch is. No drawing
 * here.
 */
import { EARTH_KM, type Mark, type Point, type Spots, toPosition, toUnit, type View } from './map-view';

/** A name at a place of the unit map. */
export interface NamedPoint extends Point {
  name: string;
}

export type LabelKind = 'town' | 'land' | 'site';

/** Drawn with its middle at `x` (towns, land) or beginning there (sites), its baseline at `y`; CSS pixels. */
export interface Label extends Point {
  text: string;
  kind: LabelKind;
}

interface Box {
  left: number;
  top: number;
  right: number;
  bottom: number;
}

/** Above this many sites in view there is no room for names. */
const MOST_NAMED = 150;
/** Up to this many each site has its name beside its call sign. */
const MOST_FULL = 12;
const LINE = 14;

const meets = (a: Box, b: Box) => a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

/**
 * Land first, then towns (in the middle of their sites), then sites; a label that would lie on another, or on a site’s
 * dot, is left out. Nothing while more than `MOST_NAMED` sites are in view.
 *
 * @param widthOf what a text takes, CSS pixels
 */
export function labelsIn(
  marks: readonly Mark[],
  { map }: Spots,
  land: readonly NamedPoint[],
  view: View,
  size: { width: number; height: number },
  widthOf: (text: string, kind: LabelKind) => number,
): Label[] {
  if (marks.some((mark) => mark.count > 1) || marks.length > MOST_NAMED) return [];
  const taken: Box[] = marks.map(({ x, y }) => ({ left: x - 5, top: y - 5, right: x + 5, bottom: y + 5 }));
  const labels: Label[] = [];
  const tryOne = (label: Label, isCentred: boolean): boolean => {
    const width = widthOf(label.text, label.kind);
    const left = isCentred ? label.x - width / 2 : label.x;
    const box = { left, top: label.y - LINE + 3, right: left + width, bottom: label.y + 3 };
    if (left < 0 || box.right > size.width || box.top < 0 || box.bottom > size.height) return false;
    if (taken.some((one) => meets(one, box))) return false;
    taken.push(box);
    labels.push(label);
    return true;
  };
  for (const { name, x, y } of land)
    tryOne({ text: name, kind: 'land', x: x * view.k + view.x, y: y * view.k + view.y }, true);
  const towns = new Map<number, Point & { count: number; top: number; bottom: number }>();
  for (const { x, y, at } of marks) {
    const place = map.place[at]!;
    if (place < 0) continue;
    const town = towns.get(place) ?? { x: 0, y: 0, count: 0, top: y, bottom: y };
    towns.set(place, {
      x: town.x + x,
      y: town.y + y,
      count: town.count + 1,
      top: Math.min(town.top, y),
      bottom: Math.max(town.bottom, y),
    });
  }
  // Among its sites where there is room, else above or below them.
  for (const [place, { x, y, count, top, bottom }] of towns)
    [y / count - 10, top - 10, bottom + LINE + 4].some((at) =>
      tryOne({ text: map.places[place]!, kind: 'town', x: x / count, y: at }, true),
    );
  for (const { x, y, at } of marks) {
    const [callSign, name] = [map.callSign[at]!, map.name[at]!];
    const isTold = marks.length <= MOST_FULL && name !== '' && name !== map.places[map.place[at]!];
    tryOne({ text: isTold ? `${callSign} ${name}` : callSign, kind: 'site', x: x + 8, y: y + 4 }, false);
  }
  return labels;
}

const LENGTHS_KM = [0.05, 0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000];

export interface ScaleBar {
  text: string;
  /** CSS pixels. */
  width: number;
}

/**
 * The longest round length of at most `most` pixels, in the middle of the view: Web Mercator draws a kilometre longer
 * the farther it lies from the equator. `null` where even the shortest would be longer.
 */
export function scaleBar(view: View, size: { width: number; height: number }, most = 120): ScaleBar | null {
  const { lat } = toPosition({ x: 0.5, y: (size.height / 2 - view.y) / view.k });
  const around = 2 * Math.PI * EARTH_KM * Math.cos((lat * Math.PI) / 180);
  const pixels = (km: number) => (km / around) * view.k;
  const km = LENGTHS_KM.findLast((one) => pixels(one) <= most);
  return km === undefined
    ? null
    : { text: km < 1 ? `${Math.round(km * 1000)} m` : `${km.toLocaleString('en')} km`, width: pixels(km) };
}

export const pointOf = (name: string, lat: number, lon: number): NamedPoint => ({ name, ...toUnit({ lat, lon }) });
