/**
 * Free-space path loss and received level.
 * Source: ITU-R P.525, L = 32.45 + 20 log10(f / MHz) + 20 log10(d / km) dB, isotropic antennas.
 * Holds in the far field, that is from about a wavelength (0.7 m at 435 MHz) on.
 */

/** Loss in dB. @param freqHz above 0 @param distanceM above 0 */
export function freeSpaceLossDb(freqHz: number, distanceM: number): number {
  return 32.45 + 20 * Math.log10(freqHz / 1e6) + 20 * Math.log10(distanceM / 1000);
}

/** Watts (above 0) as dBm. */
export function wattsToDbm(watts: number): number {
  return 10 * Math.log10(watts * 1000);
}

/** Level at the far receiver in dBm. */
export function receivedLevelDbm(watts: number, freqHz: number, distanceM: number): number {
  return wattsToDbm(watts) - freeSpaceLossDb(freqHz, distanceM);
}

/** The distance in metres at which the received level falls to `limitDbm`. */
export function distanceForLevelM(watts: number, freqHz: number, limitDbm: number): number {
  const lossDb = wattsToDbm(watts) - limitDbm;
  return 1000 * 10 ** ((lossDb - 32.45 - 20 * Math.log10(freqHz / 1e6)) / 20);
}
