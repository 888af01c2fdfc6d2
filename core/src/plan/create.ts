/** New entities with the defaults a beginner should have. Ids come from outside: the core makes none at random. */
import { dataOf, MODE_DATA, MODE_IDS, NETWORK_MODE_IDS } from './modes';
import { LEAST, MOST } from './power';
import { emptyTable } from './table';
import type {
  Codeplug,
  CodeplugBlocks,
  Frequencies,
  Hang,
  Hotspot,
  Id,
  Listing,
  ModeId,
  ModeTypes,
  NetworkModeId,
  NetworkOf,
  Plan,
  Profile,
  ProfileValues,
  Radio,
  RecallSlot,
  Repeater,
  Server,
  Station,
  Zone,
} from './types';
import { PLAN_FORMAT, PLAN_FORMAT_VERSION } from './types';

/** One value for each of some modes, under the mode's id. */
function byMode<M extends ModeId>(modes: readonly M[], make: (mode: M) => unknown): Record<M, unknown> {
  return Object.fromEntries(modes.map((mode) => [mode, make(mode)])) as Record<M, unknown>;
}

/** A plan in which nothing is said yet. */
export function emptyPlan(name: string): Plan {
  return {
    format: PLAN_FORMAT,
    formatVersion: PLAN_FORMAT_VERSION,
    name,
    station: {
      callSign: '',
      operator: '',
      dmrId: null,
      otherIds: [],
      region: 'itu-1',
      edges: {},
      kept: null,
      place: '',
      position: null,
      fmWidthHz: 12_500,
    },
    radios: emptyTable(),
    sites: emptyTable(),
    networks: emptyTable(),
    wants: emptyTable(),
    codeplugs: {},
    profiles: emptyTable(),
    shared: byMode(MODE_IDS, (mode) => MODE_DATA[mode].blanks.shared()) as Plan['shared'],
    written: {},
    kits: emptyTable(),
    kinds: emptyTable(),
    shortForms: {},
    channelRules: emptyTable(),
    rehearsalTimes: {},
    priorities: {},
    done: {},
  };
}

/**
 * A two-band handheld of usual size that speaks the given modes. Every figure is a starting point the user corrects
 * from the radio's manual.
 */
export function newRadio(
  id: Id,
  name: string,
  modes: readonly ModeId[],
  station: Station = emptyPlan('').station,
): Radio {
  const blocks = byMode(MODE_IDS, (mode) => (modes.includes(mode) ? MODE_DATA[mode].blanks.radio(station) : null));
  return {
    id,
    name,
    bands: [
      { lowHz: 136_000_000, highHz: 174_000_000 },
      { lowHz: 400_000_000, highHz: 480_000_000 },
    ],
    receiveOnly: [],
    power: [
      { name: LEAST, watts: 1 },
      { name: MOST, watts: 5 },
    ],
    limits: {
      channels: 4000,
      zones: 250,
      channelsPerZone: 16,
      scanLists: null,
      channelsPerScanList: null,
      contacts: 50_000,
      receiveLists: 250,
      groupsPerReceiveList: 32,
      callSigns: null,
      nameLength: 16,
    },
    letters: null,
    display: { lines: null, letters: null },
    options: [],
    keying: null,
    ...(blocks as { [M in ModeId]: ModeTypes[M]['radio'] | null }),
  };
}

/** What each mode keeps in a radio, with nothing in it. */
export function emptyBlocks(): CodeplugBlocks {
  return byMode(MODE_IDS, (mode) => MODE_DATA[mode].blanks.codeplug()) as CodeplugBlocks;
}

/** A codeplug without channels. */
export function emptyCodeplug(): Codeplug {
  const lists = { channels: emptyTable<never>(), zones: emptyTable<never>(), scanLists: emptyTable<never>() };
  return { ...lists, homeId: null, quickKeys: {}, ...emptyBlocks() };
}

/** A zone that is filled by hand. */
export const newZone = (id: Id, name: string, channelIds: Id[]): Zone => ({
  id,
  name,
  channelIds,
  rule: null,
  pattern: '',
});

/** Nothing said of any mode. */
const noMode = () => byMode(MODE_IDS, () => null) as { [M in ModeId]: null };

/** A simplex hotspot on one frequency (Hz), in no mode yet; its profile has its id. `maxInputDbm` is from memory. */
export function newHotspot(id: Id, name: string, freqHz: number): Hotspot {
  return {
    id,
    kind: 'hotspot',
    name,
    rxHz: freqHz,
    txHz: freqHz,
    distanceM: 3,
    maxInputDbm: 0,
    listing: null,
    activeProfileId: id,
    labelOffsetHz: null,
    backup: null,
    taught: null,
    recall: emptyTable(),
    ...noMode(),
  };
}

export const NO_LISTING: Listing = {
  callSign: '',
  module: '',
  place: '',
  position: null,
  status: 'not said',
  confirmedOn: null,
  list: null,
  goneOn: null,
};

/** A repeater's usual distance while no position says better, metres. */
const FAR_M = 10_000;

/** A repeater that sends on `txHz` and listens on `rxHz`, in no mode yet. `maxInputDbm` is from memory. */
export function newRepeater(id: Id, name: string, txHz: number, rxHz: number, listing: Listing = NO_LISTING): Repeater {
  return {
    id,
    kind: 'repeater',
    name,
    rxHz,
    txHz,
    distanceM: FAR_M,
    maxInputDbm: 0,
    listing: structuredClone(listing),
    ...noMode(),
  };
}

const NOT_SAID: Hang = { radioS: null, networkS: null };

/** Every value of a base: nothing carried, nothing linked, and what nobody has said not said. */
export function newProfileValues({ rxHz, txHz }: Frequencies): ProfileValues {
  return {
    frequencies: { rxHz, txHz },
    powerPercent: null,
    rxOffsetHz: null,
    txOffsetHz: null,
    carriage: NETWORK_MODE_IDS.map((mode) => ({ air: mode, network: mode, able: false, on: false })),
    ownWhileCrossing: true,
    ...(byMode(NETWORK_MODE_IDS, (mode) => MODE_DATA[mode].blanks.profile()) as {
      [M in NetworkModeId]: ModeTypes[M]['profile'];
    }),
    standby: false,
    hang: { ...NOT_SAID },
    modeHang: byMode(NETWORK_MODE_IDS, () => null) as ProfileValues['modeHang'],
    announcements: null,
    location: null,
    adminPassword: null,
    pagePublic: null,
    remoteCommands: null,
    timeZone: '',
    language: '',
    hostName: '',
    wifi: emptyTable(),
  };
}

/** The base profile of a hotspot that is on these frequencies. */
export function newProfile(id: Id, site: Frequencies & { id: Id }): Profile {
  return { id, siteId: site.id, name: 'Base', baseId: null, set: newProfileValues(site) };
}

/** A slot for recall that holds nothing, and that no radio can call yet. */
export function newRecallSlot(id: Id): RecallSlot {
  return { id, profileId: null, calls: byMode(NETWORK_MODE_IDS, () => '') as RecallSlot['calls'] };
}

/** A server whose delay was not measured yet. */
export function newServer(id: Id, name: string, host: string, region = ''): Server {
  return { id, name, host, region, delay: null };
}

/** A network of a mode, without anything in it yet. `plan`: where it is to stand. */
export function newNetwork<M extends NetworkModeId>(
  mode: M,
  id: Id,
  name: string,
  plan: Plan = emptyPlan(''),
): NetworkOf<M> {
  return dataOf(mode).blanks.network!(id, name, plan) as NetworkOf<M>;
}
