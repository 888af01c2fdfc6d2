/** Plans as a few readable lines: a station, its radios, sites, networks and channels. Everything in them is invented. */
import { contactKey } from '../modes/dmr/contact-key';
import {
  emptyCodeplug,
  emptyPlan,
  newNetwork,
  newRadio,
  newRepeater,
  newServer,
  NO_LISTING,
  newZone,
} from '../plan/create';
import { edit, type Recipe } from '../plan/edit';
import { addHotspot, switchMode } from '../plan/hotspot';
import { dataOf, MODE_IDS } from '../plan/modes';
import { newLogin } from '../plan/modes/dmr/blanks';
import type { GroupCategory } from '../plan/modes/dmr/types';
import { freeId, putRow, rows, tableOf } from '../plan/table';
import type {
  Channel,
  ChannelValues,
  Destination,
  Hotspot,
  Listing,
  ModeId,
  ModeTypes,
  Plan,
  Purpose,
  Radio,
  Repeater,
  Site,
  Station,
} from '../plan/types';
import { carryOut } from '../registries/builder';
import { MODES } from '../registries/modes';
import { profileOf } from './profile-of';

const MHZ = 1e6;
const hz = (mhz: number) => Math.round(mhz * MHZ);

/** `Hask Head` → `hask-head`: everything is named by what it is called. */
const idOf = (name: string) => name.toLowerCase().replace(/[^a-z0-9]+/g, '-');

/** A plan of some lines, each a recipe. */
export function setUp(...lines: readonly Recipe[]): Plan {
  return lines.reduce((plan, line) => edit(plan, line).plan, edit(emptyPlan('Set-up'), station()).plan);
}

/** Who and where: Vesna in the Ostrey Isles, in Region 1, unless said otherwise. */
export function station(more: Partial<Station> = {}): Recipe {
  return ({ station: one }) =>
    void Object.assign(one, { callSign: 'QO3VES', dmrId: 9_992_417, position: { lat: 46.71, lon: -33.42 } }, more);
}

/** A handheld of these modes. */
export function radio(name: string, modes: readonly ModeId[], more: (radio: Radio) => void = () => undefined): Recipe {
  return (plan) => {
    const id = idOf(name);
    putRow(plan.radios, newRadio(id, name, modes, plan.station));
    plan.codeplugs[id] = emptyCodeplug();
    more(plan.radios.byId[id]!);
  };
}

/** Talk groups of the DMR networks: number, name, category. */
type Groups = readonly (readonly [number, string, GroupCategory])[];

const LANTERN: Groups = [
  [417, 'Hask Wide', 'local'],
  [588, 'Ostrey All', 'region'],
  [591, 'Ferry Net', 'region'],
  [91, 'All Oceans', 'world'],
];

export function dmrNetwork(name = 'Lantern', groups: Groups = LANTERN): Recipe {
  return (plan) =>
    putRow(plan.networks, {
      ...newNetwork('dmr', idOf(name), name, plan),
      servers: tableOf([newServer('srv', 'Merrin', `merrin.${idOf(name)}.example`)]),
      groups: tableOf(groups.map(([number, title, category]) => ({ id: `g${number}`, name: title, number, category }))),
    });
}

/** A family of reflectors, LNK001 with modules A to C. */
export const family: Recipe = (plan) =>
  putRow(plan.networks, {
    ...newNetwork('dstar', 'beacon', 'Beacon', plan),
    letters: 'LNK',
    reflectors: tableOf([{ id: 'lnk1', number: 1, title: 'Isles', modules: 'ABC', activity: 4 }]),
  });

/** A network of rooms with one room, 41205. */
export const rooms: Recipe = (plan) =>
  putRow(plan.networks, {
    ...newNetwork('c4fm', 'skerry', 'Skerry', plan),
    rooms: tableOf([
      {
        id: 'evening',
        number: 41_205,
        name: 'Isles Evening',
        place: 'Hask',
        kind: 'room' as const,
        activity: 4,
        twin: null,
        bridgesTo: null,
      },
    ]),
  });

/** A P25 network with one group, 20417. */
export const p25Network: Recipe = (plan) =>
  putRow(plan.networks, {
    ...newNetwork('p25', 'foghorn', 'Foghorn', plan),
    groups: tableOf([{ id: 'quay', number: 20_417, name: 'Quay' }]),
  });

type Frequencies = number | readonly [sendsMHz: number, listensMHz: number];

const pairOf = (mhz: Frequencies) => (typeof mhz === 'number' ? [hz(mhz), hz(mhz)] : mhz.map(hz)) as [number, number];

/** One's own hotspot, in these modes, logged in to every DMR network that is there. One frequency in MHz, or what it sends and listens on. */
export function hotspot(
  name: string,
  mhz: Frequencies,
  modes: readonly ModeId[],
  more: (site: Hotspot, plan: Plan) => void = () => undefined,
): Recipe {
  return (plan) => {
    const id = idOf(name);
    const [txHz, rxHz] = pairOf(mhz);
    addHotspot(plan, id, name, txHz, []);
    plan.sites.byId[id]!.rxHz = rxHz;
    for (const mode of modes) switchMode(plan, id, mode, true);
    const profile = profileOf(plan, id);
    profile.adminPassword = 'changed';
    for (const network of rows(plan.networks))
      if (network.mode === 'dmr' && modes.includes('dmr'))
        profile.dmr.logins[network.id] = {
          ...newLogin(),
          serverId: 'srv',
          suffix: plan.sites.order.length,
          password: 'practice',
        };
    more(plan.sites.byId[id] as Hotspot, plan);
  };
}

type Blocks = { [M in ModeId]?: Partial<ModeTypes[M]['site']> };

/** Somebody's repeater: what it sends and listens on in MHz, and what is said of each mode; what is not said is unknown. */
export function repeater(name: string, mhz: Frequencies, blocks: Blocks, listing: Partial<Listing> = {}): Recipe {
  return (plan) => {
    const [txHz, rxHz] = pairOf(mhz);
    const site: Repeater = newRepeater(idOf(name), name, txHz, rxHz, {
      ...NO_LISTING,
      callSign: `QO1${idOf(name).replace(/-/g, '').slice(0, 3).toUpperCase()}`,
      position: { lat: 46.75, lon: -33.36 },
      ...listing,
    });
    for (const mode of MODE_IDS)
      if (blocks[mode]) Object.assign(site, { [mode]: { ...dataOf(mode).blanks.site(plan, site), ...blocks[mode] } });
    putRow(plan.sites, site);
  };
}

export interface ChannelLine {
  /** The site it goes through. */
  at?: string;
  to?: Destination;
  purpose?: Purpose;
  /** What it listens and sends on in MHz; without, its site's. */
  mhz?: Frequencies;
  power?: 'low' | 'high';
  /** Values of its mode that are not those of a fresh channel. */
  set?: Record<string, unknown>;
}

/** A channel as it is typed by hand, in a zone; a DMR one with its contact. */
export function channel(radioName: string, name: string, mode: ModeId, line: ChannelLine): Recipe {
  return (plan) => {
    const codeplug = plan.codeplugs[idOf(radioName)]!;
    const site = line.at === undefined ? undefined : (plan.sites.byId[idOf(line.at)] as Site);
    const values = MODES[mode].blankChannel(site) as ChannelValues;
    if (line.mhz !== undefined) [values.rxHz, values.txHz] = pairOf(line.mhz);
    const block = { ...(values as unknown as Record<string, object>)[mode], ...line.set };
    const id = freeId(`ch-${idOf(name)}`, (taken) => taken in codeplug.channels.byId);
    const power = line.power ?? (site?.kind === 'hotspot' ? 'low' : 'high');
    const made = {
      ...values,
      [mode]: block,
      power,
      name,
      id,
      siteId: site?.id ?? null,
      destination: line.to ?? null,
      purpose: line.purpose ?? null,
      wantId: null,
      built: null,
    } as Channel;
    putRow(codeplug.channels, made);
    if (made.mode === 'dmr') {
      const { kind, number } = made.dmr.call;
      const key = `ct-${contactKey(kind, number)}`;
      if (!(key in codeplug.dmr.contacts.byId))
        putRow(codeplug.dmr.contacts, { id: key, name: `${kind} ${number}`, kind, number });
    }
    const zone = codeplug.zones.byId['all'];
    if (zone) zone.channelIds.push(id);
    else putRow(codeplug.zones, newZone('all', 'All', [id]));
  };
}

/** A wish, for the builder. */
export function want(radioName: string, siteName: string, destination: Destination): Recipe {
  return (plan) =>
    putRow(plan.wants, {
      id: freeId('w', (taken) => taken in plan.wants.byId),
      destination,
      radioId: idOf(radioName),
      siteId: idOf(siteName),
    });
}

/** Everything that is wanted, built. */
export const built: Recipe = carryOut(() => true);

/** Any change of the plan, where no line above says it. */
export const change = (recipe: Recipe): Recipe => recipe;

export const group = (number: number, networkName = 'Lantern'): Destination => ({
  mode: 'dmr',
  kind: 'group',
  networkId: idOf(networkName),
  groupId: `g${number}`,
});

export const special = (name: 'unlink' | 'echo', networkName = 'Lantern'): Destination => ({
  mode: 'dmr',
  kind: 'special',
  networkId: idOf(networkName),
  special: name,
});

export const reflector = (module: string, use: 'talk' | 'link' = 'talk'): Destination => ({
  mode: 'dstar',
  kind: 'reflector',
  networkId: 'beacon',
  reflectorId: 'lnk1',
  module,
  use,
});

export const local = (mode: ModeId): Destination => ({ mode, kind: 'local' }) as Destination;
export const room: Destination = { mode: 'c4fm', kind: 'room', networkId: 'skerry', roomId: 'evening' };
export const disconnect: Destination = { mode: 'c4fm', kind: 'disconnect', networkId: 'skerry' };
export const quay: Destination = { mode: 'p25', kind: 'group', networkId: 'foghorn', groupId: 'quay' };
export const p25Unlink: Destination = { mode: 'p25', kind: 'special', networkId: 'foghorn', special: 'unlink' };

/** The settings that a hotspot runs, inside a recipe. */
export const settingsOf = (plan: Plan, name: string) => profileOf(plan, idOf(name));

/** A channel by radio and name, inside a recipe. */
export function channelNamed<M extends ModeId>(plan: Plan, radioName: string, name: string, _mode: M) {
  const found = rows(plan.codeplugs[idOf(radioName)]!.channels).find((one) => one.name === name);
  if (!found) throw new Error(`${radioName} has no channel “${name}”.`);
  return found as Extract<Channel, { mode: M }>;
}

/** A site by name, inside a recipe. */
export const siteNamed = (plan: Plan, name: string): Site => plan.sites.byId[idOf(name)]!;

/** A repeater by name, inside a recipe. */
export function repeaterNamed(plan: Plan, name: string): Repeater {
  const site = siteNamed(plan, name);
  if (site.kind !== 'repeater') throw new Error(`${name} is a ${site.kind}.`);
  return site;
}
