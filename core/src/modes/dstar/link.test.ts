import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { accessTo, DIRECT, leaves } from './access';
import { writeCommand } from './addresses';
import type { LinkState } from '../../plan/modes/dstar/types';
import { type DstarEffect, type Gateway, hears, reachesFamily, step } from './link';

const LNK = { reflector: 'LNK001', module: 'C' };

describe('access to a site', () => {
  it('leads beyond it through its own gateway only', () => {
    expect([accessTo('QO3VES', 'B', true), accessTo('QO1HSK', 'B', false)]).toEqual([
      { rpt1: 'QO3VES B', rpt2: 'QO3VES G' },
      { rpt1: 'QO1HSK B', rpt2: 'QO1HSK B' },
    ]);
    expect([
      leaves(accessTo('QO1HSK', 'B', true), 'QO1HSK'),
      leaves(accessTo('QO1HSK', 'B', false), 'QO1HSK'),
      leaves(accessTo('QO1HSK', 'B', true), 'QO1MRN'),
      leaves(DIRECT, 'QO3VES'),
    ]).toEqual([true, false, false, false]);
  });
});

describe('a site and its link', () => {
  const open = { callSign: 'QO3VES', families: 'every' as const };
  const closed = { callSign: 'QO1HSK', families: ['WAV'] };
  const other: LinkState = { reflector: 'WAV042', module: 'A' };

  const send = (linkedTo: LinkState, gateway: Gateway, ur: string, rpt2 = `${gateway.callSign} G`) =>
    step({ linkedTo }, { kind: 'sent', gateway, ur, rpt2 });

  // [what, linked before, gateway, UR, linked after, effects]
  it.each<[string, LinkState, Gateway, string, LinkState, DstarEffect[]]>([
    ['a link command links', null, open, 'LNK001CL', LNK, [{ kind: 'says link', to: LNK }]],
    ['a call to all goes where it is linked', LNK, open, 'CQCQCQ  ', LNK, [{ kind: 'reaches reflector', to: LNK }]],
    [
      'a call to all, linked elsewhere, goes elsewhere',
      other,
      open,
      'CQCQCQ  ',
      other,
      [{ kind: 'reaches reflector', to: other }],
    ],
    ['a call to all, not linked, stays', null, open, 'CQCQCQ  ', null, []],
    ['unlink leaves', LNK, open, '       U', null, [{ kind: 'says link', to: null }]],
    ['status says where it is linked', LNK, open, '       I', LNK, [{ kind: 'says link', to: LNK }]],
    ['echo comes back', LNK, open, '       E', LNK, [{ kind: 'echoes' }]],
    ['a talk entry left on its link command links again', LNK, open, 'LNK001CL', LNK, [{ kind: 'says link', to: LNK }]],
    [
      'a family that the gateway does not reach',
      other,
      closed,
      'LNK001CL',
      other,
      [
        { kind: 'says not reached', to: LNK },
        { kind: 'refuses', fault: 'family not reached' },
      ],
    ],
    ['a family that it reaches', null, closed, 'WAV042AL', other, [{ kind: 'says link', to: other }]],
    ['a command without its L', null, open, 'LNK001C ', null, [{ kind: 'refuses', fault: 'malformed' }]],
    ['a station by its call sign', null, open, 'QO4TAM  ', null, [{ kind: 'reaches station', callSign: 'QO4TAM' }]],
    ['another repeater', null, open, '/QO1MRNC', null, [{ kind: 'reaches repeater', callSign: 'QO1MRN C' }]],
  ])('%s', (_, before, gateway, ur, after, effects) =>
    expect(send(before, gateway, ur)).toEqual([{ linkedTo: after }, effects]),
  );

  it('without the gateway in RPT2 nothing is obeyed and nobody beyond hears, but one hears them', () => {
    expect(send(null, open, 'LNK001CL', 'QO3VES B')).toEqual([
      { linkedTo: null },
      [{ kind: 'refuses', fault: 'not to the gateway' }],
    ]);
    expect(send(LNK, open, 'CQCQCQ  ', 'QO3VES B')).toEqual([{ linkedTo: LNK }, []]);
    expect([hears(LNK, LNK), hears(other, LNK), hears(null, LNK)]).toEqual([true, false, false]);
    expect([reachesFamily(open, 'SEA001'), reachesFamily(closed, 'SEA001'), reachesFamily(closed, 'WAV001')]).toEqual([
      true,
      false,
      true,
    ]);
  });

  it('is in the same state by the entries in their order as by what was wanted', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('LNK001', 'WAV042', 'SEA999'),
        fc.constantFrom(...'ABCXYZ'),
        fc.constantFrom<LinkState>(null, other),
        (reflector, module, before) => {
          const to = { reflector, module };
          const [link, talk, unlink] = (
            [{ kind: 'link', ...to }, { kind: 'call to all' }, { kind: 'unlink' }] as const
          ).map(writeCommand);
          const [{ linkedTo }] = send(before, open, link!);
          expect(linkedTo).toEqual(to);
          expect(send(linkedTo, open, talk!)[1]).toEqual([{ kind: 'reaches reflector', to }]);
          expect(send(linkedTo, open, unlink!)[0]).toEqual({ linkedTo: null });
        },
      ),
    );
  });
});
