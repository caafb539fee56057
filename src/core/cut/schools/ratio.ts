import { origin } from '../../studio';
import { byRule, isFlatBand, ENDINGS, legsWith } from './by-rule';
import type { School } from './school';

/** So much cord to a length of band, all strands together. */
export const ratio: School = {
  slug: 'ratio',
  name: 'Ratio',
  meant: 'flat bands of square knots; what closes or ends one is cut by measure',
  suits: isFlatBand,
  leg: (leg, context) => {
    const { fit, figures, legs } = context;
    const { ratio_all, ratio_core, ratio_hands } = figures;
    const core = (ratio_core * fit.knotted_mm) / legsWith('core', legs);
    const work = ((ratio_all - ratio_core) * fit.knotted_mm) / legsWith('stitches', legs);
    const entries = byRule(
      leg,
      context,
      {
        for: 'core',
        mm: core,
        because: origin(
          'ratio-core',
          { ratio: ratio_core, band_mm: fit.knotted_mm, strands: legsWith('core', legs) },
          `${ratio_core} × ${fit.knotted_mm.toFixed(1)} of band, over ${legsWith('core', legs)} strands`,
        ),
      },
      {
        for: 'stitches',
        mm: work,
        because: origin(
          'ratio-working',
          { all: ratio_all, core: ratio_core, band_mm: fit.knotted_mm, strands: legsWith('stitches', legs) },
          `(${ratio_all} − ${ratio_core}) × ${fit.knotted_mm.toFixed(1)} of band, over ${legsWith('stitches', legs)} strands`,
        ),
      },
      ENDINGS,
    );
    return leg.inBand && leg.tails.some(({ long_mm }) => long_mm === 0)
      ? [...entries, { for: 'tail', mm: ratio_hands, because: origin('for-hands', {}, 'extra for hands') }]
      : entries;
  },
};
