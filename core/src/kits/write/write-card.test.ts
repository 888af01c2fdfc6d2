import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readRaw } from '../../lists/raw';
import { guessColumns, readSites } from '../../registries/lists';
import { learnMade } from '../../testing/kits/measure';
import { openFiles } from '../keep-kit';
import { cardRow, type CardRow } from './card-row';
import { writeCard } from './write-card';

const raw = readRaw(readFileSync(new URL('../../../../demo/lists/isles-club.csv', import.meta.url)));
const { sites } = readSites(raw, guessColumns(raw));
const rows: CardRow[] = sites.map(({ site }) => cardRow(site, 'dmr', 'Isles'));

/** A card of an invented radio: call signs of eight places, decimal commas, a shift with a column for its sign. */
const CARD =
  'Region;Label;Town;Relay call;Gateway call;Output;Sign;Shift;Lat;Lon;Beeps\r\n' +
  'Isles;Hask Head;Hask;QO1HSK B;QO1HSK G;439,425000;-;7,600000;46,713;-33,418;2\r\n' +
  'Isles;Far Away;Gannet;QO9FAR B;QO9FAR G;438,100000;-;7,600000;47,100;-32,900;2\r\n';

async function card(text = CARD) {
  const given = [{ name: 'sites.csv', bytes: new TextEncoder().encode(text) }];
  const { learnt } = await learnMade({ files: given, truth: [] });
  return { learnt, kit: { tables: learnt.tables.map(({ layout }) => layout) }, files: await openFiles(given) };
}
const textOf = (bytes: Uint8Array) => new TextDecoder().decode(bytes);

describe('a card with a list of sites', () => {
  it('says the country and the tone that opens a site, where it has columns for them', async () => {
    const { kit, files } = await card(
      'Name,Repeater call,Country,Freq,Offset,Dup,Tone Mode,Tone,Lat,Lon\r\n' +
        'Old,QO1OLD B,Ostrey,438.650000,7.600000,DUP-,OFF,88.5,46.5,-33.1\r\n' +
        'Tall,QO1TAL B,Ostrey,438.675000,7.600000,DUP-,TONE,100.0,46.6,-33.2\r\n',
    );
    const site = { ...sites[0]!.site, callSign: 'QO2NEW', module: 'B', name: 'New', country: 'Hallin', tone: '110.9' };
    const plain = { ...site, callSign: 'QO2OPN', name: 'Open', tone: 'none' };
    const unsaid = { ...site, callSign: 'QO2UNS', name: 'Unsaid', tone: null };
    const given = [site, plain, unsaid].map((one) => cardRow(one, 'dmr', 'Isles'));
    const written = await writeCard(kit, files, given, null);
    expect(written.wrong).toEqual([]);
    const [, ...lines] = textOf(written.files[0]!.bytes).trim().split('\r\n');
    expect(
      lines.map((line) =>
        line
          .split(',')
          .slice(2, 8)
          .filter((_, at) => at !== 1 && at !== 2),
      ),
    ).toEqual([
      ['Hallin', 'DUP-', 'TONE', '110.9'],
      ['Hallin', 'DUP-', 'OFF', expect.any(String)],
      ['Hallin', 'DUP-', 'OFF', expect.any(String)],
    ]);
  });

  it('is known by its columns', async () => {
    const { learnt } = await card();
    expect(learnt.tables[0]!.layout.role).toBe('site list');
    expect(learnt.tables[0]!.columns.map(({ field }) => field)).toEqual([
      'group',
      'name',
      'place',
      'call',
      'gateway',
      'rx',
      'direction',
      'shift',
      'lat',
      'lon',
      null,
    ]);
  });

  it('keeps the row of a site that stays byte for byte, loses the others, and takes the new ones up to its room', async () => {
    const { kit, files } = await card();
    const written = await writeCard(kit, files, rows, 3);
    expect(written.wrong).toEqual([]);
    const lines = textOf(written.files[0]!.bytes).split('\r\n');
    expect(lines.slice(0, 2)).toEqual(CARD.split('\r\n').slice(0, 2));
    expect(lines[2]).toBe('Isles;Merrin Tower;Merrin;QO1MRN B;QO1MRN G;438,950000;-;7,600000;46,748;-33,360;2');
    expect(lines).toHaveLength(5);
    expect(written.leftOut).toEqual(rows.slice(3).map(({ name }) => name));
    // Again, nothing is left to do.
    const opened = await openFiles(written.files);
    const twice = await writeCard(kit, opened, rows, 3);
    expect([twice.added, twice.changed, twice.removed]).toEqual([0, 0, 0]);
  });

  it('says which sites it has no way to write', async () => {
    const { kit, files } = await card();
    const up = { ...rows[0]!, name: 'Upward', texts: { ...rows[0]!.texts, call: 'QO7UPP B', direction: '+' } };
    const written = await writeCard(kit, files, [up], null);
    expect(written.unfit).toEqual([{ name: 'Upward', why: 'no row of the sample shows a shift of +' }]);
  });
});
