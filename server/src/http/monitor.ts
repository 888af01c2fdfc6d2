/** Whether anything holds the event loop: how long at worst, and how often longer than is allowed. */
import { closeSync, openSync, readSync } from 'node:fs';

/** No request may hold the loop for longer, ms. */
const MOST_HELD_MS = 50;
const LOOK_MS = 10;

export interface LoopReport {
  /** The longest hold since the server started, ms. */
  worstMs: number;
  /** How often it was held for longer than `MOST_HELD_MS`. */
  held: number;
  /** The longest that it waited since the server started, ms: held, or without a processor to run on. */
  worstWaitMs: number;
}

/**
 * How long this thread has been ready to run while others had the processors, ns: the second figure of the kernel's
 * `schedstat`. Time that a busy machine takes is not time that a request holds.
 */
class QueueTime {
  private readonly file: number | null;
  private readonly bytes = Buffer.alloc(96);

  constructor() {
    let file: number | null = null;
    try {
      file = openSync(`/proc/self/task/${process.pid}/schedstat`, 'r');
    } catch {
      // No such figure on this system: then every wait counts as a hold.
    }
    this.file = file;
  }

  ns(): number {
    if (this.file === null) return 0;
    const length = readSync(this.file, this.bytes, 0, this.bytes.length, 0);
    return Number(this.bytes.toString('latin1', 0, length).split(' ')[1] ?? 0);
  }

  close(): void {
    if (this.file !== null) closeSync(this.file);
  }
}

export class LoopMonitor {
  private readonly queue = new QueueTime();
  private readonly timer: NodeJS.Timeout;
  private lastMs = performance.now();
  private lastQueueNs = this.queue.ns();
  private worst = 0;
  private worstWait = 0;
  private held = 0;

  constructor() {
    this.timer = setInterval(() => this.look(), LOOK_MS);
    this.timer.unref();
  }

  private look(): void {
    const [nowMs, queueNs] = [performance.now(), this.queue.ns()];
    const waitMs = Math.max(0, nowMs - this.lastMs - LOOK_MS);
    const heldMs = Math.max(0, waitMs - (queueNs - this.lastQueueNs) / 1e6);
    [this.lastMs, this.lastQueueNs] = [nowMs, queueNs];
    this.worst = Math.max(this.worst, heldMs);
    this.worstWait = Math.max(this.worstWait, waitMs);
    if (heldMs > MOST_HELD_MS) this.held += 1;
  }

  report(): LoopReport {
    return { worstMs: Math.round(this.worst), held: this.held, worstWaitMs: Math.round(this.worstWait) };
  }

  stop(): void {
    clearInterval(this.timer);
    this.queue.close();
  }
}
