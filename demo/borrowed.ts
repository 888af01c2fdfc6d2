/**
 * The codeplug that a neighbour shares: an invented operator of the Ostrey Isles, whose hotspot, ID, friends and power
 * are in it, and who has been where the lists have not.
 */
import { emptyCodeplug, newZone } from '@relay/core/plan/create';
import { putRow, tableOf } from '@relay/core/plan/table';
import type { Channel, Codeplug } from '@relay/core/plan/types';
import { DIALECTS } from '@relay/core/testing/kits/dialect';
import { type MadeKit, makeKit } from '@relay/core/testing/kits/make-kit';
import { randomOf } from '@relay/core/testing/kits/random';

const LENDER = { callSign: 'QO5TRW', dmrId: 9_993_106, hotspotHz: 438_812_500, colorCode: 7 };
const GROUPS: readonly (readonly [string, number])[] = [
  ['Hask Wide', 417],
  ['Merrin Head', 481],
  ['Port Ellery', 483],
  ['Dunsel', 485],
  ['Ostrey All', 588],
  ['Ferry Net', 591],
  ['Isles Weather', 593],
  ['Boat to Shore', 595],
  ['Newcomers', 597],
  ['Lighthouse Watch', 599],
  ['Storm Desk', 7713],
  ['Test Bench', 7790],
];
/** Repeaters as the club’s list has them: name, what it sends on, color code, groups by slot. */
const DMR: readonly (readonly [string, number, number, readonly number[], readonly number[]])[] = [
  ['Hask Head', 439_425_000, 1, [417], [588, 591]],
  ['Merrin Tower', 438_950_000, 3, [481], [588]],
  ['Dunsel Rock', 439_100_000, 2, [485], [588, 599]],
  ['Quarry Top', 438_725_000, 4, [417], [591, 593]],
  ['Breakwater', 439_350_000, 1, [417], [595]],
];
const FM: readonly (readonly [string, number, string])[] = [
  ['Port Ellery', 145_687_500, '110.9'],
  ['Kålv', 145_737_500, '107.2'],
  ['Sand Bar', 145_612_500, '100.0'],
  ['Glèn Moor', 145_712_500, '88.5'],
];
const DMR_SHIFT_HZ = -7_600_000;
const FM_SHIFT_HZ = -600_000;

class Shelf {
  readonly codeplug: Codeplug = emptyCodeplug();
  private count = 0;

  add(name: string, rxHz: number, txHz: number, mode: 'dmr' | 'fm', values: object, zone: string): void {
    const id = `b${(this.count += 1)}`;
    putRow(this.codeplug.channels, {
      ...{ id, siteId: null, destination: null, purpose: null, wantId: null, built: null },
      ...{ name, mode, rxHz, txHz, power: 'high', [mode]: values },
    } as unknown as Channel);
    const known = Object.values(this.codeplug.zones.byId).find((one) => one.name === zone);
    const zoneId = known?.id ?? `z${this.codeplug.zones.order.length + 1}`;
    putRow(this.codeplug.zones, newZone(zoneId, zone, [...(known?.channelIds ?? []), id]));
  }

  dmr(
    name: string,
    [rxHz, txHz]: readonly [number, number],
    colorCode: number,
    slot: 1 | 2,
    [kind, number]: readonly ['group' | 'private', number],
    zone: string,
  ): void {
    const values = { colorCode, slot, call: { kind, number }, receiveListId: 'l1', admit: 'color-code-free' };
    this.add(name, rxHz, txHz, 'dmr', values, zone);
  }
}

function borrowedCodeplug(): Codeplug {
  const shelf = new Shelf();
  const { codeplug } = shelf;
  const { hotspotHz, colorCode } = LENDER;
  const home = [hotspotHz, hotspotHz] as const;
  for (const [name, number] of GROUPS) {
    putRow(codeplug.dmr.contacts, { id: `g${number}`, name, kind: 'group', number });
    shelf.dmr(name, home, colorCode, 2, ['group', number], 'Home');
  }
  const service = [
    ['Unlink', 4000],
    ['Echo', 9990],
    ['Status', 7710],
  ] as const;
  for (const [name, number] of service) {
    putRow(codeplug.dmr.contacts, { id: `p${number}`, name, kind: 'private', number });
    shelf.dmr(name, home, colorCode, 2, ['private', number], 'Home');
  }
  // Nobody else has this group: a net of the lender's family.
  putRow(codeplug.dmr.contacts, { id: 'g7799', name: 'Torrow Kin', kind: 'group', number: 7799 });
  shelf.dmr('Torrow Kin', home, colorCode, 2, ['group', 7799], 'Home');
  putRow(codeplug.dmr.receiveLists, {
    id: 'l1',
    name: 'All groups',
    groups: [...GROUPS.map(([, number]) => number), 7799],
  });
  for (const [place, txHz, code, one, two] of DMR) {
    const pair = [txHz, txHz + DMR_SHIFT_HZ] as const;
    for (const [slot, numbers] of [
      [1, one],
      [2, two],
    ] as const)
      for (const number of numbers) shelf.dmr(`${place} ${number}`, pair, code, slot, ['group', number], place);
    // Taken up when somebody keys them.
    for (const number of [481, 588, 593, 595, 597, 599, 7713].filter(
      (other) => !one.includes(other) && !two.includes(other),
    ))
      shelf.dmr(`${place} ${number}`, pair, code, 2, ['group', number], place);
  }
  for (const [place, rxHz, toneTx] of FM)
    shelf.add(`${place} FM`, rxHz, rxHz + FM_SHIFT_HZ, 'fm', { toneTx, toneRx: null, widthHz: 12_500 }, 'FM');
  // The same twice, and a repeater that is in no list.
  shelf.dmr('Hask Wide 2', home, colorCode, 2, ['group', 417], 'Home');
  shelf.dmr('Gannet 588', [439_562_500, 431_962_500], 6, 2, ['group', 588], 'Gannet');
  codeplug.dmr.contacts = tableOf([
    ...Object.values(codeplug.dmr.contacts.byId),
    { id: 'f1', name: 'Ansel', kind: 'private' as const, number: 9_994_021 },
    { id: 'f2', name: 'Brida', kind: 'private' as const, number: 9_994_377 },
    { id: 'f3', name: 'Corrin', kind: 'private' as const, number: 9_995_118 },
  ]);
  return codeplug;
}

export async function borrowedKit(): Promise<MadeKit> {
  const made = await makeKit(borrowedCodeplug(), { ...DIALECTS[0]!, nameLength: 20 }, randomOf(77));
  const settings = `"Setting","Radio ID","My Call"\r\n"Radio","${LENDER.dmrId}","${LENDER.callSign}"\r\n`;
  return { ...made, files: [...made.files, { name: 'radio.csv', bytes: new TextEncoder().encode(settings) }] };
}
