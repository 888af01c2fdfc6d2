/** Whether anything holds the event loop: how long at worst, and how often longer than is allowed. */
import { monitorEventLoopDelay } from 'node:perf_hooks';

/** No request may hold the loop for longer, ms. */
const MOST_HELD_MS = 50;
const RESOLUTION_MS = 10;
const LOOK_MS = 250;

export interface LoopReport {
  /** The longest hold since the server started, ms. */
  worstMs: number;
  /** Looks (four a second) in which it was held for longer than `MOST_HELD_MS`. */
  held: number;
}

export class LoopMonitor {
  private readonly delay = monitorEventLoopDelay({ resolution: RESOLUTION_MS });
  private readonly timer: NodeJS.Timeout;
  private worst = 0;
  private held = 0;

  constructor() {
    this.delay.enable();
    this.timer = setInterval(() => this.look(), LOOK_MS);
    this.timer.unref();
  }

  private look(): void {
    // What is measured holds the timer's own interval.
    const ms = Math.max(0, this.delay.max / 1e6 - RESOLUTION_MS);
    this.delay.reset();
    this.worst = Math.max(this.worst, ms);
    if (ms > MOST_HELD_MS) this.held += 1;
  }

  report(): LoopReport {
    return { worstMs: Math.round(this.worst), held: this.held };
  }

  stop(): void {
    this.delay.disable();
    clearInterval(this.timer);
  }
}
