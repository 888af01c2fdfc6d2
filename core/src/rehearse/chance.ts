/** Chance from a seed: the same seed gives the same run. */
import { uniformFloat32 } from 'pure-rand/distribution/uniformFloat32';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** Draws from 0 up to 1. */
export type Chance = () => number;

/**
 * One stream of chance. `stream`: who draws; each has a stream of its own, so that another setting of the hotspot leaves
 * what people say, and when, as it was.
 */
export function chanceOf(seed: number, stream: string): Chance {
  let mixed = seed | 0;
  for (let at = 0; at < stream.length; at += 1) mixed = Math.imul(mixed ^ stream.charCodeAt(at), 0x01000193);
  const generator = xoroshiro128plus(mixed);
  return () => uniformFloat32(generator);
}
