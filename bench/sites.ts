/**
 * Lists of 60,000 sites: reading one, as a ratio to cutting it with the CSV library alone; the nearest 20 of them
 * (goal: under 2 ms) and what lies along 500 km (goal: under 100 ms), as ratios to ranking all of them on the ellipsoid.
 */
import { guessColumns, readSites } from '@relay/core/registries/lists';
import Papa from 'papaparse';
import { legBetween } from '@relay/core/units/geo/geodesic';
import { nearestIndex } from '@relay/core/units/geo/nearest';
import { readRaw } from '@relay/core/lists/raw';
import { generatedList } from './generated-list';
import { medianEachMs, medianMs } from './measure';

const SITES = 60_000;
const NEAREST = 20;

export function benchSites(): void {
  const text = generatedList(SITES);
  const bytes = new TextEncoder().encode(text);
  let count = 0;
  const readMs = medianMs(() => {
    const raw = readRaw(bytes);
    count = readSites(raw, guessColumns(raw)).sites.length;
  }, 5);
  const cutMs = medianMs(() => Papa.parse(text, { delimiter: ';' }).data.length, 5);
  console.log(
    `\nreading a list of ${count.toLocaleString('en')} sites: ${readMs.toFixed(0)} ms, ${(readMs / cutMs).toFixed(2)} × cutting it with the CSV library alone`,
  );

  const raw = readRaw(bytes);
  const positions = readSites(raw, guessColumns(raw)).sites.map(({ site }) => ({ lat: site.lat!, lon: site.lon! }));
  const index = nearestIndex(positions);
  const from = { lat: 46.71, lon: -33.42 };
  // From here and there among them, as stations lie.
  const nearMs = medianEachMs((call) => index.nearest({ lat: 46 + call * 0.02, lon: -33 + call * 0.03 }, NEAREST));
  const allMs = medianMs(
    () =>
      positions
        .map((one) => legBetween(from, one).distanceM)
        .sort((a, b) => a - b)
        .slice(0, NEAREST),
    5,
  );
  console.log(
    `nearest ${NEAREST} of them: ${(nearMs * 1000).toFixed(0)} µs (goal 2,000), ${(nearMs / allMs).toFixed(4)} × ranking them all`,
  );
  // A zigzag of 500 km through the middle of them, as a road would run.
  const track = Array.from({ length: 101 }, (_, at) => ({
    lat: 46 + at * 0.03 + (at % 2) * 0.01,
    lon: -33 + at * 0.04,
  }));
  const alongMs = medianMs(() => index.along(track, 20_000));
  console.log(
    `what lies along 500 km: ${alongMs.toFixed(1)} ms (goal 100), ${(alongMs / allMs).toFixed(3)} × ranking them all once`,
  );
}
