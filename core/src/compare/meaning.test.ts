import { describe, expect, it } from 'vitest';
import { rows } from '../plan/table';
import { validatePlan } from '../plan/validate';
import type { ChannelOf, Codeplug, ValuesOf } from '../plan/types';
import { MODES } from '../registries/modes';
import { samplePlan } from '../testing/sample-plan';
import { channelDifferences, compareChannels, type MatchKind } from './meaning';
import { takeFrom } from './take-over';

const here = () => structuredClone(samplePlan().codeplugs['r1']!);
const channels = (codeplug: Codeplug) => rows(codeplug.channels) as ChannelOf<'dmr'>[];

/** A change to a copy, what the first channel is then, and what differs, the likeliest to matter first. */
const CASES: [string, (copy: Codeplug) => void, MatchKind, string[]][] = [
  ['nothing', () => undefined, 'same', []],
  ['another name', (copy) => void (channels(copy)[0]!.name = 'Other'), 'renamed', []],
  [
    'another number under the same name',
    (copy) => void (channels(copy)[0]!.dmr.call.number = 7713),
    'other path',
    ['number'],
  ],
  [
    'another slot and power',
    (copy) => void Object.assign(channels(copy)[0]!, { power: 'high', dmr: { ...channels(copy)[0]!.dmr, slot: 1 } }),
    'other path',
    ['slot', 'power'],
  ],
  ['a setting', (copy) => void (channels(copy)[0]!.dmr.admit = 'always'), 'differs', ['admit']],
  [
    'a name and a setting',
    (copy) => void Object.assign(channels(copy)[0]!, { name: 'Other', power: 'high' }),
    'renamed',
    ['power'],
  ],
  [
    'another name and one wrong code',
    (copy) =>
      void Object.assign(channels(copy)[0]!, { name: 'Other', dmr: { ...channels(copy)[0]!.dmr, colorCode: 9 } }),
    'differs',
    ['color-code'],
  ],
];

describe('two codeplugs', () => {
  it.each(CASES)('with %s', (_, change, kind, fields) => {
    const there = here();
    change(there);
    const [first, ...others] = compareChannels(MODES, here(), there);
    expect([first!.kind, first!.differences.map(({ fieldId }) => fieldId)]).toEqual([kind, fields]);
    expect(others.every((one) => one.kind === 'same')).toBe(true);
  });

  it('in another order are the same, and only what moved is said to have', () => {
    const there = here();
    const [first, ...rest] = there.channels.order;
    there.channels.order = [...rest, first!];
    const matches = compareChannels(MODES, here(), there);
    expect(matches.every(({ kind }) => kind === 'same')).toBe(true);
    expect(matches.filter(({ moved }) => moved).map(({ hereId }) => hereId)).toEqual([first]);
  });

  it('of which each has a channel that the other has not', () => {
    const [mine, theirs] = [here(), here()];
    const [a, b] = mine.channels.order;
    delete mine.channels.byId[a!];
    mine.channels.order = mine.channels.order.filter((id) => id !== a);
    delete theirs.channels.byId[b!];
    theirs.channels.order = theirs.channels.order.filter((id) => id !== b);
    // Told apart by number and frequency, neither is near enough to be the other.
    Object.assign(mine.channels.byId[b!]!, { rxHz: 433_000_000, txHz: 433_000_000, name: 'Mine' });
    const kinds = compareChannels(MODES, mine, theirs)
      .map(({ kind }) => kind)
      .filter((kind) => kind !== 'same');
    expect(kinds).toEqual(['only here', 'only there']);
  });

  it('are compared only in what the other side says', () => {
    const there = here();
    for (const one of channels(there)) Object.assign(one, { power: 'high', dmr: { ...one.dmr, admit: 'always' } });
    const said = new Map(there.channels.order.map((id) => [id, new Set(['rx', 'shift', 'number', 'name'])]));
    expect(compareChannels(MODES, here(), there, { said }).every(({ kind }) => kind === 'same')).toBe(true);
  });

  it('of which a tone is sent in two ways say the same: D023 inverted is D047 (Golay code, see units/dcs)', () => {
    const fm = (toneTx: string) => {
      const values = { ...(MODES.fm.blankChannel() as ValuesOf<'fm'>), name: 'Quay', id: 'q' };
      const channel = { ...values, fm: { ...values.fm, toneTx } };
      return { channel, blocks: here() };
    };
    expect(channelDifferences(MODES, fm('D023I'), fm('D047N'))).toEqual([]);
    expect(channelDifferences(MODES, fm('88.5'), fm('D047N')).map(({ fieldId }) => fieldId)).toEqual(['tone-tx']);
  });
});

describe('taking over', () => {
  it.each(CASES)('makes the same of %s, and the plan stays sound', (_, change) => {
    const plan = structuredClone(samplePlan());
    const there = here();
    change(there);
    const into = plan.codeplugs['r1']!;
    takeFrom(MODES, into, compareChannels(MODES, into, there), { codeplug: there });
    expect(compareChannels(MODES, into, there).every(({ kind }) => kind === 'same')).toBe(true);
    expect(validatePlan(JSON.parse(JSON.stringify(plan))).problems).toEqual([]);
  });

  it('brings a list along that is not here, and takes one that says the same for the same', () => {
    const plan = structuredClone(samplePlan());
    const into = plan.codeplugs['r1']!;
    const there = here();
    there.dmr.receiveLists.byId['far'] = { id: 'far', name: 'Far', groups: [1, 2] };
    there.dmr.receiveLists.order.push('far');
    const [first] = channels(there);
    first!.dmr.receiveListId = 'far';
    const matches = compareChannels(MODES, into, there);
    expect(matches[0]).toMatchObject({ kind: 'differs', differences: [{ fieldId: 'receive-list' }] });
    takeFrom(MODES, into, matches, { codeplug: there });
    takeFrom(MODES, into, matches, { codeplug: there });
    expect(rows(into.dmr.receiveLists).filter(({ name }) => name.startsWith('Far'))).toHaveLength(1);
  });

  it('adds what is only there, and removes what is only here from its zones too', () => {
    const plan = structuredClone(samplePlan());
    const into = plan.codeplugs['r1']!;
    const there = here();
    const [gone] = there.channels.order;
    there.channels.order = there.channels.order.filter((id) => id !== gone);
    delete there.channels.byId[gone!];
    const fresh = {
      ...structuredClone(channels(there)[0]!),
      id: 'fresh',
      name: 'Fresh',
      rxHz: 433_500_000,
      txHz: 433_500_000,
    };
    there.channels.byId['fresh'] = fresh;
    there.channels.order.push('fresh');
    takeFrom(MODES, into, compareChannels(MODES, into, there), { codeplug: there });
    expect(rows(into.channels).map(({ name }) => name)).toContain('Fresh');
    expect(rows(into.zones).flatMap(({ channelIds }) => channelIds)).not.toContain(gone);
    expect(validatePlan(JSON.parse(JSON.stringify(plan))).problems).toEqual([]);
  });
});
