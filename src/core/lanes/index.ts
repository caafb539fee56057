export { faultIn, LanesPlanSchema, LanesProblemSchema, type Lane, type LanesPlan, type LanesProblem } from './problem';
export { beginLanes, firstLanes, solveLanes, type LanesOptions } from './solve';
export type { LinearModel, MakeModel } from './linear-model';
