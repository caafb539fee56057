import { origin } from '../../studio';
import { byRule, isFlatBand, legsWith } from './by-rule';
import type { School } from './school';

/** Core first, twice the wrist and an allowance; the working cord a multiple of it. */
export const coreMultiple: School = {
  slug: 'core-multiple',
  name: 'Core multiple',
  meant: 'flat bands of square knots with a loop and an end knot, or a buckle; not those that slide open',
  // Its allowance is for a loop and an end knot: it says nothing of tails that slide.
  suits: (context) =>
    isFlatBand(context) && !context.legs.some((leg) => leg.entries.some((entry) => entry.for === 'slide')),
  leg: (leg, context) => {
    const { fit, size, figures, legs } = context;
    const { core_allowance, core_multiple } = figures;
    const around = 'wrist' in size && fit.inner_mm !== undefined ? size.wrist : (fit.inner_mm ?? fit.knotted_mm);
    const core = 2 * (around + core_allowance);
    return byRule(
      leg,
      context,
      {
        for: 'core',
        mm: core / legsWith('core', legs),
        because: origin(
          'core-first',
          { around_mm: around, allowance_mm: core_allowance, strands: legsWith('core', legs) },
          `2 × (${around.toFixed(1)} + ${core_allowance}), over ${legsWith('core', legs)} strands`,
        ),
      },
      {
        for: 'stitches',
        mm: (core_multiple * core) / legsWith('stitches', legs),
        because: origin(
          'times-core',
          { multiple: core_multiple, core_mm: core, strands: legsWith('stitches', legs) },
          `${core_multiple} × the core of ${core.toFixed(1)}, over ${legsWith('stitches', legs)} strands`,
        ),
      },
    );
  },
};
