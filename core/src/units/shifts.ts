/** The shifts that repeaters of a band usually have. Common practice; parts of a region differ, so an unusual one is only worth a look. */
import { amateurBandOf, type RegionId } from './bands';

const USUAL_HZ: Readonly<Record<string, Readonly<Record<RegionId, readonly number[]>>>> = {
  '2 m': { 'itu-1': [-600_000], 'itu-2': [-600_000, 600_000], 'itu-3': [-600_000, 600_000] },
  '70 cm': { 'itu-1': [-7_600_000, -2_000_000, 1_600_000], 'itu-2': [-5_000_000, 5_000_000], 'itu-3': [] },
};

/** Shifts (Hz, signed) that are usual where a repeater sends on `txHz`; `null` where nothing is known to be. */
export function usualShiftsHz(txHz: number, region: RegionId): readonly number[] | null {
  const band = amateurBandOf(txHz, 0, region);
  const usual = band ? USUAL_HZ[band.name]?.[region] : undefined;
  return usual && usual.length > 0 ? usual : null;
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
