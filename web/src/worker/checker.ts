import { type Remote, wrap } from 'comlink';
import type { Checker } from './check-worker';

export function startChecker(): Remote<Checker> {
  return wrap<Checker>(new Worker(new URL('./check-worker.ts', import.meta.url), { type: 'module', name: 'checks' }));
}
