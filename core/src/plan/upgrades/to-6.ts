/** Format 5: carriage in one list; what each mode keeps moves under the mode. */
import { MODE_UPGRADES } from '../modes/upgrades';
import type { Carriage, ModeId } from '../types';
import { type Document, eachRow, eachValue, isObject, type UpgradeStep } from './document';

/** The modes that were there when format 6 came; later ones are filled in by `withEveryMode`. */
export const NETWORK_MODES_OF_6 = ['dmr', 'dstar', 'c4fm', 'p25'] as const;
const MODES_OF_6 = [...NETWORK_MODES_OF_6, 'fm'] as const;

/** A destination of format 5, in its own mode's terms; what no mode knows is left for validation to name. */
function destinationOf6(old: unknown): unknown {
  if (!isObject(old)) return old;
  for (const mode of MODES_OF_6) {
    const found = MODE_UPGRADES[mode].destination(old);
    if (found) return found;
  }
  return old;
}

function channelOf6(channel: Document): Document {
  return { ...channel, destination: destinationOf6(channel['destination']) };
}

function byMode(make: (mode: ModeId) => unknown): Document {
  return Object.fromEntries(MODES_OF_6.map((mode) => [mode, make(mode)]));
}

/** A codeplug, or what was written of one. */
function codeplugOf6({ channels, zones, at, ...rest }: Document): Document {
  return {
    ...(at === undefined ? {} : { at }),
    channels: at === undefined ? eachRow(channels, channelOf6) : channels,
    zones,
    ...byMode((mode) => MODE_UPGRADES[mode].codeplug(rest)),
  };
}

/** What was said apart of having a mode, of its being on and of crossings, as one list. */
function carriageOf6(site: Document, profile: Document): Carriage[] {
  const modes = isObject(profile['modes']) ? profile['modes'] : {};
  const list = (value: unknown) => (Array.isArray(value) ? value.map(String) : []);
  const [able, on] = [list(site['crossings']), list(profile['crossings'])];
  const own = NETWORK_MODES_OF_6.map((mode): Carriage => ({
    air: mode,
    network: mode,
    able: isObject(site[mode]),
    on: modes[mode] === true,
  }));
  const cross = NETWORK_MODES_OF_6.flatMap((air) =>
    NETWORK_MODES_OF_6.filter((network) => network !== air).map((network): Carriage => ({
      air,
      network,
      able: able.includes(`${air}-${network}`),
      on: on.includes(`${air}-${network}`),
    })),
  );
  return [...own, ...cross.filter((one) => one.able || one.on)];
}

/** The one set of settings that a hotspot had becomes its base, under the hotspot's own id. */
function profilesOf6(sites: unknown, profiles: unknown): unknown {
  if (!isObject(profiles) || !isObject(sites) || !isObject(sites['byId'])) return profiles;
  const byId = Object.entries(profiles).map(([id, profile]) => {
    if (!isObject(profile)) return [id, profile] as const;
    const { modes: _modes, crossings: _crossings, ...values } = profile;
    const site = (sites['byId'] as Document)[id];
    const set = { ...values, carriage: carriageOf6(isObject(site) ? site : {}, profile), ownWhileCrossing: true };
    return [id, { id, siteId: id, name: 'Base', baseId: null, set }] as const;
  });
  return { byId: Object.fromEntries(byId), order: byId.map(([id]) => id) };
}

/**
 * Each mode keeps its own blocks, destinations say their mode, hotspots have profiles and one list of what they carry.
 */
export const toVersion6: UpgradeStep = ({ roomBook, ...document }) => ({
  ...document,
  sites: eachRow(document['sites'], ({ crossings: _, ...site }) =>
    site['kind'] === 'hotspot' ? { ...site, activeProfileId: site['id'] } : site,
  ),
  wants: eachRow(document['wants'], (want) => ({ ...want, destination: destinationOf6(want['destination']) })),
  codeplugs: eachValue(document['codeplugs'], codeplugOf6),
  written: eachValue(document['written'], codeplugOf6),
  profiles: profilesOf6(document['sites'], document['profiles']),
  shared: byMode((mode) => MODE_UPGRADES[mode].shared({ roomBook })),
});
