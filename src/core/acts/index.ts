export { actsOf, type PieceAct } from './acts-of';
export { builtActs } from './built-acts';
export { isTiedBack, makingOrder } from './order';
export { isIn, sectionsBy } from './sections-by';
