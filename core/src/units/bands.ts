/**
 * Amateur bands and segments by ITU region.
 * Source: ITU Radio Regulations, Article 5 (allocations), and No. 5.282 with the IARU band plans (satellite segments).
 * National licences may be narrower or wider: the region is a setting, and the local rules decide.
 */
/** The regions of the International Telecommunication Union. */
export type RegionId = 'itu-1' | 'itu-2' | 'itu-3';

/** A stretch of frequencies, Hz, both ends included. */
export interface Band {
  lowHz: number;
  highHz: number;
}

export interface Segment {
  name: string;
  lowHz: number;
  highHz: number;
}

export const REGION_NAMES: Readonly<Record<RegionId, string>> = {
  'itu-1': 'ITU Region 1',
  'itu-2': 'ITU Region 2',
  'itu-3': 'ITU Region 3',
};

const mhz = (name: string, low: number, high: number): Segment => ({ name, lowHz: low * 1e6, highHz: high * 1e6 });

const AMATEUR_BANDS: Readonly<Record<RegionId, readonly Segment[]>> = {
  'itu-1': [mhz('2 m', 144, 146), mhz('70 cm', 430, 440), mhz('23 cm', 1240, 1300)],
  'itu-2': [
    mhz('2 m', 144, 148),
    mhz('1.25 m', 220, 225),
    mhz('70 cm', 430, 440),
    mhz('33 cm', 902, 928),
    mhz('23 cm', 1240, 1300),
  ],
  'itu-3': [mhz('2 m', 144, 148), mhz('70 cm', 430, 440), mhz('23 cm', 1240, 1300)],
};

const SATELLITE_SEGMENTS: readonly Segment[] = [
  mhz('2 m satellite segment', 145.8, 146),
  mhz('70 cm satellite segment', 435, 438),
];

/** The amateur bands of an ITU region, Hz, in ascending order. */
export function amateurBands(region: RegionId): readonly Segment[] {
  return AMATEUR_BANDS[region];
}

/** Segments kept for satellites, Hz. */
export function satelliteSegments(): readonly Segment[] {
  return SATELLITE_SEGMENTS;
}

/** Names of the bands in any region, the longest wave first. */
export const BAND_NAMES: readonly string[] = ['2 m', '1.25 m', '70 cm', '33 cm', '23 cm'];

/** The widest stretch that a band has in any region, `null` for a name that none has. */
export function bandByName(name: string): Segment | null {
  const found = Object.values(AMATEUR_BANDS)
    .flat()
    .filter((band) => band.name === name);
  return found.length === 0
    ? null
    : {
        name,
        lowHz: Math.min(...found.map((band) => band.lowHz)),
        highHz: Math.max(...found.map((band) => band.highHz)),
      };
}

/** The band that holds a whole channel of `widthHz` around `freqHz`, `null` when none does. */
export function amateurBandOf(freqHz: number, widthHz: number, region: RegionId): Segment | null {
  return (
    AMATEUR_BANDS[region].find((band) => freqHz - widthHz / 2 >= band.lowHz && freqHz + widthHz / 2 <= band.highHz) ??
    null
  );
}

/** The satellite segment that a channel of `widthHz` around `freqHz` reaches into, `null` when it stays clear. */
export function satelliteSegmentOf(freqHz: number, widthHz: number): Segment | null {
  return (
    SATELLITE_SEGMENTS.find(
      (segment) => freqHz + widthHz / 2 > segment.lowHz && freqHz - widthHz / 2 < segment.highHz,
    ) ?? null
  );
}

/**
 * The frequency nearest to `freqHz` on the raster of one channel width that is in an amateur band, clear of satellite
 * segments and at least one width from each of `takenHz`. `null` when the region has none.
 */
export function nearestClearHz(
  freqHz: number,
  widthHz: number,
  region: RegionId,
  takenHz: readonly number[],
): number | null {
  const clear = (candidate: number) =>
    amateurBandOf(candidate, widthHz, region) !== null &&
    satelliteSegmentOf(candidate, widthHz) === null &&
    takenHz.every((other) => Math.abs(other - candidate) >= widthHz);
  const start = Math.round(freqHz / widthHz);
  const reach = Math.ceil(2e9 / widthHz);
  for (let step = 0; step <= reach; step += 1) {
    const pair = [(start - step) * widthHz, (start + step) * widthHz].sort(
      (a, b) => Math.abs(a - freqHz) - Math.abs(b - freqHz),
    );
    for (const candidate of pair) if (candidate > 0 && clear(candidate)) return candidate;
  }
  return null;
}
