import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { satelliteSegmentOf } from './bands';
import { clearanceAt, hotspotBands, type Occupied, viewBand } from './frequency-finder';

const WIDTH = 12_500;
const [twoMetres, seventy] = hotspotBands('itu-1');
const repeater = (hz: number, kind: Occupied['kind'] = 'site sends'): Occupied => ({
  lowHz: hz - WIDTH / 2,
  highHz: hz + WIDTH / 2,
  kind,
  words: 'QO1HSK',
  distanceM: 400,
});

describe('the frequency finder', () => {
  it('shows 435.5 MHz inside the satellite segment', () => {
    const { occupied } = viewBand(seventy!, WIDTH, []);
    // ITU Radio Regulations 5.282: 435 to 438 MHz.
    expect(clearanceAt(435_500_000, WIDTH, occupied)).toMatchObject({ nearest: { kind: 'satellite segment' } });
    expect(clearanceAt(435_500_000, WIDTH, occupied).clearanceHz).toBeLessThan(0);
  });

  it('goes to the middle of the widest gap', () => {
    const view = viewBand({ name: 'x', lowHz: 438_000_000, highHz: 439_000_000 }, WIDTH, [
      repeater(438_100_000),
      repeater(438_500_000),
    ]);
    // Between 438.5 and the band's end at 439.0.
    expect(view.best).toMatchObject({ hz: 438_750_000, nearest: { lowHz: 438_493_750 } });
    const closed = viewBand({ name: 'x', lowHz: 438_000_000, highHz: 438_600_000 }, WIDTH, [
      repeater(438_000_000),
      repeater(438_300_000),
      repeater(438_600_000),
      repeater(438_150_000, 'own hotspot'),
    ]);
    expect(closed.best!.hz).toBe(438_450_000);
  });

  it('lies on the raster, in the band, clear of satellites, and no channel is clearer', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(twoMetres!, seventy!),
        fc.array(fc.integer({ min: 0, max: 800 }), { maxLength: 60 }),
        (band, at) => {
          const taken = at.map((step) => repeater(band.lowHz + step * WIDTH));
          const { best, occupied } = viewBand(band, WIDTH, taken);
          const all = Array.from({ length: (band.highHz - band.lowHz) / WIDTH - 1 }, (_, i) =>
            clearanceAt(band.lowHz + (i + 1) * WIDTH, WIDTH, occupied),
          ).filter((one) => one.clearanceHz >= 0);
          expect(best === null).toBe(all.length === 0);
          if (!best) return;
          expect(best.hz % WIDTH).toBe(0);
          expect(satelliteSegmentOf(best.hz, WIDTH)).toBeNull();
          const room = (one: typeof best) =>
            Math.min(one.clearanceHz, one.hz - WIDTH / 2 - band.lowHz, band.highHz - one.hz - WIDTH / 2);
          expect(room(best)).toBe(Math.max(...all.map(room)));
        },
      ),
    );
  });

  it('finds nothing where everything is taken', () => {
    expect(
      viewBand({ name: 'x', lowHz: 438_000_000, highHz: 438_100_000 }, WIDTH, [
        { ...repeater(438_050_000), lowHz: 438_000_000, highHz: 438_100_000 },
      ]).best,
    ).toBeNull();
  });
});
