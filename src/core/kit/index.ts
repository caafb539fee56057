export { kitItems, toolsFor, type KitItem } from './kit';
export {
  consumableNeeds,
  consumablesOf,
  sessionNeeds,
  sparesOf,
  type Consumable,
  type ItemNeed,
  type KitPlan,
} from './needs';
export { kitCost, totalCost, type KitCost, type UnitPrices } from './cost';
export { sharedTools, type SharedTool } from './shared-tools';
export { pathOfCode, readLabelCode, type LabelCode } from './label-code';
