export {
  CordSchema,
  FlatteningSchema,
  flatteningOf,
  workedDiameter,
  fuses,
  isSynthetic,
  type Cord,
  type Colour,
} from './cord';
export { nearestColour } from './nearest-colour';
export { geometryDoubt, LearnedUseSchema, factorOfUse, type LearnedUse } from './learned-use';
