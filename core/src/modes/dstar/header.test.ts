import { readFileSync } from 'node:fs';
import { crc16 } from 'easy-crc';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkSequence, decodeHeader, encodeHeader, type Header } from './header';

/** Reference values; their source stands in the file. */
const { vectors } = JSON.parse(readFileSync(new URL('../../../vectors/crc-x25.json', import.meta.url), 'utf8')) as {
  vectors: { name: string; hex: string; crc_hex: string; wire_bytes_low_first: string }[];
};
const bytesOf = (hex: string) => Uint8Array.from(hex.match(/../g) ?? [], (pair) => parseInt(pair, 16));
const hexOf = (bytes: Uint8Array) => Buffer.from(bytes).toString('hex');

const character = fc.constantFrom(...'ABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789/ ');
const text = (length: number) => fc.string({ unit: character, minLength: length, maxLength: length });
const byte = fc.integer({ min: 0, max: 255 });
const header: fc.Arbitrary<Header> = fc.record({
  flags: fc.tuple(byte, byte, byte),
  rpt2: text(8),
  rpt1: text(8),
  ur: text(8),
  my: text(8),
  suffix: text(4),
});

describe('the check sequence', () => {
  it.each(vectors.map((one) => [one.name, one] as const))('of %s', (_, { hex, crc_hex }) =>
    expect(checkSequence(bytesOf(hex)).toString(16).padStart(4, '0')).toBe(crc_hex),
  );

  it('is the one of an independent package, whatever the bytes', () => {
    fc.assert(
      fc.property(
        fc.uint8Array({ maxLength: 80 }),
        (bytes) => void expect(checkSequence(bytes)).toBe(crc16('X-25', Buffer.from(bytes))),
      ),
    );
  });
});

describe('the header', () => {
  it('is 41 bytes, in the order of the air, low byte of the check sequence first', () => {
    const vector = vectors.find((one) => one.name.includes('via repeater'))!;
    const encoded = encodeHeader({
      flags: [0x40, 0, 0],
      rpt2: 'N0CALL G',
      rpt1: 'N0CALL B',
      ur: 'CQCQCQ',
      my: 'N0CALL P',
      suffix: '',
    });
    expect(hexOf(encoded)).toBe(vector.hex + vector.wire_bytes_low_first);
  });

  it('comes back as it went, and any single byte that changed is noticed', () => {
    fc.assert(fc.property(header, (one) => void expect(decodeHeader(encodeHeader(one))).toEqual(one)));
    fc.assert(
      fc.property(header, fc.integer({ min: 0, max: 40 }), fc.integer({ min: 1, max: 255 }), (one, at, change) => {
        const bytes = encodeHeader(one);
        bytes[at] = bytes[at]! ^ change;
        expect(decodeHeader(bytes)).toBeNull();
      }),
    );
    expect(decodeHeader(new Uint8Array(40))).toBeNull();
  });

  it.each([{ my: 'QO3VES B2' }, { ur: 'cqcqcq' }, { suffix: 'HANDY' }, { rpt1: 'QÖ3VES B' }])('refuses %j', (wrong) => {
    expect(() => encodeHeader({ flags: [0, 0, 0], rpt2: '', rpt1: '', ur: '', my: '', suffix: '', ...wrong })).toThrow(
      RangeError,
    );
  });
});
