/** What is to come, in order of time: what was planned first for one time comes first. */
import TinyQueue from 'tinyqueue';

interface Todo {
  atMs: number;
  order: number;
  do: () => void;
}

export class Agenda {
  private readonly queue = new TinyQueue<Todo>([], (a, b) => a.atMs - b.atMs || a.order - b.order);
  private order = 0;
  private clockMs = 0;
  /** How many events were carried out: what a run costs. */
  events = 0;

  get nowMs(): number {
    return this.clockMs;
  }

  /** When something happens next by itself; `null`: nothing will. */
  get nextMs(): number | null {
    return this.queue.peek()?.atMs ?? null;
  }

  /** What is planned for the past is done now. */
  at(atMs: number, what: () => void): void {
    this.queue.push({ atMs: Math.max(atMs, this.clockMs), order: (this.order += 1), do: what });
  }

  /** After so long; at once where that is no time. */
  after(ms: number, what: () => void): void {
    if (ms === 0) what();
    else this.at(this.clockMs + ms, what);
  }

  /** Carries out everything up to a time, and of that time. Time never goes back. */
  runTo(untilMs: number): void {
    for (let next = this.queue.peek(); next && next.atMs <= untilMs; next = this.queue.peek()) {
      this.queue.pop();
      this.clockMs = next.atMs;
      this.events += 1;
      next.do();
    }
    this.clockMs = Math.max(this.clockMs, untilMs);
  }
}
