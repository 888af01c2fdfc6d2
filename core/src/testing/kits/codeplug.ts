/** Codeplugs to make kits of: invented sites and groups of the Ostrey Isles, in the modes that are asked for. */
import { emptyCodeplug, newZone } from '../../plan/create';
import { putRow, rows, tableOf } from '../../plan/table';
import type { Channel, Codeplug, ModeId } from '../../plan/types';
import type { Random } from './random';

const PLACES = [
  'Hask',
  'Merrin Head',
  'Port Ellery',
  'Dunsel',
  'Tarn Bay',
  'Quarry Hill',
  'Sand Bar',
  'Gull Rock',
  'Ferry Quay',
  'North Cape',
  'Lamp Point',
  'Mill Cove',
  'Old Pier',
  'Slate Isle',
  'West Fell',
];
const GROUPS: readonly (readonly [string, number])[] = [
  ['Hask Wide', 417],
  ['Merrin Head', 481],
  ['Port Ellery', 483],
  ['Ostrey All', 588],
  ['Ferry Net', 591],
  ['Isles Weather', 593],
  ['Boat to Shore', 595],
  ['Storm Desk', 7713],
  ['Tide Watch', 1_000_635],
];
const TONES = ['67.0', '88.5', '100.0', '103.5', '110.9', '123.0', '141.3', 'D023N', 'D047N', 'D074I'];
const letters = 'ABCDEFGHJKLMNPRSTUVWXYZ';

interface Site {
  place: string;
  callSign: string;
  rxHz: number;
  txHz: number;
  colorCode: number;
}

function siteAt(place: string, at: number, random: Random): Site {
  const isTwoMetres = random.chance(0.3);
  const rxHz = isTwoMetres ? 145_600_000 + at * 12_500 : 438_650_000 + at * 25_000;
  const call = `QO${1 + random.below(8)}${letters[at % letters.length]}${random.pick([...letters])}${random.pick([...letters])}`;
  return { place, callSign: call, rxHz, txHz: rxHz - (isTwoMetres ? 600_000 : 7_600_000), colorCode: 1 + (at % 14) };
}

function channelOf(
  mode: ModeId,
  site: Site,
  at: number,
  listId: string | null,
  random: Random,
): { name: string; values: unknown } {
  const [group, number] = GROUPS[at % GROUPS.length]!;
  switch (mode) {
    case 'dmr':
      return {
        name: `${group} ${site.callSign.slice(-3)}`,
        values: {
          colorCode: site.colorCode,
          slot: 1 + (at % 2),
          call: { kind: random.chance(0.1) ? 'private' : 'group', number },
          receiveListId: random.chance(0.7) ? listId : null,
          admit: random.pick(['always', 'channel-free', 'color-code-free']),
        },
      };
    case 'dstar':
      return {
        name: `${site.place} D`,
        values: {
          ur: random.chance(0.7) ? 'CQCQCQ  ' : 'ISL417CL',
          rpt1: `${site.callSign.padEnd(7)}B`,
          rpt2: `${site.callSign.padEnd(7)}G`,
          duplex: true,
        },
      };
    case 'c4fm':
      return {
        name: `${site.place} C`,
        values: {
          voice: random.pick(['narrow', 'wide']),
          receive: random.pick(['auto', 'digital', 'analog']),
          groupTx: random.below(30),
          groupRx: random.below(30),
          room: '',
          toneTx: null,
          toneRx: null,
        },
      };
    case 'p25':
      return {
        name: `${site.place} P`,
        values: { nac: 0x293 + (at % 5), nacRx: 0x293 + (at % 7), group: 10_000 + (number % 50_000) },
      };
    case 'fm':
      return {
        name: `${site.place} FM`,
        values: {
          toneTx: random.chance(0.7) ? random.pick(TONES) : null,
          toneRx: random.chance(0.3) ? random.pick(TONES) : null,
          widthHz: random.chance(0.6) ? 12_500 : 25_000,
        },
      };
  }
}

/** `size` channels of these modes, in zones by site, with contacts, lists and rooms where the modes have them. */
export function sampleCodeplug(random: Random, size: number, modes: readonly ModeId[]): Codeplug {
  const codeplug = emptyCodeplug();
  const sites = Array.from({ length: Math.max(3, Math.ceil(size / 5)) }, (_, at) =>
    siteAt(
      `${PLACES[at % PLACES.length]!}${at < PLACES.length ? '' : ` ${Math.floor(at / PLACES.length) + 1}`}`,
      at,
      random,
    ),
  );
  const names = new Set<string>();
  const freeName = (wish: string) => {
    let name = wish;
    for (let n = 2; names.has(name); n += 1) name = `${wish} ${n}`;
    names.add(name);
    return name;
  };
  if (modes.includes('dmr')) {
    for (const kind of ['group', 'private'] as const)
      for (const [name, number] of GROUPS)
        putRow(codeplug.dmr.contacts, {
          id: `${kind}-${number}`,
          name: kind === 'group' ? name : `${name} (P)`,
          kind,
          number,
        });
    codeplug.dmr.receiveLists = tableOf([
      { id: 'list-1', name: 'Isles', groups: [417, 481, 588, 591] },
      { id: 'list-2', name: 'Weather', groups: [593, 7713] },
      { id: 'list-3', name: 'All of it', groups: GROUPS.slice(0, 7).map(([, number]) => number) },
    ]);
  }
  if (modes.includes('c4fm'))
    codeplug.c4fm.rooms = tableOf(
      PLACES.map((place, at) => ({
        id: `room-${at}`,
        name: `${place} Room`,
        number: String(20_000 + at * 137),
        category: 1 + (at % 5),
      })),
    );
  const lists = rows(codeplug.dmr.receiveLists).map(({ id }) => id);
  for (let at = 0; at < size; at += 1) {
    const site = sites[at % sites.length]!;
    const mode = modes[Math.floor(at / sites.length + random.below(modes.length)) % modes.length]!;
    const { name, values } = channelOf(mode, site, at, lists.length > 0 ? random.pick(lists) : null, random);
    const isDirect = random.chance(0.12);
    putRow(codeplug.channels, {
      id: `c${at}`,
      siteId: null,
      destination: null,
      purpose: null,
      wantId: null,
      built: null,
      name: freeName(name),
      mode,
      rxHz: site.rxHz,
      txHz: isDirect ? site.rxHz : site.txHz,
      power: random.pick(['low', 'high']),
      [mode]: values,
    } as unknown as Channel);
  }
  for (const [at, site] of sites.entries()) {
    const channelIds = rows(codeplug.channels)
      .filter(({ rxHz }) => rxHz === site.rxHz)
      .map(({ id }) => id);
    if (channelIds.length > 0) putRow(codeplug.zones, newZone(`z${at}`, site.place, channelIds));
  }
  return codeplug;
}
