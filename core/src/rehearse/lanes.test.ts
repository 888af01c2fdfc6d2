import { describe, expect, it } from 'vitest';
import { planIndex } from '../registries/modes';
import { MODES } from '../registries/modes';
import { edit, type Recipe } from '../plan/edit';
import { profileOf } from '../testing/profile-of';
import { key, talker } from '../testing/rehearsing';
import { everyMode } from '../testing/sample-every-mode';
import { lanesOf } from './lanes';
import { Run } from './run';
import { NOBODY } from './types';
import { clock, span, statesAt, tell, type Telling } from './words';

const BASE = everyMode((plan) => void (profileOf(plan, 's1').hang = { radioS: 20, networkS: 20 }));
const EVENING = { mode: 'c4fm', kind: 'room', networkId: 'rm1', roomId: 'evening' } as const;

function ran(change: Recipe, does: (run: Run) => void, toMs: number): { run: Run; telling: Telling } {
  const { plan } = edit(BASE, change);
  const run = new Run(plan, { modes: MODES, cast: { ...NOBODY, talkers: [talker('them', EVENING)] } });
  does(run);
  run.runTo(toMs);
  const callSigns = new Map([['them', 'QO7ELM']]);
  return { run, telling: { index: planIndex(plan), modes: MODES, callSigns, overs: run.overs } };
}

const called = ran(
  () => undefined,
  (run) => {
    key(run, 'r3', 'ch-w-evening', 1_000, 2_000);
    key(run, 'r3', 'ch-w-evening', 17_200, 1_500);
  },
  40_000,
);

describe('a run as it is drawn', () => {
  const { lanes, crossings } = lanesOf(called.telling.index.plan, called.run.happened);
  const laneOf = (id: string) => lanes.find((one) => one.key === id)!;

  it('has the lanes that take part, radios first, then sites, then networks', () => {
    expect(lanes.map((one) => one.key)).toEqual(['radio r3', 'site s1', 'network rm1']);
  });
  it('has no bar that ends before it begins, and none open but what goes on', () => {
    for (const { bars } of lanes)
      for (const { fromMs, toMs } of bars) expect(toMs ?? 40_000).toBeGreaterThanOrEqual(fromMs);
  });
  it('leads an over from lane to lane', () => {
    expect(crossings.map(({ from, to }) => `${from} → ${to}`)).toEqual(
      expect.arrayContaining(['radio r3 → site s1', 'network rm1 → site s1', 'site s1 → radio r3']),
    );
    // What was said before the room was connected never got to it.
    expect(crossings.filter(({ to, over }) => to === 'network rm1' && over === 1)).toEqual([]);
  });
  it('shows the lock while overs go on, and the hang time behind them', () => {
    const { bands } = laneOf('site s1');
    expect(bands.map((one) => one.kind)).toContain('hang');
    for (const [at, band] of bands.entries())
      if (at > 0) expect(band.fromMs).toBeGreaterThanOrEqual(bands[at - 1]!.toMs ?? Infinity);
  });
  it('marks what was lost where it was lost', () => {
    const { run, telling } = ran(
      (plan) => void (profileOf(plan, 's1').c4fm.startRoom = 41_205),
      (it) => key(it, 'r3', 'ch-w-evening-disconnect', 1_000, 1_000),
      4_000,
    );
    const site = lanesOf(telling.index.plan, run.happened).lanes.find((one) => one.key === 'site s1')!;
    const lost = site.marks.filter((one) => one.kind === 'lost');
    expect(lost.map(({ at }) => tell(telling, run.happened[at]!))).toEqual([
      'Rambler is lost at Home: it was sending, and hears nothing meanwhile',
    ]);
  });
});

describe('in words', () => {
  it('every happening is told with names, not ids', () => {
    const { run, telling } = called;
    const told = run.happened.map((one) => tell(telling, one));
    expect(told).toContain('Home, C4FM: room 41205 linked');
    expect(told).toContain('QO7ELM talks at Skerry 41205');
    expect(told).toContain('Rambler hears QO7ELM');
    for (const words of told) expect(words).not.toMatch(/\b(r3|s1|rm1|undefined|null)\b/);
  });
  it('a cursor reads every state', () => {
    const { run, telling } = called;
    const at = (ms: number) =>
      Object.fromEntries(statesAt(telling, run.moments, ms).map((one) => [one.name, one.words]));
    expect(at(500)).toMatchObject({ Home: 'looks for any mode' });
    expect(at(18_000)).toMatchObject({ Rambler: 'Isles Evening: sends for 0.8 s, shows room 41205, steady' });
    expect(at(32_500)['Home']).toMatch(
      /^locked to C4FM, \d+ s of hang left; linked: room 41205$|^locked to C4FM, sends QO7ELM/,
    );
  });
  it('times are written as people read them', () => {
    expect([span(400), span(12_000), span(125_000)]).toEqual(['0.4 s', '12 s', '2 min 5 s']);
    expect([clock(12_400), clock(3_723_000)]).toEqual(['0:12.4', '1:02:03.0']);
  });
});
