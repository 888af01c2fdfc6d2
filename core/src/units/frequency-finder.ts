/** The clearest frequency for a hotspot: as far as can be from what is there, on the raster, outside what is kept for others. */
import { amateurBands, satelliteSegments, type Segment, type RegionId } from './bands';

export interface Occupied {
  lowHz: number;
  highHz: number;
  kind: 'site sends' | 'site listens' | 'own hotspot' | 'satellite segment' | 'weak signals' | 'calling channel';
  words: string;
  /** `null` where distance means nothing. */
  distanceM: number | null;
}

/**
 * Parts of the bands in which a hotspot has no place anywhere. From memory of the IARU band plans (Region 1): the
 * weak-signal and beacon parts and the FM calling channels; national plans differ and decide.
 */
const KEPT: readonly Omit<Occupied, 'distanceM'>[] = [
  { lowHz: 144_000_000, highHz: 144_500_000, kind: 'weak signals', words: 'weak signals and beacons' },
  { lowHz: 145_487_500, highHz: 145_512_500, kind: 'calling channel', words: 'FM calling channel' },
  { lowHz: 432_000_000, highHz: 432_600_000, kind: 'weak signals', words: 'weak signals and beacons' },
  { lowHz: 433_487_500, highHz: 433_512_500, kind: 'calling channel', words: 'FM calling channel' },
];

export interface FoundFrequency {
  hz: number;
  /** To the edge of the nearest thing that is there, Hz. */
  clearanceHz: number;
  nearest: Occupied | null;
}

export interface BandView {
  band: Segment;
  /** In order of frequency. */
  occupied: Occupied[];
  /** `null` when nothing is clear. */
  best: FoundFrequency | null;
}

function segmentsIn(band: Segment): Occupied[] {
  const satellites = satelliteSegments().map((one): Occupied => ({
    lowHz: one.lowHz,
    highHz: one.highHz,
    kind: 'satellite segment',
    words: one.name,
    distanceM: null,
  }));
  return [...satellites, ...KEPT.map((one) => ({ ...one, distanceM: null }))].filter(
    (one) => one.highHz > band.lowHz && one.lowHz < band.highHz,
  );
}

function clearanceOf(lowHz: number, highHz: number, other: Occupied): number {
  return Math.max(other.lowHz - highHz, lowHz - other.highHz);
}

/** How clear one frequency is in a band; `clearanceHz` below 0 means that it lies in something. */
export function clearanceAt(hz: number, widthHz: number, occupied: readonly Occupied[]): FoundFrequency {
  let nearest: Occupied | null = null;
  let clearanceHz = Infinity;
  for (const other of occupied) {
    const clearance = clearanceOf(hz - widthHz / 2, hz + widthHz / 2, other);
    if (clearance < clearanceHz) [nearest, clearanceHz] = [other, clearance];
  }
  return { hz, clearanceHz, nearest };
}

/** The nearest thing counts, and so does the band's edge: beyond it are others whom no list here knows. */
function score(found: FoundFrequency, band: Segment, widthHz: number): number {
  return Math.min(found.clearanceHz, found.hz - widthHz / 2 - band.lowHz, band.highHz - found.hz - widthHz / 2);
}

/** `taken`: what is within reach. Of equally clear channels the lowest. */
export function viewBand(band: Segment, widthHz: number, taken: readonly Occupied[]): BandView {
  const occupied = [
    ...taken.filter((one) => one.highHz >= band.lowHz && one.lowHz <= band.highHz),
    ...segmentsIn(band),
  ].sort((a, b) => a.lowHz - b.lowHz);
  let best: FoundFrequency | null = null;
  const first = Math.ceil((band.lowHz + widthHz / 2) / widthHz) * widthHz;
  for (let hz = first; hz + widthHz / 2 <= band.highHz; hz += widthHz) {
    const found = clearanceAt(hz, widthHz, occupied);
    if (found.clearanceHz >= 0 && (best === null || score(found, band, widthHz) > score(best, band, widthHz)))
      best = found;
  }
  return { band, occupied, best };
}

/** Bands of the licence region in which hotspots are usual. Common practice. */
export function hotspotBands(region: RegionId): readonly Segment[] {
  return amateurBands(region).filter((band) => band.name === '2 m' || band.name === '70 cm');
}
