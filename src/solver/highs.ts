import type { Highs } from 'highs';
import type { LinearModel, MakeModel } from '../core/lanes';

const FOREVER = 1e6;
const OPTIONS = { output_flag: false, mip_rel_gap: 0, mip_abs_gap: 1e-7, random_seed: 1 } as const;

/** Models of the loaded solver. */
export function modelsOf(highs: Highs): MakeModel {
  return (rows) => {
    const model = highs.createModel();
    const infinity = (value: number): number =>
      value === Infinity ? highs.infinity : value === -Infinity ? -highs.infinity : value;
    model.options.set(OPTIONS);
    for (const { least, most } of rows) model.addRow(infinity(least), infinity(most), { indices: [], values: [] });
    let count = 0;
    const most: number[] = [];
    const solved = (): boolean => {
      const status = model.getModelStatus();
      return status === highs.constants.modelStatus.optimal;
    };
    const own: LinearModel = {
      add(cost, upper, entries) {
        model.addCol(cost, 0, upper, {
          indices: entries.map(([row]) => row),
          values: entries.map(([, value]) => value),
        });
        most.push(upper);
        return count++;
      },
      atLeast: (column, least) => void model.changeColBounds(column, least, Math.max(least, most[column]!)),
      solve() {
        model.run();
        if (!solved()) return null;
        const { colValue, rowDual } = model.getSolution();
        return { columns: colValue, duals: rowDual };
      },
      solveWhole(seconds, start) {
        const integer = highs.constants.variableType.integer;
        const continuous = highs.constants.variableType.continuous;
        for (let i = 0; i < count; i++) model.changeColIntegrality(i, integer);
        model.options.set('time_limit', seconds);
        model.zeroAllClocks();
        model.setSolution({ colValue: Float64Array.from({ length: count }, (_, i) => start[i] ?? 0) });
        model.run();
        const { colValue } = model.getSolution();
        const feasible = model.info.get('primal_solution_status') === highs.constants.solutionStatus.feasible;
        const found = feasible ? Float64Array.from(colValue) : null;
        model.options.set('time_limit', FOREVER);
        for (let i = 0; i < count; i++) model.changeColIntegrality(i, continuous);
        return found;
      },
      free: () => model.dispose(),
    };
    return own;
  };
}
