import { expect, it } from 'vitest';
import { LoopMonitor } from '../src/http/monitor';

const turns = (ms: number) => new Promise((go) => setTimeout(go, ms));

it('the monitor tells of a loop that was held, and only then', async () => {
  const monitor = new LoopMonitor();
  await turns(100);
  const before = monitor.report();
  for (const end = performance.now() + 400; performance.now() < end;);
  await turns(50);
  const after = monitor.report();
  monitor.stop();
  expect(after.held).toBe(before.held + 1);
  expect(after.worstMs).toBeGreaterThan(50);
  expect(after.worstWaitMs).toBeGreaterThanOrEqual(after.worstMs);
});
