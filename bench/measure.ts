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

/** The same for work that is waited for; `prepare` comes before each run and is not counted. */
export async function medianAsyncMs(
  work: () => Promise<unknown>,
  runs = 15,
  prepare: () => Promise<unknown> = () => Promise.resolve(),
): Promise<number> {
  const times: number[] = [];
  for (let run = 0; run < runs; run += 1) {
    await prepare();
    globalThis.gc?.();
    const start = performance.now();
    await work();
    times.push(performance.now() - start);
  }
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)]!;
}

/** What one of many quick calls takes, milliseconds: the median over runs of a hundred each, so that what is measured is the work and not its first time. */
export function medianEachMs(work: (call: number) => unknown, runs = 15, calls = 100): number {
  return (
    medianMs(() => {
      for (let call = 0; call < calls; call += 1) work(call);
    }, runs) / calls
  );
}

/** The same for calls that are waited for, one after the other. */
export async function medianEachAsyncMs(
  work: (call: number) => Promise<unknown>,
  runs = 7,
  calls = 20,
): Promise<number> {
  const all = await medianAsyncMs(async () => {
    for (let call = 0; call < calls; call += 1) await work(call);
  }, runs);
  return all / calls;
}
