/** What is no scenario is refused with the place, what was found there and what was expected. */
import { describe, expect, it } from 'vitest';
import { MODES } from '@relay/core/registries/modes';
import { readScenario } from '@relay/core/rehearse/read-scenario';
import { practicePlan } from './practice';
import { SCENARIOS } from './scenarios';

const practice = practicePlan();
const read = (raw: unknown) => readScenario(raw, practice, MODES).problems;
const sound = SCENARIOS.find(({ id }) => id === 'mode-captured')!;
const copy = () => structuredClone(sound) as unknown as Record<string, never> & typeof sound;

describe('a scenario that somebody gives', () => {
  it('is taken where it is sound, with the practice plan or one of its own', () => {
    expect(read(sound)).toEqual([]);
    expect(read({ ...sound, plan: practice })).toEqual([]);
    const world = {
      home: {
        dmr: { awake: [{ networkId: 'lantern', slot: 2, number: 417, untilMs: 9_000 }] },
        dstar: { linkedTo: { reflector: 'LNK001', module: 'C' } },
        c4fm: { connectedTo: '41205' },
        p25: { linkedTo: null },
      },
    };
    expect(read({ ...sound, world })).toEqual([]);
  });
  it.each<[string, () => unknown, object]>([
    ['no text of a scenario', () => [], { pointer: '', found: '[]' }],
    ['a key too few', () => ({ ...sound, acts: undefined }), { pointer: '/acts' }],
    [
      'a wrong act',
      () => ({ ...sound, acts: [{ atS: 1, do: 'sing' }] }),
      { pointer: expect.stringContaining('/acts/0') as string },
    ],
    ['a plan that is none', () => ({ ...sound, plan: {} }), { pointer: expect.stringMatching(/^\/plan/) as string }],
    [
      'a patch that does not fit',
      () => ({ ...sound, set: [{ op: 'replace', path: '/nowhere/at/all', value: 1 }] }),
      { pointer: '/set: /nowhere/at/all' },
    ],
    [
      'a fault that makes the plan unsound',
      () => ({ ...sound, set: [{ op: 'replace', path: '/profiles/byId/home/set/hang', value: 'long' }] }),
      { pointer: expect.stringContaining('/set: /profiles/byId/home/set/hang') as string },
    ],
    [
      'a radio that is not there',
      () => {
        const of = copy();
        Object.assign(of.acts[0]!, { radio: 'lost' });
        return of;
      },
      { pointer: '/acts/0/radio', found: 'lost' },
    ],
    [
      'a channel that is not there',
      () => {
        const of = copy();
        Object.assign(of.acts[1]!, { channel: 'lost' });
        return of;
      },
      { pointer: '/acts/1/channel', found: 'lost', expected: 'a channel of handheld' },
    ],
    [
      'talk at a place that is not there',
      () => {
        const of = copy();
        Object.assign(of.talkers[0]!.at, { roomId: 'lost' });
        return of;
      },
      { pointer: '/talkers/0/at' },
    ],
    [
      'a state of a site that is not there',
      () => ({ ...sound, world: { lost: { dmr: { awake: [] } } } }),
      { pointer: '/world/lost', found: 'lost' },
    ],
    [
      'a state of a mode that the site has not',
      () => ({ ...sound, world: { ridge: { dmr: { awake: [] } } } }),
      { pointer: '/world/ridge/dmr' },
    ],
    [
      'what is no state',
      () => ({ ...sound, world: { home: { c4fm: { connectedTo: 41205 } } } }),
      { pointer: '/world/home/c4fm', expected: 'a state of C4FM' },
    ],
    [
      'a silent place that is not there',
      () => ({ ...sound, silent: [{ ...sound.talkers[0]!.at, roomId: 'lost' }] }),
      { pointer: '/silent/0' },
    ],
    [
      'a tone code that is not there',
      () => ({ ...sound, acts: [{ atS: 1, do: 'code', radio: 'rambler', code: 'lost' }] }),
      { pointer: '/acts/0/code', found: 'lost', expected: 'a tone code of rambler' },
    ],
  ])('is refused with its place: %s', (_, raw, problem) => {
    expect(read(raw())).toContainEqual(expect.objectContaining(problem));
  });
});
