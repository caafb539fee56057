export { ruleFinish, type FinishRuling } from './finish';
export { checkWearer, needsBreakaway } from './wearer';
export { cautions } from './cautions';
