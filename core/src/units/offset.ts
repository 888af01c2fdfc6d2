/** Frequency offsets: how far an oscillator is off, and what setting an offset does. */

/**
 * An offset as a share of a frequency, parts per million, signed.
 * −475 Hz at 435.5 MHz is −1.09 ppm. @param hz above 0
 */
export function partsPerMillion(offsetHz: number, hz: number): number {
  return (offsetHz / hz) * 1e6;
}

/** What the oscillator is set to for a frequency (Hz) with an offset (Hz): 435.5 MHz with −475 Hz is 435.499525 MHz. */
export function comesOutHz(hz: number, offsetHz: number): number {
  return hz + offsetHz;
}
