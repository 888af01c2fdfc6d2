import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { accessTo, DIRECT, leaves } from './access';
import { writeCommand } from './addresses';
import { hears, type LinkState, reachesFamily, transmit } from './link';

const LNK = { reflector: 'LNK001', module: 'C' };

describe('access to a site', () => {
  it('leads beyond it through its own gateway only', () => {
    expect([accessTo('QO3VES', 'B', true), accessTo('QO1HSK', 'B', false)]).toEqual([{ rpt1: 'QO3VES B', rpt2: 'QO3VES G' }, { rpt1: 'QO1HSK B', rpt2: 'QO1HSK B' }]);
    expect([leaves(accessTo('QO1HSK', 'B', true), 'QO1HSK'), leaves(accessTo('QO1HSK', 'B', false), 'QO1HSK'), leaves(accessTo('QO1HSK', 'B', true), 'QO1MRN'), leaves(DIRECT, 'QO3VES')]).toEqual([true, false, false, false]);
  });
});

describe('a site and its link', () => {
  const open = { callSign: 'QO3VES', families: 'every' as const };
  const closed = { callSign: 'QO1HSK', families: ['WAV'] };
  const G = { [open.callSign]: 'QO3VES G', [closed.callSign]: 'QO1HSK G' };
  const other: LinkState = { reflector: 'WAV042', module: 'A' };

  it.each([
    ['a link command links', null, open, 'LNK001CL', { state: LNK, answer: 'linked to LNK001 C', fault: null }],
    ['a call to all goes where it is linked', LNK, open, 'CQCQCQ  ', { state: LNK, reaches: { kind: 'reflector', to: LNK } }],
    ['a call to all, linked elsewhere, goes elsewhere', other, open, 'CQCQCQ  ', { state: other, reaches: { kind: 'reflector', to: other } }],
    ['a call to all, not linked, stays', null, open, 'CQCQCQ  ', { reaches: null, fault: null }],
    ['unlink leaves', LNK, open, '       U', { state: null, answer: 'not linked' }],
    ['status says where it is linked', LNK, open, '       I', { state: LNK, answer: 'linked to LNK001 C' }],
    ['echo comes back', LNK, open, '       E', { state: LNK, reaches: { kind: 'echo' } }],
    ['a talk entry left on its link command links again', LNK, open, 'LNK001CL', { state: LNK, reaches: null, answer: 'linked to LNK001 C' }],
    ['a family that the gateway does not reach', other, closed, 'LNK001CL', { state: other, fault: 'family not reached' }],
    ['a family that it reaches', null, closed, 'WAV042AL', { state: other, fault: null }],
    ['a command without its L', null, open, 'LNK001C ', { state: null, fault: 'malformed' }],
    ['a station by its call sign', null, open, 'QO4TAM  ', { reaches: { kind: 'station', callSign: 'QO4TAM' } }],
    ['another repeater', null, open, '/QO1MRNC', { reaches: { kind: 'repeater', callSign: 'QO1MRN C' } }],
  ] as const)('%s', (_, state, gateway, ur, outcome) => expect(transmit(state, gateway, { ur, rpt2: G[gateway.callSign]! })).toMatchObject(outcome));

  it('without the gateway in RPT2 nothing is obeyed and nobody beyond hears, but one hears them', () => {
    expect(transmit(null, open, { ur: 'LNK001CL', rpt2: 'QO3VES B' })).toEqual({ state: null, reaches: null, answer: null, fault: 'not to the gateway' });
    expect(transmit(LNK, open, { ur: 'CQCQCQ  ', rpt2: 'QO3VES B' })).toEqual({ state: LNK, reaches: null, answer: null, fault: null });
    expect([hears(LNK, LNK), hears(other, LNK), hears(null, LNK)]).toEqual([true, false, false]);
    expect([reachesFamily(open, 'SEA001'), reachesFamily(closed, 'SEA001'), reachesFamily(closed, 'WAV001')]).toEqual([true, false, true]);
  });

  it('is in the same state by the entries in their order as by what was wanted', () => {
    fc.assert(fc.property(fc.constantFrom('LNK001', 'WAV042', 'SEA999'), fc.constantFrom(...'ABCXYZ'), fc.constantFrom<LinkState>(null, other), (reflector, module, before) => {
      const { rpt2 } = accessTo(open.callSign, 'B', true);
      const [link, talk, unlink] = ([{ kind: 'link', reflector, module }, { kind: 'call to all' }, { kind: 'unlink' }] as const).map((command) => ({ ur: writeCommand(command), rpt2 }));
      const linked = transmit(before, open, link!);
      expect(linked.state).toEqual({ reflector, module });
      expect(transmit(linked.state, open, talk!).reaches).toEqual({ kind: 'reflector', to: { reflector, module } });
      expect(transmit(linked.state, open, unlink!).state).toBeNull();
    }));
  });
});
