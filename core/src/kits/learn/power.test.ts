import { describe, expect, it } from 'vitest';
import { newRadio } from '../../plan/create';
import { rows } from '../../plan/table';
import { KIT_MODES } from '../../registries/kits';
import { textOf, typed } from '../../testing/kits/typed-kit';
import { fillRadio } from '../fill-radio';
import { forRadio } from '../for-radio';
import { kitTables } from '../kit-tables';
import { readKit } from '../read-kit';
import { writeKit } from '../write/write-kit';

/** A table with a channel for each of the words. */
const tableOf = (words: readonly string[]) =>
  [
    'No.,Name,RX Freq,TX Freq,Color Code,Slot,Power',
    ...words.map((word, at) => `${at + 1},Hask ${at + 1},438.${600 + at * 25}00,431.00000,1,1,${word}`),
    '',
  ].join('\r\n');

describe('steps of power', () => {
  it.each<[string, readonly string[], readonly string[]]>([
    ['two words', ['Low', 'High'], ['low', 'high']],
    ['three words', ['L', 'M', 'H'], ['low', 'middle', 'high']],
    ['two, the greater of which others call the middle', ['Low', 'Mid'], ['low', 'high']],
    ['four words, the least named as such', ['Min', 'Low', 'Mid', 'High'], ['low', 'middle', 'high', 'maximum']],
    ['five words', ['Min', 'Low', 'Mid', 'High', 'Max'], ['minimum', 'low', 'middle', 'high', 'maximum']],
    ['watts in any order', ['5W', '1W', '10W'], ['middle', 'low', 'high']],
    ['watts and milliwatts', ['500 mW', '2 W'], ['low', 'high']],
    [
      'six steps',
      ['1W', '2W', '3W', '4W', '5W', '6W'],
      ['minimum', 'low', 'below middle', 'above middle', 'high', 'maximum'],
    ],
    [
      'more steps than have a name',
      ['1W', '2W', '3W', '4W', '5W', '6W', '7W', '8W', '9W', '10W'],
      ['1W', '2W', '3W', '4W', '5W', '6W', '7W', '8W', '9W', '10W'],
    ],
  ])('%s', async (_, words, levels) => {
    const { content } = await typed({ 'channels.csv': tableOf(words) });
    expect(rows(content.codeplug.channels).map(({ power }) => power)).toEqual(levels);
    expect(content.findings).toEqual([]);
  });

  it('come back as they were written, and one that the file has no word for is told', async () => {
    const { kit, files, content } = await typed({ 'channels.csv': tableOf(['L', 'M', 'H']) });
    const next = structuredClone(content.codeplug);
    const [first, second] = rows(next.channels);
    first!.power = 'middle';
    second!.power = 'maximum';
    const written = await writeKit(next, kit, files, KIT_MODES, { keepOthers: false });
    expect(written.wrong).toEqual([]);
    expect(textOf(written.files, 'channels.csv')).toBe(tableOf(['M', 'M', 'H']));
    expect(written.losses).toEqual(expect.arrayContaining([{ title: 'Power', why: 'no word', count: 1 }]));
  });

  const radioOf = (...names: string[]) => {
    const radio = newRadio('r', 'Handheld', ['dmr']);
    radio.power = names.map((name, at) => ({ name, watts: at + 1 }));
    return radio;
  };

  it.each<[string, readonly string[], string[], readonly string[]]>([
    ['the same number: by their place', ['L', 'M', 'H'], ['Eco', 'Mid', 'Full'], ['Eco', 'Mid', 'Full']],
    ['the same names', ['Low', 'High'], ['low', 'middle', 'high'], ['low', 'high']],
    ['fewer than the radio has: least and most', ['Low', 'High'], ['1', '2', '3', '4'], ['1', '4']],
    [
      'more than the radio has',
      ['1W', '2W', '3W', '4W', '5W'],
      ['Eco', 'Mid', 'Full'],
      ['Eco', 'Mid', 'Mid', 'Full', 'Full'],
    ],
    [
      'ten steps',
      ['10W', '9W', '8W', '7W', '6W', '5W', '4W', '3W', '2W', '1W'],
      ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h', 'i', 'j'],
      ['j', 'i', 'h', 'g', 'f', 'e', 'd', 'c', 'b', 'a'],
    ],
    ['nothing is known of the radio', ['L', 'H'], [], ['low', 'high']],
  ])('are those of a radio: %s', async (_, words, names, powers) => {
    const { kit, files } = await typed({ 'channels.csv': tableOf(words) });
    const of = forRadio(kit, radioOf(...names));
    const { tables } = kitTables(of, files);
    const { codeplug } = readKit(tables, KIT_MODES);
    expect(rows(codeplug.channels).map(({ power }) => power)).toEqual(powers);
    const written = await writeKit(codeplug, of, files, KIT_MODES, { keepOthers: false });
    expect(written.wrong).toEqual([]);
    // What is read as the same step stays as it is written.
    expect(textOf(written.files, 'channels.csv')).toBe(tableOf(words));
  });

  it('of a column that only tells low power from full are the ends of what the radio has', async () => {
    const flags = (...words: string[]) => tableOf(words).replace('Power', 'Low Power');
    const { kit, files } = await typed({ 'channels.csv': flags('On', 'Off') });
    const of = forRadio(kit, radioOf('Eco', 'Mid', 'Full'));
    const { tables } = kitTables(of, files);
    const { codeplug } = readKit(tables, KIT_MODES);
    expect(rows(codeplug.channels).map(({ power }) => power)).toEqual(['Eco', 'Full']);
    const next = structuredClone(codeplug);
    rows(next.channels)[0]!.power = 'Mid';
    const written = await writeKit(next, of, files, KIT_MODES, { keepOthers: false });
    expect(written.losses).toContainEqual({ title: 'Power', why: 'no word', count: 1 });
    rows(next.channels)[0]!.power = 'Full';
    const again = await writeKit(next, of, files, KIT_MODES, { keepOthers: false });
    expect(textOf(again.files, 'channels.csv')).toBe(flags('Off', 'Off'));
  });

  it('are known of a radio from its files, with the watts that they say', async () => {
    const { kit } = await typed({ 'channels.csv': tableOf(['5W', '500 mW', '10W']) });
    const radio = radioOf();
    expect(fillRadio(radio, kit)).toContain('power');
    expect(radio.power).toEqual([
      { name: 'low', watts: 0.5 },
      { name: 'middle', watts: 5 },
      { name: 'high', watts: 10 },
    ]);
    expect(fillRadio(radioOf('Eco', 'Full'), kit)).not.toContain('power');
  });
});
