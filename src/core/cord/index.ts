export { CordSchema, workedDiameter, fuses, isSynthetic, type Cord, type Colour } from './cord';
