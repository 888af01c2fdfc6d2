/** Formats 1 to 4: several networks, repeaters and FM, D-STAR, C4FM and P25. */
import { type Document, eachRow, eachValue, isObject, type UpgradeStep } from './document';

function profileOf2({ logins, ...profile }: Document): Document {
  return { ...profile, dmr: { selection: 'one', rules: { byId: {}, order: [] }, logins }, standby: false };
}

/**
 * Several networks through one hotspot: logins move under their mode, beside route rules; networks and servers learn
 * more; what was written is kept.
 */
export const toVersion2: UpgradeStep = (document) => ({
  ...document,
  networks: eachRow(document['networks'], (network) => ({
    ...network,
    servers: eachRow(network['servers'], (server) => ({ ...server, region: '', delay: null })),
    special: { ...(network['special'] as Document), status: null, position: null },
    dynamicTimerMin: 10,
    personalGroups: true,
  })),
  profiles: eachValue(document['profiles'], profileOf2),
  written: {},
});

function siteOf3(site: Document): Document {
  return {
    ...site,
    listing: null,
    dmr: isObject(site['dmr']) ? { ...site['dmr'], carries: null } : site['dmr'],
    fm: null,
  };
}

/** Repeaters beside hotspots, FM beside DMR. What an older plan does not say of its radios and station stays unsaid. */
export const toVersion3: UpgradeStep = (document) => ({
  ...document,
  station: isObject(document['station'])
    ? { ...document['station'], position: null, fmWidthHz: 12_500 }
    : document['station'],
  radios: eachRow(document['radios'], (radio) => ({ ...radio, fm: null })),
  sites: eachRow(document['sites'], siteOf3),
});

function profileOf4(profile: Document): Document {
  return {
    ...profile,
    modes: isObject(profile['modes']) ? { ...profile['modes'], dstar: false } : profile['modes'],
    dstar: { startLink: null, automatic: false },
  };
}

/** D-STAR beside DMR and FM: what an older plan does not say of its radios, sites and hotspots stays unsaid. */
export const toVersion4: UpgradeStep = (document) => ({
  ...document,
  radios: eachRow(document['radios'], (radio) => ({ ...radio, dstar: null })),
  sites: eachRow(document['sites'], (site) => ({ ...site, dstar: null })),
  profiles: eachValue(document['profiles'], profileOf4),
});

function withRooms(codeplug: Document): Document {
  return { ...codeplug, rooms: { byId: {}, order: [] } };
}

function profileOf5(profile: Document): Document {
  return {
    ...profile,
    modes: isObject(profile['modes']) ? { ...profile['modes'], c4fm: false, p25: false } : profile['modes'],
    c4fm: { startRoom: null },
    p25: { startGroup: null },
    crossings: [],
  };
}

/**
 * C4FM and P25 beside the others, rooms in radios and in a book, crossings: what an older plan does not say of them
 * stays unsaid.
 */
export const toVersion5: UpgradeStep = (document) => ({
  ...document,
  radios: eachRow(document['radios'], (radio) => ({ ...radio, c4fm: null, p25: null })),
  sites: eachRow(document['sites'], (site) => ({
    ...site,
    c4fm: null,
    p25: null,
    ...(site['kind'] === 'hotspot' ? { crossings: [] } : {}),
  })),
  codeplugs: eachValue(document['codeplugs'], withRooms),
  written: eachValue(document['written'], withRooms),
  profiles: eachValue(document['profiles'], profileOf5),
  roomBook: { categories: { byId: {}, order: [] }, entries: { byId: {}, order: [] } },
});
