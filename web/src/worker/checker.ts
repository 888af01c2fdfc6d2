import { type Remote, wrap } from 'comlink';
import type { Checker } from './check-worker';
import type { Bringer } from './bring-worker';
import type { Keyer } from './keying-worker';
import type { KitWorker } from './kit-worker';
import type { Maker } from './maker-worker';
import type { Rehearser } from './rehearse-worker';

export function startChecker(): Remote<Checker> {
  return wrap<Checker>(new Worker(new URL('./check-worker.ts', import.meta.url), { type: 'module', name: 'checks' }));
}

export function startMaker(): Remote<Maker> {
  return wrap<Maker>(new Worker(new URL('./maker-worker.ts', import.meta.url), { type: 'module', name: 'maker' }));
}

/** `end` stops it at once, whatever it is at. */
export function startKitWorker(): { kits: Remote<KitWorker>; end: () => void } {
  const worker = new Worker(new URL('./kit-worker.ts', import.meta.url), { type: 'module', name: 'kits' });
  return { kits: wrap<KitWorker>(worker), end: () => worker.terminate() };
}

/** `end` stops it at once, whatever it is at. */
export function startBringer(): { bringer: Remote<Bringer>; end: () => void } {
  const worker = new Worker(new URL('./bring-worker.ts', import.meta.url), { type: 'module', name: 'bring' });
  return { bringer: wrap<Bringer>(worker), end: () => worker.terminate() };
}

/** `end` stops it at once, whatever it is at. */
export function startKeyer(): { keyer: Remote<Keyer>; end: () => void } {
  const worker = new Worker(new URL('./keying-worker.ts', import.meta.url), { type: 'module', name: 'keying' });
  return { keyer: wrap<Keyer>(worker), end: () => worker.terminate() };
}

/** `end` stops it at once, whatever it is at. */
export function startRehearser(): { rehearser: Remote<Rehearser>; end: () => void } {
  const worker = new Worker(new URL('./rehearse-worker.ts', import.meta.url), { type: 'module', name: 'rehearse' });
  return { rehearser: wrap<Rehearser>(worker), end: () => worker.terminate() };
}
