/** The solver of whole-number programs: HiGHS, compiled to WebAssembly. */
import load from 'highs';
import type { Solve } from './choose';

/**
 * Exact: without a gap of 0 it may stop a little short of the best. Rule 12 of its presolve is off: with it, version
 * 1.15.3 calls a solution optimal that is not; a test holds such a program.
 */
const OPTIONS = { mip_rel_gap: 0, presolve_rule_off: 2 ** 12 };

/**
 * @param wasmUrl where its program is; without, beside its module
 * @throws Error when it cannot be loaded, or ends with neither a solution nor the proof that there is none
 */
export async function highsSolver(wasmUrl?: string): Promise<Solve> {
  const highs = await load(wasmUrl === undefined ? {} : { locateFile: () => wasmUrl });
  return (lp) => {
    const solution = highs.solve(lp, OPTIONS);
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
