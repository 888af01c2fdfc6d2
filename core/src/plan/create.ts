/** New entities with the defaults a beginner should have. Ids come from outside: the core makes none at random. */
import { emptyTable } from './table';
import { DISCONNECT_ROOM } from '../modes/c4fm/limits';
import { UNLINK_GROUP } from '../modes/p25/limits';
import type { NetworkLogin } from '../modes/dmr/types';
import type { Codeplug, Hotspot, Id, Listing, NetworkOf, Plan, Profile, Radio, Repeater, Server } from './types';
import { PLAN_FORMAT, PLAN_FORMAT_VERSION } from './types';

export function emptyPlan(name: string): Plan {
  return {
    format: PLAN_FORMAT,
    formatVersion: PLAN_FORMAT_VERSION,
    name,
    station: { callSign: '', operator: '', dmrId: null, region: 'itu-1', place: '', position: null, fmWidthHz: 12_500 },
    radios: emptyTable(),
    sites: emptyTable(),
    networks: emptyTable(),
    wants: emptyTable(),
    codeplugs: {},
    profiles: {},
    roomBook: { categories: emptyTable(), entries: emptyTable() },
    written: {},
  };
}

/** A two-band handheld of usual size. Every figure is a starting point the user corrects from the radio's manual. */
export function newRadio(id: Id, name: string, dmrId: number | null): Radio {
  return {
    id,
    name,
    bands: [
      { lowHz: 136_000_000, highHz: 174_000_000 },
      { lowHz: 400_000_000, highHz: 480_000_000 },
    ],
    powerW: { low: 1, high: 5 },
    limits: {
      channels: 4000,
      zones: 250,
      channelsPerZone: 16,
      contacts: 50_000,
      receiveLists: 250,
      groupsPerReceiveList: 32,
      nameLength: 16,
    },
    dmr: { id: dmrId, hearsOwnGroup: true },
    dstar: null,
    c4fm: null,
    p25: null,
    fm: { widthsHz: [12_500, 25_000] },
  };
}

export function emptyCodeplug(): Codeplug {
  return { channels: emptyTable(), zones: emptyTable(), contacts: emptyTable(), receiveLists: emptyTable(), rooms: emptyTable() };
}

/** A simplex hotspot on one frequency (Hz). `maxInputDbm` is from memory. */
export function newHotspot(id: Id, name: string, freqHz: number, colorCode: number): Hotspot {
  return {
    id,
    kind: 'hotspot',
    name,
    rxHz: freqHz,
    txHz: freqHz,
    distanceM: 3,
    maxInputDbm: 0,
    listing: null,
    crossings: [],
    dmr: { colorCode, carries: null },
    dstar: null,
    c4fm: null,
    p25: null,
    fm: null,
  };
}

export const NO_LISTING: Listing = { callSign: '', module: '', place: '', position: null, status: 'not said', confirmedOn: null, list: null };

/** A repeater's usual distance while no position says better, metres. */
const FAR_M = 10_000;

/** A repeater that sends on `txHz` and listens on `rxHz`, in no mode yet. `maxInputDbm` is from memory. */
export function newRepeater(id: Id, name: string, txHz: number, rxHz: number, listing: Listing = NO_LISTING): Repeater {
  return { id, kind: 'repeater', name, rxHz, txHz, distanceM: FAR_M, maxInputDbm: 0, listing: structuredClone(listing), dmr: null, dstar: null, c4fm: null, p25: null, fm: null };
}

export function newProfile(): Profile {
  return {
    modes: { dmr: true, dstar: false, c4fm: false, p25: false },
    dmr: { selection: 'one', rules: emptyTable(), logins: {} },
    dstar: { startLink: null, automatic: false },
    c4fm: { startRoom: null },
    p25: { startGroup: null },
    crossings: [],
    standby: false,
    location: null,
    adminPassword: 'default',
  };
}

export function newLogin(): NetworkLogin {
  return { enabled: true, serverId: null, suffix: null, password: '', staticGroupIds: [] };
}

export function newServer(id: Id, name: string, host: string, region = ''): Server {
  return { id, name, host, region, delay: null };
}

/**
 * Unlink 4000, echo 9990 by private call, position reports to the country code followed by 999, ten minutes until a
 * dynamic group is dropped: common practice; networks differ, so they are settings. No number for status is common.
 * `dmrId` is the station's, for its country code.
 */
export function newNetwork(id: Id, name: string, dmrId: number | null = null): NetworkOf<'dmr'> {
  const country = dmrId === null ? '' : String(dmrId).slice(0, 3);
  return {
    id,
    name,
    mode: 'dmr',
    servers: emptyTable(),
    groups: emptyTable(),
    special: {
      unlink: { number: 4000, kind: 'group' },
      echo: { number: 9990, kind: 'private' },
      status: null,
      position: country.length === 3 ? { number: Number(`${country}999`), kind: 'group' } : null,
    },
    dynamicTimerMin: 10,
    personalGroups: true,
  };
}

/** A family of reflectors without any yet. `letters`: three, A to Z. */
export function newFamily(id: Id, name: string, letters: string): NetworkOf<'dstar'> {
  return { id, name, mode: 'dstar', letters, reflectors: emptyTable() };
}

/** A network of rooms without any yet; 99999 disconnects. */
export function newRoomNetwork(id: Id, name: string): NetworkOf<'c4fm'> {
  return { id, name, mode: 'c4fm', rooms: emptyTable(), disconnect: DISCONNECT_ROOM };
}

/** A P25 network without groups yet; 9999 unlinks, and no number for echo is common. */
export function newP25Network(id: Id, name: string): NetworkOf<'p25'> {
  return { id, name, mode: 'p25', groups: emptyTable(), special: { unlink: UNLINK_GROUP, echo: null } };
}
