/**
 * Frequencies for a hotspot: clear of what is there and of what is kept for others. Every proposal of a frequency
 * comes from here, the finder's and the press of a check alike, so that no proposal breaks what a check holds it
 * against.
 */
import { amateurBands, holds, licenceBands, type NamedBand } from './bands';
import { type BandPlan, type SegmentKind, segmentsOf } from './segments';

export interface Occupied {
  lowHz: number;
  highHz: number;
  kind: 'site sends' | 'site listens' | 'own hotspot' | SegmentKind;
  words: string;
  /** `null` where distance means nothing. */
  distanceM: number | null;
}

/** What is looked for: a pair of frequencies of which the second is `shiftHz` from the first; 0 for one frequency. */
export interface Asked {
  /** Width of what is sent, Hz. */
  widthHz: number;
  shiftHz: number;
  plan: BandPlan;
  /** What is within reach. */
  taken: readonly Occupied[];
}

export interface FoundFrequency {
  /** What the site would send on. */
  hz: number;
  /** To the edge of the nearest thing that is there, from whichever side of the pair is nearer, Hz. */
  clearanceHz: number;
  nearest: Occupied | null;
}

export interface BandView {
  band: NamedBand;
  /** In order of frequency. */
  occupied: Occupied[];
  /** `null` when nothing is clear. */
  best: FoundFrequency | null;
}

/** Channels of a hotspot lie on this raster. Common practice. */
const RASTER_HZ = 12_500;

/** The parts that are kept, as things that are there. */
function keptParts(plan: BandPlan): Occupied[] {
  return segmentsOf(plan).map(({ lowHz, highHz, kind, name }) => ({
    lowHz,
    highHz,
    kind,
    words: name,
    distanceM: null,
  }));
}

/** How clear one frequency is; `clearanceHz` below 0 means that it lies in something. */
export function clearanceAt(hz: number, widthHz: number, occupied: readonly Occupied[]): FoundFrequency {
  let nearest: Occupied | null = null;
  let clearanceHz = Infinity;
  for (const other of occupied) {
    const clearance = Math.max(other.lowHz - hz - widthHz / 2, hz - widthHz / 2 - other.highHz);
    if (clearance < clearanceHz) [nearest, clearanceHz] = [other, clearance];
  }
  return { hz, clearanceHz, nearest };
}

/** How clear a pair is: as clear as its worse side. */
function clearanceOfPair(hz: number, { widthHz, shiftHz }: Asked, occupied: readonly Occupied[]): FoundFrequency {
  const sends = clearanceAt(hz, widthHz, occupied);
  if (shiftHz === 0) return sends;
  const listens = clearanceAt(hz + shiftHz, widthHz, occupied);
  return listens.clearanceHz < sends.clearanceHz ? { ...listens, hz } : sends;
}

const inLicence = (hz: number, { widthHz, shiftHz, plan }: Asked): boolean =>
  [hz, hz + shiftHz].every((side) => licenceBands(plan).some((band) => holds(band, side, widthHz)));

/** Whether a pair is within the licence and meets nothing that is there or is kept for others. */
export const isClearPair = (hz: number, asked: Asked): boolean =>
  inLicence(hz, asked) && clearanceOfPair(hz, asked, [...asked.taken, ...keptParts(asked.plan)]).clearanceHz >= 0;

/** The nearest thing counts, and so does the band's edge: beyond it are others whom no list here knows. */
function score({ hz, clearanceHz }: FoundFrequency, band: NamedBand, widthHz: number): number {
  return Math.min(clearanceHz, hz - widthHz / 2 - band.lowHz, band.highHz - hz - widthHz / 2);
}

/** A band with what is there, and its clearest channel; of equally clear ones the lowest. */
export function viewBand(band: NamedBand, asked: Asked): BandView {
  const { widthHz } = asked;
  const all = [...asked.taken, ...keptParts(asked.plan)].sort((a, b) => a.lowHz - b.lowHz);
  const occupied = all.filter((one) => one.highHz >= band.lowHz && one.lowHz <= band.highHz);
  let best: FoundFrequency | null = null;
  const first = Math.ceil((band.lowHz + widthHz / 2) / RASTER_HZ) * RASTER_HZ;
  for (let hz = first; hz + widthHz / 2 <= band.highHz; hz += RASTER_HZ) {
    if (!inLicence(hz, asked)) continue;
    const found = clearanceOfPair(hz, asked, asked.shiftHz === 0 ? occupied : all);
    if (found.clearanceHz >= 0 && (best === null || score(found, band, widthHz) > score(best, band, widthHz)))
      best = found;
  }
  return { band, occupied, best };
}

/**
 * The frequency nearest to `freqHz` that is clear, on the raster and in the licence; `null` when none is. `fits`:
 * what else must hold of it, such as that the radios tune it.
 */
export function nearestClearHz(
  freqHz: number,
  asked: Asked,
  fits: (hz: number) => boolean = () => true,
): number | null {
  const occupied = [...asked.taken, ...keptParts(asked.plan)];
  const clear = (hz: number) =>
    inLicence(hz, asked) && clearanceOfPair(hz, asked, occupied).clearanceHz >= 0 && fits(hz);
  let best: number | null = null;
  for (const band of licenceBands(asked.plan)) {
    const [low, high] = [Math.ceil(band.lowHz / RASTER_HZ), Math.floor(band.highHz / RASTER_HZ)];
    const start = Math.min(high, Math.max(low, Math.round(freqHz / RASTER_HZ)));
    for (let step = 0; step <= high - low; step += 1) {
      const pair = [start - step, start + step]
        .filter((at) => at >= low && at <= high)
        .map((at) => at * RASTER_HZ)
        .sort((a, b) => Math.abs(a - freqHz) - Math.abs(b - freqHz));
      const nearer = (hz: number) => best === null || Math.abs(hz - freqHz) < Math.abs(best - freqHz);
      if (!pair.some(nearer)) break;
      const found = pair.find((hz) => nearer(hz) && clear(hz));
      if (found !== undefined) {
        best = found;
        break;
      }
    }
  }
  return best;
}

/**
 * Bands of the licence in which hotspots are usual: 2 m and 70 cm where the licence has them, else all. Common
 * practice.
 */
export function hotspotBands(plan: BandPlan): readonly NamedBand[] {
  const bands = licenceBands(plan);
  const usual = bands.filter((band) => band.name === '2 m' || band.name === '70 cm');
  return usual.length > 0 ? usual : bands.length > 0 ? bands : amateurBands(plan.region);
}
