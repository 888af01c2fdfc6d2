import { describe, expect, it } from 'vitest';
import { rows } from '../../plan/table';
import type { PowerLevel } from '../../plan/types';
import { KIT_MODES } from '../../registries/kits';
import { textOf, typed } from '../../testing/kits/typed-kit';
import { writeKit } from '../write/write-kit';

/** A table with a channel for each of the words. */
const tableOf = (words: readonly string[]) =>
  [
    'No.,Name,RX Freq,TX Freq,Color Code,Slot,Power',
    ...words.map((word, at) => `${at + 1},Hask ${at + 1},438.${600 + at * 25}00,431.00000,1,1,${word}`),
    '',
  ].join('\r\n');

describe('steps of power', () => {
  it.each<[string, readonly string[], readonly PowerLevel[]]>([
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
      ['low', ...Array<PowerLevel>(8).fill('middle'), 'high'],
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
});
