import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { describeReadFinding } from '../../formats/format';
import { readRaw } from '../../lists/raw';
import { newNetwork } from '../../plan/create';
import { directoryOf } from '../../registries/lists';
import { readDirectory } from '../../lists/directory';
import type { ListedRoom } from './directory';

const NETWORK = newNetwork('c4fm', 'rooms', 'Skerry');

function readBytes(bytes: Uint8Array) {
  const { rows, rejected } = readDirectory(readRaw(bytes), directoryOf('c4fm'), NETWORK);
  return { rooms: rows as ListedRoom[], rejected };
}

const read = (text: string) => readBytes(new TextEncoder().encode(text));

describe('a list of rooms', () => {
  it('is read by its headings, in any order and with any delimiter', () => {
    const { rooms, rejected } = read(
      'Name;Place;Room number;Connected;Kind\nIsles Evening;Hask;41205;14;room\nNorth News;Tarn;52110;6;Node\nZéro Club;;00417;;\n',
    );
    expect(rejected).toEqual([]);
    expect(rooms).toEqual([
      { number: 41_205, name: 'Isles Evening', place: 'Hask', kind: 'room', activity: 14 },
      { number: 52_110, name: 'North News', place: 'Tarn', kind: 'node', activity: 6 },
      { number: 417, name: 'Zéro Club', place: '', kind: 'room', activity: null },
    ]);
  });

  it('without headings by what is in it', () => {
    expect(
      read('41205,Isles Evening,14\n41377,Ferry Deck,3\n').rooms.map((one) => [one.number, one.name, one.activity]),
    ).toEqual([
      [41_205, 'Isles Evening', 14],
      [41_377, 'Ferry Deck', 3],
    ]);
  });

  it('says the line of what is none: the way out, words, six digits, a number twice, no name', () => {
    const { rooms, rejected } = read(
      'Number,Name\n99999,Leave\nmany,Words\n412055,Six\n41205,Isles Evening\n41205,Again\n41300,\n',
    );
    expect(rooms).toHaveLength(1);
    expect(rejected.map(describeReadFinding)).toEqual([
      'Line 2, number: found “99999”, expected a room: 99999 disconnects.',
      'Line 3, number: found “many”, expected a number of up to five digits, such as 41205.',
      'Line 4, number: found “412055”, expected a number of up to five digits, such as 41205.',
      'Line 6, number: found “41205”, expected each number once.',
      'Line 7, name: found nothing, expected a name.',
    ]);
  });

  it('never crashes the reader, whatever it holds', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 400 }), (bytes) => {
        const { rooms, rejected } = readBytes(bytes);
        for (const { number, name } of rooms) expect([Number.isInteger(number), name !== '']).toEqual([true, true]);
        expect(rejected.every((one) => one.expected !== '')).toBe(true);
      }),
      { numRuns: 100 },
    );
  });
});
