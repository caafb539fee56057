export { FIGURES, STARTING_FIGURES, FiguresSchema, type Figure, type FigureName, type Figures } from './figures';
export * from './words';
export type { Message } from './message';
