/** Median of several runs, milliseconds, garbage collected before each where the runtime allows it. */
export function medianMs(work: () => unknown, runs = 15): number {
  const times: number[] = [];
  for (let run = 0; run < runs; run += 1) {
    globalThis.gc?.();
    const start = performance.now();
    work();
    times.push(performance.now() - start);
  }
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)]!;
}
