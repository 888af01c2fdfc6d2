/** The six kits of the demo, the same at each call. */
import { sampleCodeplug } from './codeplug';
import { type Dialect, DIALECTS } from './dialect';
import { type MadeKit, makeKit } from './make-kit';
import { randomOf } from './random';
import type { Codeplug } from '../../plan/types';

export interface DemoKit {
  dialect: Dialect;
  codeplug: Codeplug;
  made: MadeKit;
}

export async function kitOf(dialect: Dialect, seed: number): Promise<DemoKit> {
  const random = randomOf(seed);
  const codeplug = sampleCodeplug(random, dialect.size, dialect.modes);
  return { dialect, codeplug, made: await makeKit(codeplug, dialect, random) };
}

export const demoKits = (): Promise<DemoKit[]> => Promise.all(DIALECTS.map((dialect, at) => kitOf(dialect, 1000 + at)));
