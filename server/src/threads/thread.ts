/**
 * Work off the main thread, which must stay free to answer everybody: a thread with operations that are called by name.
 * Each call has a time limit; a thread that is over it, or out of memory, is ended, its callers are told, and the next
 * call starts another.
 */
import { type ResourceLimits, Worker } from 'node:worker_threads';
import { Overloaded } from '../errors';

/** Operations by name: what a thread offers. */
export type Operations = Record<string, (argument: never) => unknown>;

export type Argument<O extends Operations, K extends keyof O> = Parameters<O[K]>[0];
export type Result<O extends Operations, K extends keyof O> = Awaited<ReturnType<O[K]>>;

export interface Asked {
  call: number;
  operation: string;
  argument: unknown;
}

export type Told = { call: number; result: unknown } | { call: number; failure: string };

export interface ThreadParts {
  /** Name of the bundle, such as `plan-worker`. */
  bundle: string;
  data?: unknown;
  limits: ResourceLimits;
}

interface Waiting {
  settle: (told: Told) => void;
  fail: (error: Error) => void;
}

/** A thread is a bundle of its own: beside the server's; from the sources (in tests) where the build has put it. */
function bundleUrl(name: string): URL {
  const [inside, shared] = [import.meta.url.endsWith('.js'), import.meta.url.includes('/assets/')];
  return new URL(inside ? `${shared ? '../' : './'}${name}.js` : `../../dist/${name}.js`, import.meta.url);
}

export class Thread<O extends Operations> {
  private worker: Worker | null = null;
  private readonly waiting = new Map<number, Waiting>();
  private calls = 0;

  constructor(private readonly parts: ThreadParts) {}

  /**
   * @param handedOver memory that belongs to the thread from now on, and need not be copied
   * @throws Overloaded when the thread does not answer within `limitMs`, or ended meanwhile; Error for a fault of ours
   */
  call<K extends keyof O & string>(
    operation: K,
    argument: Argument<O, K>,
    limitMs: number,
    handedOver: readonly ArrayBuffer[] = [],
  ): Promise<Result<O, K>> {
    const call = (this.calls += 1);
    const worker = (this.worker ??= this.start());
    return new Promise<Result<O, K>>((resolve, reject) => {
      const timer = setTimeout(() => void this.end(worker, `took longer than ${limitMs / 1000} s`), limitMs);
      const over = () => {
        clearTimeout(timer);
        this.waiting.delete(call);
      };
      this.waiting.set(call, {
        settle: (told) => {
          over();
          if ('failure' in told) reject(new Error(told.failure));
          else resolve(told.result as Result<O, K>);
        },
        fail: (error) => {
          over();
          reject(error);
        },
      });
      worker.postMessage({ call, operation, argument } satisfies Asked, handedOver);
    });
  }

  private start(): Worker {
    const { bundle, data, limits } = this.parts;
    const worker = new Worker(bundleUrl(bundle), { workerData: data, resourceLimits: limits });
    worker.on('message', (told: Told) => this.waiting.get(told.call)?.settle(told));
    worker.once('error', (error) => void this.end(worker, error.message));
    worker.once('exit', () => void this.end(worker, 'ended'));
    worker.unref();
    return worker;
  }

  private async end(worker: Worker, why: string): Promise<void> {
    if (this.worker !== worker) return;
    this.worker = null;
    for (const one of [...this.waiting.values()]) one.fail(new Overloaded(why));
    await worker.terminate();
  }

  async close(): Promise<void> {
    if (this.worker) await this.end(this.worker, 'ended');
  }
}
