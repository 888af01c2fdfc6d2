import { expect, it } from 'vitest';
import { comesOutHz, partsPerMillion } from './offset';
import { formatMHz } from './quantities';

// Common practice: a label that says −475 Hz; 450 Hz at 435 MHz is 0.00045 MHz, about 1 ppm.
it.each([
  [435_500_000, -475, '435.499525', '-1.09'],
  [435_000_000, 450, '435.00045', '1.03'],
  [145_500_000, 0, '145.5000', '0.00'],
])('%i Hz with an offset of %i Hz is %s MHz, %s ppm', (hz, offset, mhz, ppm) => {
  expect(formatMHz(comesOutHz(hz, offset))).toBe(mhz);
  expect(partsPerMillion(offset, hz).toFixed(2)).toBe(ppm);
});
