/** New entities with the defaults a beginner should have. Ids come from outside: the core makes none at random. */
import { emptyTable } from './table';
import type { NetworkLogin } from '../modes/dmr/types';
import type { Codeplug, Id, Network, Plan, Profile, Radio, Server, Site } from './types';
import { PLAN_FORMAT, PLAN_FORMAT_VERSION } from './types';

export function emptyPlan(name: string): Plan {
  return {
    format: PLAN_FORMAT,
    formatVersion: PLAN_FORMAT_VERSION,
    name,
    station: { callSign: '', operator: '', dmrId: null, region: 'itu-1', place: '' },
    radios: emptyTable(),
    sites: emptyTable(),
    networks: emptyTable(),
    wants: emptyTable(),
    codeplugs: {},
    profiles: {},
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
  };
}

export function emptyCodeplug(): Codeplug {
  return { channels: emptyTable(), zones: emptyTable(), contacts: emptyTable(), receiveLists: emptyTable() };
}

/** A simplex hotspot on one frequency (Hz). `maxInputDbm` is from memory. */
export function newHotspot(id: Id, name: string, freqHz: number, colorCode: number): Site {
  return {
    id,
    kind: 'hotspot',
    name,
    rxHz: freqHz,
    txHz: freqHz,
    distanceM: 3,
    maxInputDbm: 0,
    dmr: { colorCode },
  };
}

export function newProfile(): Profile {
  return { modes: { dmr: true }, dmr: { selection: 'one', rules: emptyTable(), logins: {} }, standby: false, location: null, adminPassword: 'default' };
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
export function newNetwork(id: Id, name: string, dmrId: number | null = null): Network {
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
