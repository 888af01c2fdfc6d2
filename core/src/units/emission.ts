/** What a transmission takes up on the air, which is less than the spacing of its channels. */

/** The highest tone of speech that is sent, Hz. */
const SPEECH_HZ = 3000;

/**
 * Width of an FM transmission in Hz by Carson's rule, 2 × (deviation + highest tone): about 16 kHz on channels of 25 kHz
 * (deviation 5 kHz), 11 kHz on channels of 12.5 kHz (2.5 kHz). Common practice for the deviations.
 */
export function fmOccupiedHz(spacingHz: 12_500 | 25_000): number {
  const deviationHz = spacingHz === 25_000 ? 5000 : 2500;
  return 2 * (deviationHz + SPEECH_HZ);
}
