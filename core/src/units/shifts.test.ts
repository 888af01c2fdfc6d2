import { describe, expect, it } from 'vitest';
import { usualListenHz } from './shifts';

describe('what a duplex hotspot would listen on', () => {
  it.each([
    [438_800_000, 'itu-1', 431_200_000],
    [145_600_000, 'itu-2', 145_000_000],
    // The commonest shift would leave the band: the first that stays in it.
    [431_100_000, 'itu-1', 432_700_000],
    [53_000_000, 'itu-1', null],
    [500_000_000, 'itu-1', null],
  ] as const)('%i Hz in %s: %s', (txHz, region, expected) => {
    expect(usualListenHz(txHz, { region, edges: {} })).toBe(expected);
  });
});
