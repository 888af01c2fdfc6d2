/** Formats 6 and 7: what nobody said is unknown; profiles set single values. */
import type { Carriage } from '../types';
import { type Document, eachRow, eachValue, isObject, type UpgradeStep } from './document';
import { NETWORK_MODES_OF_6 } from './to-6';

/** What a format up to 6 could not leave unsaid was set to a default: taken back where nobody can have meant it. */
function siteOf7(old: Document): Document {
  const { dmr, listing } = old;
  const site = isObject(listing) ? { ...old, listing: { ...listing, goneOn: null } } : old;
  if (!isObject(dmr) || !isObject(dmr['carries'])) return site;
  const carries = { ...dmr['carries'], takesOthers: dmr['carries']['takesOthers'] === true ? true : null };
  return { ...site, dmr: { ...dmr, carries } };
}

/** A licence profile, further IDs of the operator, the purpose of a channel; what was not said may be unknown. */
export const toVersion7: UpgradeStep = (document) => ({
  ...document,
  station: isObject(document['station'])
    ? { ...document['station'], otherIds: [], edges: {}, kept: null }
    : document['station'],
  sites: eachRow(document['sites'], siteOf7),
  codeplugs: eachValue(document['codeplugs'], (codeplug) => ({
    ...codeplug,
    channels: eachRow(codeplug['channels'], (channel) => ({ ...channel, purpose: null })),
  })),
});

/** What a profile above a base carried was said whole: what it did not name was off in it. */
function carriageOf8(own: unknown, base: unknown): unknown {
  if (!Array.isArray(own) || !Array.isArray(base)) return own;
  const named = own as Carriage[];
  const others = (base as Carriage[]).filter(
    ({ air, network }) => !named.some((one) => one.air === air && one.network === network),
  );
  return [...named, ...others.map((one) => ({ ...one, on: false }))];
}

const NOT_SAID_BEFORE_8 = {
  powerPercent: null,
  rxOffsetHz: null,
  txOffsetHz: null,
  hang: { radioS: null, networkS: null },
  modeHang: Object.fromEntries(NETWORK_MODES_OF_6.map((mode) => [mode, null])),
  announcements: null,
  pagePublic: null,
  remoteCommands: null,
  timeZone: '',
  language: '',
  hostName: '',
  wifi: { byId: {}, order: [] },
};

/** No tone code was kept. */
const withCodes = (codeplug: Document): Document =>
  isObject(codeplug['c4fm'])
    ? { ...codeplug, c4fm: { ...codeplug['c4fm'], codes: { byId: {}, order: [] } } }
    : codeplug;

/** A hotspot's frequencies become its profiles'; what else a hotspot holds is not said yet. */
export const toVersion8: UpgradeStep = (document) => {
  const sites = isObject(document['sites']) ? document['sites']['byId'] : null;
  const profiles = isObject(document['profiles']) ? document['profiles']['byId'] : null;
  const setOf = (id: unknown): Document => {
    const profile = isObject(profiles) ? profiles[String(id)] : null;
    return isObject(profile) && isObject(profile['set']) ? profile['set'] : {};
  };
  const profileOf8 = (profile: Document): Document => {
    const { set: old, baseId, siteId } = profile;
    if (!isObject(old)) return profile;
    // Until then “default” was what stood there before anybody had said anything.
    const set = old['adminPassword'] === 'default' ? { ...old, adminPassword: null } : old;
    const { carriage } = set;
    if (baseId !== null)
      return carriage === undefined
        ? profile
        : { ...profile, set: { ...set, carriage: carriageOf8(carriage, setOf(baseId)['carriage']) } };
    const site = isObject(sites) ? sites[String(siteId)] : null;
    const { rxHz, txHz } = isObject(site) ? site : {};
    return { ...profile, set: { ...set, ...NOT_SAID_BEFORE_8, frequencies: { rxHz, txHz } } };
  };
  return {
    ...document,
    done: {},
    networks: eachRow(document['networks'], (network) =>
      network['mode'] === 'dmr' ? { ...network, direct: null } : network,
    ),
    sites: eachRow(document['sites'], (site) =>
      site['kind'] === 'hotspot'
        ? { ...site, labelOffsetHz: null, backup: null, taught: null, recall: { byId: {}, order: [] } }
        : site,
    ),
    profiles: eachRow(document['profiles'], profileOf8),
    codeplugs: eachValue(document['codeplugs'], withCodes),
    written: eachValue(document['written'], withCodes),
  };
};
