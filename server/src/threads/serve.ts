/** The other side of `Thread`: answers calls one after another. */
import { parentPort } from 'node:worker_threads';
import type { Asked, Operations, Told } from './thread';

export function serveThread(operations: Operations): void {
  parentPort!.on('message', ({ call, operation, argument }: Asked) => {
    void (async () => {
      let told: Told;
      try {
        told = { call, result: await operations[operation]!(argument as never) };
      } catch (error) {
        told = { call, failure: error instanceof Error ? (error.stack ?? error.message) : String(error) };
      }
      parentPort!.postMessage(told);
    })();
  });
}
