/**
 * The shifts that repeaters of a band usually have. Common practice; countries differ, so an unusual one is only worth
 * a look.
 */
import { bandNameOf, type Licence, licenceBands, type RegionId } from './bands';

const signed = (...sizes: number[]): number[] => sizes.flatMap((size) => [-size, size]);

const TWO_METRES = signed(600_000);
const TWENTY_THREE = [-6_000_000, -12_000_000, -20_000_000, -28_000_000];

/**
 * Sources: the sets of Regions 1 and 2 are common practice; what is not in here is not known, and nothing is said of
 * it.
 */
const USUAL_HZ: Readonly<Record<string, Readonly<Record<RegionId, readonly number[]>>>> = {
  '2 m': { 'itu-1': TWO_METRES, 'itu-2': TWO_METRES, 'itu-3': TWO_METRES },
  '70 cm': {
    'itu-1': [
      -7_600_000, -1_600_000, -2_000_000, -9_000_000, -9_400_000, 9_400_000, 1_600_000, 5_000_000, -5_000_000,
      7_600_000,
    ],
    'itu-2': signed(5_000_000),
    'itu-3': [],
  },
  '23 cm': { 'itu-1': TWENTY_THREE, 'itu-2': TWENTY_THREE, 'itu-3': [] },
};

/**
 * Shifts (Hz, signed) that are usual where a repeater sends on `txHz` and listens on `rxHz`; `null` where nothing is
 * known to be, and for a cross-band repeater, whose two sides have no shift between them.
 */
export function usualShiftsHz(txHz: number, rxHz: number, region: RegionId): readonly number[] | null {
  const band = bandNameOf(txHz);
  if (band === null || bandNameOf(rxHz) !== band) return null;
  const usual = USUAL_HZ[band]?.[region] ?? [];
  return usual.length > 0 ? usual : null;
}

/**
 * The smallest shift that repeaters of a band have anywhere, Hz: two frequencies of one site that are closer deafen it.
 * `null` where nothing is known of the band, and for a pair in two bands.
 */
export function leastSplitHz(txHz: number, rxHz: number): number | null {
  const band = bandNameOf(txHz);
  const known = band === null || bandNameOf(rxHz) !== band ? [] : Object.values(USUAL_HZ[band] ?? {}).flat();
  return known.length > 0 ? Math.min(...known.map(Math.abs)) : null;
}

/** Channel rasters in use: multiples of 5 kHz or of 6.25 kHz. Common practice. */
const RASTERS_HZ = [5000, 6250];

/** Whether a frequency (Hz) lies on a usual channel raster. */
export function isOnRaster(hz: number): boolean {
  return RASTERS_HZ.some((step) => hz % step === 0);
}

/** The frequency nearest to `hz` on a raster in use. */
export function nearestOnRaster(hz: number): number {
  const candidates = RASTERS_HZ.map((step) => Math.round(hz / step) * step);
  return candidates.reduce((best, one) => (Math.abs(one - hz) < Math.abs(best - hz) ? one : best));
}

/**
 * What a duplex hotspot that sends on `txHz` would listen on by the usual shifts of its band, within the licence;
 * `null` where nothing is known of the band, or nothing fits.
 */
export function usualListenHz(txHz: number, licence: Licence): number | null {
  const band = bandNameOf(txHz);
  const held = licenceBands(licence).find((one) => one.name === band);
  const shifts = band === null ? [] : (USUAL_HZ[band]?.[licence.region] ?? []);
  const found = shifts.find((shift) => held && txHz + shift >= held.lowHz && txHz + shift <= held.highHz);
  return found === undefined ? null : txHz + found;
}
