export { parseLength, type LengthReading } from './parse-length';
export { parseGirth, WRIST, HAND, type Girth } from './parse-girth';
export { bareUnit, formatLength, formatMm, formatTotal, type Units } from './format-length';
export { roundUpTo, stockFor, wholeMm } from './round-up';
export { sayLengths } from './say-lengths';
