/** The solver of whole-number programs: HiGHS, compiled to WebAssembly. */
import load from 'highs';
import type { Solve } from './choose';

/**
 * @param wasmUrl where its program is; without, beside its module
 * @throws Error when it cannot be loaded, or ends with neither a solution nor the proof that there is none
 */
export async function highsSolver(wasmUrl?: string): Promise<Solve> {
  const highs = await load(wasmUrl === undefined ? {} : { locateFile: () => wasmUrl });
  return (lp) => {
    // Exact: without this it may stop a little short of the best.
    const solution = highs.solve(lp, { mip_rel_gap: 0 });
    if (solution.Status === 'Optimal')
      return Promise.resolve(
        Object.fromEntries(
          Object.entries(solution.Columns).map(([name, column]) => [name, 'Primal' in column ? column.Primal : 0]),
        ),
      );
    if (solution.Status === 'Infeasible') return Promise.resolve(null);
    return Promise.reject(new Error(`The solver ended with “${solution.Status}”.`));
  };
}
