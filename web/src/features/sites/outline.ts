/** Coasts as paths on the unit map: the world's from the atlas package; the demo's isles, which lie on no real map. */
import { geoCentroid, geoPath } from 'd3-geo';
import type { FeatureCollection, Polygon } from 'geojson';
import { isDemoStation } from './demo';
import { type NamedPoint, pointOf } from './map-labels';
import { unitProjection } from './map-view';

export interface Outlines {
  coasts: Path2D[];
  /** What the land is called, where the map knows it. */
  names: NamedPoint[];
}

function pathOf(shapes: FeatureCollection): Path2D {
  const path = new Path2D();
  // d3 asks of a context no more than a path has.
  geoPath(unitProjection, path as unknown as CanvasRenderingContext2D)(shapes);
  return path;
}

async function world(): Promise<Path2D> {
  const [{ feature }, { default: atlas }] = await Promise.all([
    import('topojson-client'),
    import('world-atlas/land-50m.json'),
  ]);
  const topology = atlas as unknown as Parameters<typeof feature>[0];
  return pathOf(feature(topology, topology.objects['land']!) as FeatureCollection);
}

/**
 * RFC 7946 winds the outside of a shape counterclockwise; d3, on the sphere, would take that for all the rest of the
 * earth.
 */
function rewound({ features }: FeatureCollection<Polygon>): FeatureCollection<Polygon> {
  return {
    type: 'FeatureCollection',
    features: features.map((one) => ({
      ...one,
      geometry: { type: 'Polygon', coordinates: one.geometry.coordinates.map((ring) => [...ring].reverse()) },
    })),
  };
}

async function isles(): Promise<{ coast: Path2D; names: NamedPoint[] }> {
  const { default: coast } = await import('../../../../demo/coast.json');
  const shapes = rewound(coast as unknown as FeatureCollection<Polygon>);
  return {
    coast: pathOf(shapes),
    names: shapes.features.map((one) => {
      const [lon, lat] = geoCentroid(one);
      return pointOf(String(one.properties!['name']), lat, lon);
    }),
  };
}

export async function outlines(callSign: string): Promise<Outlines> {
  if (!isDemoStation(callSign)) return { coasts: [await world()], names: [] };
  const [land, { coast, names }] = await Promise.all([world(), isles()]);
  return { coasts: [land, coast], names };
}
