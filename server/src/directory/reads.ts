/**
 * What is asked of the imported lists: near, along a trip, on a map, a whole list. It runs in a thread of its own, with
 * connections of its own: an index of tens of thousands of sites takes longer to make and to search than the main
 * thread may be held.
 */
import type { FiledSite, FoundSite, FoundSites, NearSite, SiteMap, Trip } from '@relay/core/lists/filed';
import { LISTED_MODES, type ListedMode, type ListedSite } from '@relay/core/lists/types';
import type { Position } from '@relay/core/plan/types';
import type { Band } from '@relay/core/units/bands';
import { type NearestIndex, nearestIndex } from '@relay/core/units/geo/nearest';
import { legBetween } from '@relay/core/units/geo/geodesic';
import { keyText, type Query, type SiteKey, sitesAsCorrected } from './filed-sites';

/** What is not asked for is `null`. */
export interface SiteFilter {
  mode: ListedMode | null;
  /** What the site sends on, Hz, both ends included: a band of somebody's licence. */
  sends: Band | null;
  /** Part of the name of a network, family or room network it reaches. */
  network: string | null;
  status: ListedSite['status'] | null;
  /** As a list writes it. */
  country: string | null;
}

export interface NearQuery extends SiteFilter {
  from: Position;
  limit: number;
  withinM: number;
}

export interface TripQuery extends SiteFilter {
  /** At least two. */
  points: Position[];
  widthM: number;
}

export interface FindQuery extends SiteFilter {
  /** Each is part of a call sign, a name or a place, or begins a frequency in MHz. */
  words: string[];
  /** `false`: only sites without a position. */
  placed: false | null;
  /** Distances are from here; `null` where nobody has said. */
  from: Position | null;
  limit: number;
}

interface Spot extends Position {
  listId: string;
  line: number;
  modes: ListedMode[];
  txHz: number;
  status: ListedSite['status'];
  networks: string[];
  linked: string;
  country: string;
  callSign: string;
  name: string;
  place: string;
}

const MOST_ALONG = 500;
/** How often a site may be held against a piece of the trip: some seconds of work. */
const MOST_LOOKS = 300_000;

/** Which spots are asked for; `undefined` when all are. */
function keeper(
  spots: readonly Spot[],
  { mode, sends, network, status, country }: SiteFilter,
): ((at: number) => boolean) | undefined {
  if (mode === null && sends === null && network === null && status === null && country === null) return undefined;
  const wanted = network?.toLowerCase();
  return (at) => {
    const spot = spots[at]!;
    if (mode !== null && !spot.modes.includes(mode)) return false;
    if (sends !== null && (spot.txHz < sends.lowHz || spot.txHz > sends.highHz)) return false;
    if (status !== null && spot.status !== status) return false;
    if (country !== null && spot.country.toLowerCase() !== country.toLowerCase()) return false;
    return wanted === undefined || [...spot.networks, spot.linked].some((name) => name.toLowerCase().includes(wanted));
  };
}

interface Index {
  spots: Spot[];
  nearest: NearestIndex;
}

export class DirectoryReads {
  private index: { stamp: string; made: Promise<Index> } | null = null;

  constructor(private readonly query: Query) {}

  /** The sites of one list, as corrected, in its order. */
  async sitesOfList(listId: string, limit: number): Promise<FiledSite[]> {
    const keys = (await this.query(
      'SELECT list_id AS "listId", line FROM directory_site WHERE list_id = $1 ORDER BY line LIMIT $2',
      [listId, limit],
    )) as { listId: string; line: number }[];
    return [...(await sitesAsCorrected(this.query, keys)).values()].sort((x, y) => x.line - y.line);
  }

  /** Every site that has a position, as columns of numbers: what a map needs of tens of thousands. */
  async map(): Promise<SiteMap> {
    const { spots } = await this.current();
    const lists = [...new Set(spots.map((spot) => spot.listId))];
    const listAt = new Map(lists.map((id, at) => [id, at]));
    const places = [...new Set(spots.map((spot) => spot.place))].filter((place) => place !== '');
    const placeAt = new Map(places.map((place, at) => [place, at]));
    return {
      lists,
      list: spots.map((spot) => listAt.get(spot.listId)!),
      line: spots.map((spot) => spot.line),
      lat: spots.map((spot) => round5(spot.lat)),
      lon: spots.map((spot) => round5(spot.lon)),
      txHz: spots.map((spot) => spot.txHz),
      modes: spots.map((spot) =>
        LISTED_MODES.reduce((bits, mode, at) => bits | (spot.modes.includes(mode) ? 1 << at : 0), 0),
      ),
      callSign: spots.map((spot) => spot.callSign),
      name: spots.map((spot) => spot.name),
      places,
      place: spots.map((spot) => placeAt.get(spot.place) ?? -1),
    };
  }

  /** Nearest first. The index is made again when lists came or went, by whichever process. */
  async near({ from, limit, withinM, ...filter }: NearQuery): Promise<NearSite[]> {
    const { spots, nearest } = await this.current();
    const found = nearest.nearest(from, limit, keeper(spots, filter), withinM);
    if (found.length === 0) return [];
    const keys = found.map(({ at }) => spots[at]!);
    const rows = await sitesAsCorrected(this.query, keys);
    return found.flatMap(({ at, distanceM, bearingDeg }): NearSite[] => {
      const site = rows.get(keyText(spots[at]!));
      // Gone since the index was made.
      return site ? [{ ...site, distanceM, bearingDeg }] : [];
    });
  }

  /** By words, wherever they are and also where nobody has said where: the nearest first, then by call sign. */
  async find({ words, placed, from, limit, mode, sends, network, status, country }: FindQuery): Promise<FoundSites> {
    const values: unknown[] = [];
    const value = (one: unknown) => `$${values.push(one)}`;
    const like = (text: string) => `%${text.replace(/[\\%_]/g, '\\$&')}%`;
    const wanted = ['list_id IN (SELECT id FROM directory_list WHERE forgotten_at IS NULL)'];
    for (const word of words) {
      const part = value(like(word));
      const begins = value(`${word.replace(',', '.').replace(/[^0-9.]/g, '~')}%`);
      wanted.push(
        `(call_sign ILIKE ${part} OR name ILIKE ${part} OR place ILIKE ${part}
          OR (tx_hz / 1000000.0)::text LIKE ${begins})`,
      );
    }
    if (placed === false) wanted.push('(lat IS NULL OR lon IS NULL)');
    if (mode !== null) wanted.push(`${value(mode)} = ANY (modes)`);
    if (sends !== null) wanted.push(`tx_hz BETWEEN ${value(sends.lowHz)} AND ${value(sends.highHz)}`);
    if (status !== null) wanted.push(`status = ${value(status)}`);
    if (country !== null) wanted.push(`lower(country) = lower(${value(country)})`);
    if (network !== null) wanted.push(`array_to_string(networks || linked, chr(31)) ILIKE ${value(like(network))}`);
    // On a sphere with its meridians drawn together it is near enough to choose by; what was chosen is then measured.
    const near = from
      ? `power(lat - ${value(from.lat)}, 2) + power(least(abs(lon - ${value(from.lon)}),
        360 - abs(lon - ${value(from.lon)}))
           * cos(radians(${value(from.lat)})), 2) NULLS LAST,`
      : '';
    const found = (await this.query(
      `SELECT list_id AS "listId", line, lat, lon, (count(*) OVER ())::int AS total FROM directory_site
       WHERE ${wanted.join(' AND ')} ORDER BY ${near} call_sign, list_id, line LIMIT ${value(limit)}`,
      values,
    )) as (SiteKey & { lat: number | null; lon: number | null; total: number })[];
    const ways = found.map(({ lat, lon, ...one }) => ({
      ...one,
      leg: from && lat !== null && lon !== null ? legBetween(from, { lat, lon }) : null,
    }));
    // What has no distance comes after what has, in the order of call signs.
    const farM = ({ leg }: (typeof ways)[number]) => leg?.distanceM ?? Number.MAX_VALUE;
    ways.sort((a, b) => farM(a) - farM(b));
    const sites = ways.length === 0 ? new Map<string, FiledSite>() : await sitesAsCorrected(this.query, ways);
    return {
      total: found[0]?.total ?? 0,
      sites: ways.flatMap(({ leg, ...key }): FoundSite[] => {
        const site = sites.get(keyText(key));
        return site ? [{ ...site, distanceM: leg?.distanceM ?? null, bearingDeg: leg?.bearingDeg ?? null }] : [];
      }),
    };
  }

  /** Sites along a trip, in the order of travel; the first `MOST_ALONG` of them. @throws CorridorTooLarge */
  async along({ points, widthM, ...filter }: TripQuery): Promise<Trip> {
    const { spots, nearest } = await this.current();
    const { lengthM, beside, empty } = nearest.along(points, widthM, keeper(spots, filter), MOST_LOOKS);
    const shown = beside.slice(0, MOST_ALONG);
    const rows =
      shown.length === 0
        ? new Map<string, FiledSite>()
        : await sitesAsCorrected(
            this.query,
            shown.map(({ at }) => spots[at]!),
          );
    return {
      lengthM,
      empty,
      sites: shown.flatMap(({ at, alongM, offM }) => {
        const site = rows.get(keyText(spots[at]!));
        return site ? [{ ...site, alongM, offM }] : [];
      }),
    };
  }

  private async current(): Promise<Index> {
    const [{ stamp }] = (await this.query('SELECT stamp FROM directory_stamp')) as [{ stamp: string }];
    if (this.index?.stamp !== stamp) {
      const made = this.make();
      this.index = { stamp, made };
      // The next one tries again.
      made.catch(() => this.index?.made === made && (this.index = null));
    }
    return this.index.made;
  }

  /** Made after the stamp was read: should a list come in between, the next one finds another stamp. */
  private async make(): Promise<Index> {
    const spots = (await this.query(
      `SELECT list_id AS "listId", line, lat, lon, modes, tx_hz::float8 AS "txHz", status, networks, linked, country,
         call_sign AS "callSign", name, place
       FROM directory_site
       WHERE lat IS NOT NULL AND lon IS NOT NULL AND list_id IN (SELECT id FROM directory_list
         WHERE forgotten_at IS NULL)
       ORDER BY list_id, line`,
    )) as Spot[];
    return { spots, nearest: nearestIndex(spots) };
  }
}

const round5 = (degrees: number) => Math.round(degrees * 1e5) / 1e5;
