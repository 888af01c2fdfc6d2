import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  accessProblem,
  callSignOf,
  type Command,
  fieldProblem,
  isGateway,
  moduleOf,
  readCommand,
  urProblem,
  withModule,
  writeCommand,
} from './addresses';

describe('a call-sign field', () => {
  // The values for hotspot QO3VES on 70 cm.
  it('has the letter in the eighth place', () => {
    expect([
      withModule('QO3VES', 'B'),
      withModule('QO3VES', 'G'),
      withModule('QO3', 'C'),
      withModule('QO3VESX', 'B'),
    ]).toEqual(['QO3VES B', 'QO3VES G', 'QO3    C', 'QO3VESXB']);
    expect([
      moduleOf('QO3VES B'),
      callSignOf('QO3VES B'),
      isGateway('QO3VES G'),
      isGateway('QO3VES B'),
      isGateway('       G'),
    ]).toEqual(['B', 'QO3VES', true, false, false]);
  });

  it.each([
    ['QO3VES B', null],
    ['QO3    C', null],
    ['', null],
    ['CQCQCQ', null],
    ['QO3 C', 'QO3    C'],
    ['QO3VES  B', 'QO3VES B'],
    ['qo3ves b', null],
    ['QO1 B   ', 'QO1    B'],
  ])('“%s”: meant “%s”', (text, meant) => expect(fieldProblem(text)?.meant ?? null).toBe(meant));

  it('says what is wrong', () => {
    expect(fieldProblem('QO3 C')?.problem).toBe('Found “QO3 C” with the letter in place 5, expected it in the eighth.');
    expect(fieldProblem('QÖ3VES B')?.problem).toContain('letters A to Z');
    expect(fieldProblem('QO3VESXYZ')?.problem).toContain('9 characters');
    expect(fieldProblem('HANDY', 4)).toEqual({
      found: '5 characters',
      expected: 'at most 4',
      problem: 'Found 5 characters, expected at most 4.',
      meant: 'HAND',
    });
  });
});

describe('what is typed into RPT and UR fields', () => {
  it.each([
    ['QO3VESB', 'Found “QO3VESB” with the letter in place 7, expected it in the eighth.', 'QO3VES B'],
    [
      'QO3VES',
      'Found “QO3VES” without a letter in the eighth place, expected a module such as B, or G for the gateway.',
      undefined,
    ],
    ['QO3 G', 'Found “QO3 G” with the letter in place 5, expected it in the eighth.', 'QO3    G'],
    ['QO3VES BB', 'Found 9 characters, expected at most 8.', undefined],
  ])('RPT “%s” is refused', (text, problem, meant) =>
    expect(accessProblem(text)).toMatchObject(meant === undefined ? { problem } : { problem, meant }),
  );
  it.each(['QO3VES B', 'QO3VES G', '', '        ', 'DIRECT', 'qo3ves b', 'QO3VESXB'])('RPT “%s” is taken', (text) =>
    expect(accessProblem(text)).toBeNull(),
  );

  it.each([
    ['U', 'the letter U stands in place 1, not in the eighth', '       U'],
    ['LNK001C', 'the L in the eighth place is missing', 'LNK001CL'],
    ['lnk001 c', 'the module of LNK001 is missing or no letter from A to Z', 'LNK001CL'],
    ['LNK001', 'the module of LNK001 is missing or no letter from A to Z', undefined],
  ])('UR “%s” is refused', (text, why, meant) =>
    expect(urProblem(text)).toMatchObject({
      problem: `Found “${text}”, expected eight characters: ${why}.`,
      ...(meant ? { meant } : {}),
    }),
  );
  it.each(['CQCQCQ', 'LNK001CL', '       U', '/QO1HSKB', 'QO4TAM', 'qo4tam'])('UR “%s” is taken', (text) =>
    expect(urProblem(text)).toBeNull(),
  );
});

describe('a UR field', () => {
  it.each([
    ['CQCQCQ  ', { kind: 'call to all' }],
    ['LNK001CL', { kind: 'link', reflector: 'LNK001', module: 'C' }],
    ['       U', { kind: 'unlink' }],
    ['       I', { kind: 'status' }],
    ['       E', { kind: 'echo' }],
    ['/QO1HSKB', { kind: 'repeater', callSign: 'QO1HSK', module: 'B' }],
    ['QO4TAM  ', { kind: 'station', callSign: 'QO4TAM' }],
    ['U', { kind: 'malformed', why: 'the letter U stands in place 1, not in the eighth' }],
    ['LNK001C', { kind: 'malformed', why: 'the L in the eighth place is missing' }],
    ['LNK001 L', { kind: 'malformed', why: 'the module of LNK001 is missing or no letter from A to Z' }],
    ['LNK001', { kind: 'malformed', why: 'the module of LNK001 is missing or no letter from A to Z' }],
    ['        ', { kind: 'malformed', why: 'nothing is asked for' }],
  ] as [string, Command][])('“%s”', (text, command) => expect(readCommand(text)).toEqual(command));

  it('is written as it is read, in exactly eight characters', () => {
    const letter = fc.constantFrom(...'ABCDEFGHIJKLMNOPQRSTUVWXYZ');
    const command = fc.oneof(
      fc.constantFrom<Command>({ kind: 'call to all' }, { kind: 'unlink' }, { kind: 'status' }, { kind: 'echo' }),
      fc.record({
        kind: fc.constant('link' as const),
        reflector: fc.constantFrom('LNK001', 'WAV042', 'SEA999'),
        module: letter,
      }),
      fc.record({
        kind: fc.constant('repeater' as const),
        callSign: fc.constantFrom('QO1HSK', 'QO2', 'QO1ELY'),
        module: letter,
      }),
      fc.record({ kind: fc.constant('station' as const), callSign: fc.constantFrom('QO4TAM', 'QO9A', 'QO3VESX') }),
    );
    fc.assert(
      fc.property(command, (one) => {
        const field = writeCommand(one as Exclude<Command, { kind: 'malformed' }>);
        expect(field).toHaveLength(8);
        expect(readCommand(field)).toEqual(one);
      }),
    );
  });
});
