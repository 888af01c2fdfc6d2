/** GPX 1.0 and 1.1 (the 1.1 schema: waypoints, then routes, then tracks): points of a trip, and waypoints as a list. */
import { XMLParser, XMLValidator } from 'fast-xml-parser';
import type { Position } from './position';

/** A place with a name; one whose attributes are empty or missing has no position, which is not the same as 0, 0. */
export interface Waypoint {
  position: Position | null;
  name: string;
  comment: string;
  description: string;
  /** What kind of place it is, as the file says. */
  kind: string;
}

export interface GpxFile {
  waypoints: Waypoint[];
  routes: Position[][];
  tracks: Position[][];
}

interface Node {
  '@lat'?: string;
  '@lon'?: string;
  [tag: string]: unknown;
}

const LISTS = new Set(['wpt', 'rte', 'rtept', 'trk', 'trkseg', 'trkpt']);
/** No entities are resolved: a file must not make us read another, or grow without end. */
const parser = new XMLParser({
  ignoreAttributes: false,
  attributeNamePrefix: '@',
  parseTagValue: false,
  processEntities: true,
  removeNSPrefix: true,
  isArray: (name) => LISTS.has(name),
});

export class GpxError extends Error {}

const nodes = (value: unknown): Node[] =>
  Array.isArray(value) ? (value as Node[]).filter((one) => typeof one === 'object' && one !== null) : [];
const words = (value: unknown): string => (typeof value === 'string' ? value.trim() : '');

/** An empty attribute is missing, not zero. */
const degrees = (text: string | undefined): number => (text === undefined || text.trim() === '' ? NaN : Number(text));

const isPlaced = (node: Node): boolean => ![node['@lat'], node['@lon']].every((one) => (one ?? '').trim() === '');

function position(node: Node, what: string, at: number): Position {
  const [lat, lon] = [degrees(node['@lat']), degrees(node['@lon'])];
  if (!(Math.abs(lat) <= 90 && Math.abs(lon) <= 180))
    throw new GpxError(
      `${what} ${at + 1} of the GPX: expected a latitude from −90 to 90 and a longitude from −180 to 180.`,
    );
  return { lat, lon };
}

/** @throws GpxError when it is no GPX, or a point is not on the earth; says which */
export function readGpxFile(xml: string): GpxFile {
  const sound = XMLValidator.validate(xml);
  if (sound !== true)
    throw new GpxError(
      `Found no GPX, expected a file with a track, a route or waypoints; line ${sound.err.line}: ${sound.err.msg}`,
    );
  const { gpx } = parser.parse(xml) as { gpx?: Node };
  if (typeof gpx !== 'object') throw new GpxError('Found no GPX, expected a file with a track, a route or waypoints.');
  return {
    waypoints: nodes(gpx['wpt']).map((node, at) => ({
      position: isPlaced(node) ? position(node, 'Waypoint', at) : null,
      name: words(node['name']),
      comment: words(node['cmt']),
      description: words(node['desc']),
      kind: words(node['type']) || words(node['sym']),
    })),
    routes: nodes(gpx['rte']).map((route) => nodes(route['rtept']).map((node, at) => position(node, 'Point', at))),
    tracks: nodes(gpx['trk']).map((track) =>
      nodes(track['trkseg'])
        .flatMap((segment) => nodes(segment['trkpt']))
        .map((node, at) => position(node, 'Point', at)),
    ),
  };
}
