/**
 * Lists of 60,000 sites: reading one, as a ratio to cutting it with the CSV library alone; the nearest 20 of them
 * (goal: under 2 ms), as a ratio to ranking all of them on the ellipsoid.
 */
import Papa from 'papaparse';
import { legBetween } from '@relay/core/geo/geodesic';
import { nearestIndex } from '@relay/core/geo/nearest';
import { guessColumns } from '@relay/core/lists/columns';
import { readRaw } from '@relay/core/lists/raw';
import { readSites } from '@relay/core/lists/read-sites';
import { medianMs } from './measure';

const SITES = 60_000;
const NEAREST = 20;

/** Spread by a fixed walk, so that every run has the same list. */
function generatedList(): string {
  const lines = ['Call;Name;Latitude;Longitude;Freq;Shift;Tone;CC;TS1;TS2'];
  for (let at = 0; at < SITES; at += 1) {
    const lat = -60 + ((at * 7919) % 120_000) / 1000;
    const lon = -180 + ((at * 104_729) % 360_000) / 1000;
    const letters = String.fromCharCode(65 + (at % 26), 65 + (Math.floor(at / 26) % 26), 65 + (Math.floor(at / 676) % 26));
    lines.push(`QO${at % 10}${letters};Site ${at};${lat.toFixed(4).replace('.', ',')};${lon.toFixed(4).replace('.', ',')};${(438 + (at % 80) * 0.0125).toFixed(4).replace('.', ',')};-7,6;${at % 3 === 0 ? '88,5' : ''};${at % 16};417;588 591`);
  }
  return `${lines.join('\r\n')}\r\n`;
}

export function benchSites(): void {
  const text = generatedList();
  const bytes = new TextEncoder().encode(text);
  let count = 0;
  const readMs = medianMs(() => {
    const raw = readRaw(bytes);
    count = readSites(raw, guessColumns(raw)).sites.length;
  }, 5);
  const cutMs = medianMs(() => Papa.parse(text, { delimiter: ';' }).data.length, 5);
  console.log(`\nreading a list of ${count.toLocaleString('en')} sites: ${readMs.toFixed(0)} ms, ${(readMs / cutMs).toFixed(2)} × cutting it with the CSV library alone`);

  const raw = readRaw(bytes);
  const positions = readSites(raw, guessColumns(raw)).sites.map(({ site }) => ({ lat: site.lat!, lon: site.lon! }));
  const index = nearestIndex(positions);
  const from = { lat: 46.71, lon: -33.42 };
  const nearMs = medianMs(() => index.nearest(from, NEAREST));
  const allMs = medianMs(() => positions.map((one) => legBetween(from, one).distanceM).sort((a, b) => a - b).slice(0, NEAREST), 5);
  console.log(`nearest ${NEAREST} of them: ${(nearMs * 1000).toFixed(0)} µs (goal 2,000), ${(nearMs / allMs).toFixed(4)} × ranking them all`);
}
