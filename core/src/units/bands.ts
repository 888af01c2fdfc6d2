/**
 * Amateur bands by ITU region, the widest in each. National law decides: a licence profile (`Licence`) narrows or
 * corrects them. Source: ITU Radio Regulations, Article 5 (allocations); where marked, from memory.
 */
/** The regions of the International Telecommunication Union. */
export type RegionId = 'itu-1' | 'itu-2' | 'itu-3';

/** A stretch of frequencies, Hz, both ends included. */
export interface Band {
  lowHz: number;
  highHz: number;
}

/** A stretch that has a name. */
export interface NamedBand extends Band {
  name: string;
}

/** What a licence covers: a region, and where the country differs from it. The station of a plan is one. */
export interface Licence {
  region: RegionId;
  /** By name of a band: the country's edges, or `null` where the country has not given the band to amateurs. */
  edges: Readonly<Record<string, Band | null>>;
}

export const REGION_NAMES: Readonly<Record<RegionId, string>> = {
  'itu-1': 'ITU Region 1',
  'itu-2': 'ITU Region 2',
  'itu-3': 'ITU Region 3',
};

const mhz = (name: string, low: number, high: number): NamedBand => ({ name, lowHz: low * 1e6, highHz: high * 1e6 });

const TEN = mhz('10 m', 28, 29.7);
const TWENTY_THREE = mhz('23 cm', 1240, 1300);
const THIRTEEN = mhz('13 cm', 2300, 2450);

/** 4 m is national in parts of Region 1 (from memory); 70 cm is 420–450 MHz in Region 2 by country. */
const AMATEUR_BANDS: Readonly<Record<RegionId, readonly NamedBand[]>> = {
  'itu-1': [
    TEN,
    mhz('6 m', 50, 52),
    mhz('4 m', 69.9, 70.5),
    mhz('2 m', 144, 146),
    mhz('70 cm', 430, 440),
    TWENTY_THREE,
    THIRTEEN,
  ],
  'itu-2': [
    TEN,
    mhz('6 m', 50, 54),
    mhz('2 m', 144, 148),
    mhz('1.25 m', 222, 225),
    mhz('70 cm', 420, 450),
    mhz('33 cm', 902, 928),
    TWENTY_THREE,
    THIRTEEN,
  ],
  'itu-3': [TEN, mhz('6 m', 50, 54), mhz('2 m', 144, 148), mhz('70 cm', 430, 440), TWENTY_THREE, THIRTEEN],
};

/** The amateur bands of an ITU region, Hz, in ascending order. */
export function amateurBands(region: RegionId): readonly NamedBand[] {
  return AMATEUR_BANDS[region];
}

/** The bands of a licence, Hz, in ascending order: the region's, with the country's edges where they are said. */
export function licenceBands({ region, edges }: Licence): readonly NamedBand[] {
  if (Object.keys(edges).length === 0) return AMATEUR_BANDS[region];
  const bands = AMATEUR_BANDS[region].flatMap((band) => {
    const own = edges[band.name];
    return own === null ? [] : [own ? { name: band.name, ...own } : band];
  });
  // A country may give a band that its region does not have.
  const others = Object.entries(edges).flatMap(([name, band]) =>
    band && !AMATEUR_BANDS[region].some((one) => one.name === name) ? [{ name, ...band }] : [],
  );
  return [...bands, ...others].sort((a, b) => a.lowHz - b.lowHz);
}

/** Names of the bands in any region, the longest wave first. */
export const BAND_NAMES: readonly string[] = [
  '10 m',
  '6 m',
  '4 m',
  '2 m',
  '1.25 m',
  '70 cm',
  '33 cm',
  '23 cm',
  '13 cm',
];

const WIDEST: readonly NamedBand[] = BAND_NAMES.map((name) => {
  const found = Object.values(AMATEUR_BANDS)
    .flat()
    .filter((band) => band.name === name);
  return {
    name,
    lowHz: Math.min(...found.map((band) => band.lowHz)),
    highHz: Math.max(...found.map((band) => band.highHz)),
  };
});

/** The widest stretch that a band has in any region, `null` for a name that none has. */
export function bandByName(name: string): NamedBand | null {
  return WIDEST.find((band) => band.name === name) ?? null;
}

/** The name of the band that a frequency is in, in any region; `null` outside all. */
export function bandNameOf(freqHz: number): string | null {
  return WIDEST.find(({ lowHz, highHz }) => freqHz >= lowHz && freqHz <= highHz)?.name ?? null;
}

/** Whether a channel of `widthHz` around `freqHz` lies wholly in a stretch. */
export function holds(band: Band, freqHz: number, widthHz: number): boolean {
  return freqHz - widthHz / 2 >= band.lowHz && freqHz + widthHz / 2 <= band.highHz;
}

/** Whether a channel of `widthHz` around `freqHz` reaches into a stretch; meeting its edge is not reaching into it. */
export function reachesInto(band: Band, freqHz: number, widthHz: number): boolean {
  return freqHz + widthHz / 2 > band.lowHz && freqHz - widthHz / 2 < band.highHz;
}

/** The band of the licence that holds a whole channel of `widthHz` around `freqHz`, `null` when none does. */
export function amateurBandOf(freqHz: number, widthHz: number, licence: Licence): NamedBand | null {
  return licenceBands(licence).find((band) => holds(band, freqHz, widthHz)) ?? null;
}
