/**
 * Parts of the amateur bands that are kept for something: satellites, calling, beacons, weak signals. By region; a station may
 * have its own list, since national band plans differ and decide.
 */
import { type Licence, reachesInto, type RegionId } from './bands';

/** What a part is kept for. */
export type SegmentKind = 'satellite' | 'calling' | 'beacons' | 'weak signals' | 'position reports';

export interface Segment {
  kind: SegmentKind;
  name: string;
  /** Hz. A single frequency is written with the channel around it. */
  lowHz: number;
  highHz: number;
  /** Where this is from: a published source by name, `common practice` or `from memory`. */
  source: string;
}

/** A licence with its own list of parts that are kept; `null`: those of the region. */
export interface BandPlan extends Licence {
  kept: readonly Segment[] | null;
}

const MEMORY = 'from memory of the IARU band plans';
const SATELLITE = 'ITU Radio Regulations 5.282 and the IARU band plans';

const part = (kind: SegmentKind, name: string, low: number, high: number, source = MEMORY): Segment => ({
  kind,
  name,
  lowHz: Math.round(low * 1e6),
  highHz: Math.round(high * 1e6),
  source,
});

/** A single frequency: the 12.5 kHz channel around it. */
const spot = (kind: SegmentKind, name: string, at: number): Segment => part(kind, name, at - 0.006_25, at + 0.006_25);

/** Kept for satellites in every region. 1260–1270 MHz is for the way up only. */
const SATELLITE_SEGMENTS: readonly Segment[] = [
  part('satellite', '10 m satellite segment', 29.3, 29.51, SATELLITE),
  part('satellite', '2 m satellite segment', 145.8, 146, SATELLITE),
  part('satellite', '70 cm satellite segment', 435, 438, SATELLITE),
  part('satellite', '23 cm satellite segment', 1260, 1270, SATELLITE),
];

/** Everything else that is kept, by region. National band plans differ: a station can correct the list. */
const KEPT: Readonly<Record<RegionId, readonly Segment[]>> = {
  'itu-1': [
    part('weak signals', '6 m weak signals and beacons', 50, 50.5),
    part('weak signals', '2 m weak signals', 144, 144.4),
    part('beacons', '2 m beacons', 144.4, 144.49),
    spot('position reports', '2 m position reports', 144.8),
    spot('calling', '2 m digital voice calling', 145.375),
    spot('calling', '2 m FM calling', 145.5),
    part('weak signals', '70 cm weak signals', 432, 432.4),
    part('beacons', '70 cm beacons', 432.4, 432.49),
    spot('calling', '70 cm digital voice calling', 433.45),
    spot('calling', '70 cm FM calling', 433.5),
    part('weak signals', '23 cm weak signals and beacons', 1296, 1297),
  ],
  'itu-2': [
    part('weak signals', '6 m weak signals and beacons', 50, 50.3),
    spot('calling', '6 m FM calling', 52.525),
    part('weak signals', '2 m weak signals', 144, 144.275),
    part('beacons', '2 m beacons', 144.275, 144.3),
    spot('position reports', '2 m position reports', 144.39),
    spot('calling', '2 m FM calling', 146.52),
    spot('calling', '1.25 m FM calling', 223.5),
    part('weak signals', '70 cm weak signals and beacons', 432, 433),
    spot('calling', '70 cm FM calling', 446),
    spot('calling', '23 cm FM calling', 1294.5),
    part('weak signals', '23 cm weak signals and beacons', 1295.8, 1297),
  ],
  'itu-3': [
    part('weak signals', '6 m weak signals and beacons', 50, 50.3),
    part('weak signals', '2 m weak signals and beacons', 144, 144.5),
    part('weak signals', '70 cm weak signals and beacons', 432, 432.5),
    part('weak signals', '23 cm weak signals and beacons', 1296, 1297),
  ],
};

/** What is kept beside satellites in a region, in ascending order. */
export function regionalSegments(region: RegionId): readonly Segment[] {
  return KEPT[region];
}

/** Everything that is kept where this station is, satellites included. */
export function segmentsOf({ region, kept }: BandPlan): readonly Segment[] {
  return [...SATELLITE_SEGMENTS, ...(kept ?? KEPT[region])];
}

/** The satellite segment that a channel of `widthHz` around `freqHz` reaches into, `null` when it stays clear. */
export function satelliteSegmentOf(freqHz: number, widthHz: number): Segment | null {
  return SATELLITE_SEGMENTS.find((segment) => reachesInto(segment, freqHz, widthHz)) ?? null;
}

/** What else is kept where a channel of `widthHz` around `freqHz` would be, `null` when it stays clear. */
export function keptSegmentOf(freqHz: number, widthHz: number, { region, kept }: BandPlan): Segment | null {
  return (kept ?? KEPT[region]).find((segment) => reachesInto(segment, freqHz, widthHz)) ?? null;
}
