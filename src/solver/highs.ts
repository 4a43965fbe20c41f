import loadHighs from 'highs';
import type { BinaryModel, Solved, Solver, Sum } from '../core/rounds/model';

/** HiGHS in WebAssembly, loaded once. It works as long as it works: ask it where nobody waits. */
export async function highsSolver(): Promise<Solver> {
  const highs = await loadHighs();
  return (model, seconds) => {
    const found = highs.solve(asLp(model), {
      output_flag: false,
      time_limit: seconds,
      mip_rel_gap: 0,
      // All goals are sums of whole numbers: less than one from the bound is proven to be the best.
      mip_abs_gap: 0.999,
    });
    if (found.Status !== 'Optimal' && found.Status !== 'Time limit reached') return { status: 'none', bound: null };
    const values = Array.from({ length: model.variables }, (_, i) => {
      const column = found.Columns[nameOf(i)] as { readonly Primal?: number } | undefined;
      return (column?.Primal ?? 0) > HALF;
    });
    return found.Status === 'Optimal' ? { status: 'optimal', values } : asFound(model, values, boundOf(model));
  };

  /** What no answer can be under: the least where the variables may lie anywhere from 0 to 1; null: that was not found either. */
  function boundOf(model: BinaryModel): number | null {
    const relaxed = highs.solve(asLp(model, 'Bounds'), { output_flag: false, time_limit: BOUND_SECONDS });
    return relaxed.Status === 'Optimal' ? relaxed.ObjectiveValue : null;
  }
}

/** Looking for the bound takes no longer than this. */
const BOUND_SECONDS = 0.5;
const HALF = 0.5;
const nameOf = (variable: number) => `x${variable}`;

/** Out of time it gives what it has: taken where it keeps to the rows. */
function asFound({ rows }: BinaryModel, values: readonly boolean[], bound: number | null): Solved {
  const isKept = rows.every(({ sum, is, right }) => {
    const left = sum.reduce((total, { of, times }) => total + (values[of] ? times : 0), 0);
    return is === '=' ? left === right : left <= right;
  });
  return isKept ? { status: 'found', values, bound } : { status: 'none', bound };
}

/** As a text of the LP format, with variables that are 0 or 1, or anywhere between. A variable that the goal leaves out is named in it with nothing to it; named twice, the last counts. */
function asLp({ variables, rows, least }: BinaryModel, kind: 'Binary' | 'Bounds' = 'Binary'): string {
  const sumText = (sum: Sum) =>
    sum.map(({ of, times }) => `${times < 0 ? '-' : '+'} ${Math.abs(times)} ${nameOf(of)}`).join(' ');
  const all = Array.from({ length: variables }, (_, i) => nameOf(i));
  const inGoal = new Set(least.map(({ of }) => of));
  const others = all.filter((_, i) => !inGoal.has(i));
  const lines = rows.map(({ sum, is, right }, i) => ` r${i}: ${sumText(sum)} ${is} ${right}`);
  return [
    'Minimize',
    ` goal: ${sumText(least)} ${others.map((name) => `+ 0 ${name}`).join(' ')}`,
    'Subject To',
    ...lines,
    kind,
    ...all.map((name) => (kind === 'Binary' ? ` ${name}` : ` 0 <= ${name} <= 1`)),
    'End',
  ].join('\n');
}
