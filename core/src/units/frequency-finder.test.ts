import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { licenceBands } from './bands';
import { clearanceAt, hotspotBands, nearestClearHz, type Occupied, viewBand } from './frequency-finder';
import { type BandPlan, keptSegmentOf, satelliteSegmentOf, segmentsOf } from './segments';

const WIDTH = 12_500;
const PLAN: BandPlan = { region: 'itu-1', edges: {}, kept: null };
const [twoMetres, seventy] = hotspotBands(PLAN);
const asked = (taken: readonly Occupied[], shiftHz = 0, plan = PLAN) => ({ widthHz: WIDTH, shiftHz, plan, taken });
const repeater = (hz: number, kind: Occupied['kind'] = 'site sends'): Occupied => ({
  lowHz: hz - WIDTH / 2,
  highHz: hz + WIDTH / 2,
  kind,
  words: 'QO1HSK',
  distanceM: 400,
});

describe('the frequency finder', () => {
  it('shows 435.5 MHz inside the satellite segment', () => {
    const { occupied } = viewBand(seventy!, asked([]));
    // ITU Radio Regulations 5.282: 435 to 438 MHz.
    expect(clearanceAt(435_500_000, WIDTH, occupied)).toMatchObject({ nearest: { kind: 'satellite' } });
    expect(clearanceAt(435_500_000, WIDTH, occupied).clearanceHz).toBeLessThan(0);
  });

  it('goes to the middle of the widest gap', () => {
    const view = viewBand(
      { name: 'x', lowHz: 438_000_000, highHz: 439_000_000 },
      asked([repeater(438_100_000), repeater(438_500_000)]),
    );
    // Between 438.5 and the band's end at 439.0.
    expect(view.best).toMatchObject({ hz: 438_750_000, nearest: { lowHz: 438_493_750 } });
    const closed = viewBand(
      { name: 'x', lowHz: 438_000_000, highHz: 438_600_000 },
      asked([
        repeater(438_000_000),
        repeater(438_300_000),
        repeater(438_600_000),
        repeater(438_150_000, 'own hotspot'),
      ]),
    );
    expect(closed.best!.hz).toBe(438_450_000);
  });

  const plans = fc.record({
    region: fc.constantFrom('itu-1' as const, 'itu-2' as const, 'itu-3' as const),
    edges: fc.constantFrom<BandPlan['edges'][]>(
      {},
      { '70 cm': { lowHz: 430_000_000, highHz: 436_000_000 } },
      { '2 m': null },
    ),
    kept: fc.constantFrom(null, []),
  });
  const steps = fc.array(fc.integer({ min: 0, max: 800 }), { maxLength: 60 });
  const shifts = fc.constantFrom(0, -7_600_000, 5_000_000, -600_000);

  /** What no proposal may break, said anew. */
  const isSound = (hz: number, plan: BandPlan, taken: readonly Occupied[]) =>
    licenceBands(plan).some((band) => hz - WIDTH / 2 >= band.lowHz && hz + WIDTH / 2 <= band.highHz) &&
    satelliteSegmentOf(hz, WIDTH) === null &&
    keptSegmentOf(hz, WIDTH, plan) === null &&
    taken.every((one) => hz + WIDTH / 2 <= one.lowHz || hz - WIDTH / 2 >= one.highHz);

  it('proposes pairs of which both sides are in the licence, outside what is kept, and clear of everything; none is clearer', () => {
    fc.assert(
      fc.property(plans, steps, shifts, (plan, at, shiftHz) => {
        const band = hotspotBands(plan)[0]!;
        const taken = at.map((step) => repeater(band.lowHz + step * WIDTH));
        const { best } = viewBand(band, asked(taken, shiftHz, plan));
        const sound = (hz: number) => isSound(hz, plan, taken) && isSound(hz + shiftHz, plan, taken);
        const all = Array.from({ length: (band.highHz - band.lowHz) / WIDTH }, (_, i) => band.lowHz + i * WIDTH).filter(
          (hz) => hz - WIDTH / 2 >= band.lowHz && sound(hz),
        );
        expect(best === null).toBe(all.length === 0);
        if (!best) return;
        expect(sound(best.hz)).toBe(true);
        const things = [...taken, ...segmentsOf(plan)].map(({ lowHz, highHz }) => ({ lowHz, highHz }));
        const room = (hz: number) =>
          Math.min(
            hz - WIDTH / 2 - band.lowHz,
            band.highHz - hz - WIDTH / 2,
            ...[hz, hz + shiftHz].flatMap((side) =>
              things.map((one) => Math.max(one.lowHz - side - WIDTH / 2, side - WIDTH / 2 - one.highHz)),
            ),
          );
        expect(room(best.hz)).toBe(Math.max(...all.map(room)));
      }),
      { numRuns: 25 },
    );
  });

  it('moves to the nearest that is clear, as brute force finds it', () => {
    fc.assert(
      fc.property(plans, steps, shifts, fc.integer({ min: 429_000_000, max: 441_000_000 }), (plan, at, shiftHz, hz) => {
        const taken = at.map((step) => repeater(430_000_000 + step * WIDTH));
        const found = nearestClearHz(hz, asked(taken, shiftHz, plan));
        const all = licenceBands(plan)
          .flatMap((band) =>
            Array.from({ length: Math.ceil((band.highHz - band.lowHz) / WIDTH) + 1 }, (_, i) => {
              return (Math.floor(band.lowHz / WIDTH) + i) * WIDTH;
            }),
          )
          .filter((one) => isSound(one, plan, taken) && isSound(one + shiftHz, plan, taken));
        const best = Math.min(...all.map((one) => Math.abs(one - hz)));
        expect(found === null ? Infinity : Math.abs(found - hz)).toBe(best);
      }),
      { numRuns: 12 },
    );
    // 435.5 MHz is in the satellite segment; the first clear channel below it ends at its edge.
    expect(nearestClearHz(435_500_000, asked([]))).toBe(434_987_500);
  });

  it('finds nothing where everything is taken', () => {
    expect(
      viewBand(
        { name: 'x', lowHz: 438_000_000, highHz: 438_100_000 },
        asked([{ ...repeater(438_050_000), lowHz: 438_000_000, highHz: 438_100_000 }]),
      ).best,
    ).toBeNull();
    expect(twoMetres!.name).toBe('2 m');
  });
});
