import loadHighs, { type Model, type ModelData } from 'highs';
import { type Solved, type Solver, type Sum, sumOf, type WholeModel } from '../core/rounds/model';

/** HiGHS in WebAssembly, loaded once. It works as long as it works: ask it where nobody waits. */
export async function highsSolver(): Promise<Solver> {
  const highs = await loadHighs();
  const { optimal, timeLimit } = highs.constants.modelStatus;
  return (asked, seconds, start) =>
    highs.withModel(asData(asked, highs.infinity), (model): Solved => {
      model.options.set({
        output_flag: false,
        time_limit: seconds,
        mip_rel_gap: 0,
        // A goal is a sum of whole multiples of one number: less than that from the bound is proven to be the best.
        mip_abs_gap: stepOf(asked.least) - WITHIN,
        // The bound is good early, answers that reach it are what takes time.
        mip_heuristic_effort: 0.3,
      });
      if (start) model.setSolution({ colValue: Float64Array.from(start) });
      model.run();
      const status = model.getModelStatus();
      if (status === optimal) return { status: 'optimal', values: valuesOf(model) };
      const bound = status === timeLimit ? boundOf(model) : null;
      const values = status === timeLimit ? valuesOf(model) : null;
      return values && isKept(asked, values) ? { status: 'found', values, bound } : { status: 'none', bound };
    });
}

const WITHIN = 1e-3;

/** The greatest number of which all factors of a sum are whole multiples. */
const stepOf = (sum: Sum): number => sum.reduce((step, { times }) => divisor(step, Math.abs(times)), 0) || 1;

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b));

const valuesOf = (model: Model): readonly number[] =>
  Array.from(model.getSolution().colValue, (value) => Math.round(value));

function boundOf(model: Model): number | null {
  const bound = Number(model.info.get('mip_dual_bound'));
  return Number.isFinite(bound) ? bound : null;
}

/** Out of time it gives what it has: taken where it keeps to the rows. */
const isKept = ({ rows, most }: WholeModel, values: readonly number[]): boolean =>
  values.length === most.length &&
  values.every((value, of) => value >= 0 && value <= (most[of] as number)) &&
  rows.every(({ sum, is, right }) => (is === '=' ? sumOf(sum, values) === right : sumOf(sum, values) <= right));

/** Row by row, as the solver takes it: every variable whole, from 0 up. */
function asData({ most, rows, least }: WholeModel, infinity: number): ModelData {
  const variables = most.length;
  const colCost = new Float64Array(variables);
  for (const { of, times } of least) colCost[of] = (colCost[of] ?? 0) + times;
  const starts = [0];
  const indices: number[] = [];
  const values: number[] = [];
  for (const { sum } of rows) {
    for (const { of, times } of sum) {
      indices.push(of);
      values.push(times);
    }
    starts.push(indices.length);
  }
  return {
    numCols: variables,
    numRows: rows.length,
    colCost,
    colLower: new Float64Array(variables),
    colUpper: Float64Array.from(most),
    integrality: new Int32Array(variables).fill(1),
    rowLower: Float64Array.from(rows, ({ is, right }) => (is === '=' ? right : -infinity)),
    rowUpper: Float64Array.from(rows, ({ right }) => right),
    matrix: { format: 'csr', numRows: rows.length, numCols: variables, starts, indices, values },
  };
}
