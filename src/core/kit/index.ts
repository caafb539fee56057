export { kitItems, toolsFor, type KitItem } from './kit';
export { sessionNeeds, sparesOf, type ItemNeed, type KitPlan } from './needs';
export { sharedTools, type SharedTool } from './shared-tools';
