import type { KitCost } from '../../../core/kit';
import { money } from '../../../ui/words/region';

/** A kit's cost, and whether something of it has no price. */
export function CostWords({ cost }: { cost: KitCost }) {
  return (
    <>
      {cost.unknown.length > 0 && <span title="Something of it has no price">over </span>}
      {money(Math.round(cost.minor))}
    </>
  );
}
