export { FIGURES, STARTING_FIGURES, FiguresSchema, type Figure, type FigureName, type Figures } from './figures';
export { SettingsSchema, type Settings } from './settings';
export { ageOn } from './age';
export { SLUG, SlugSchema } from './slug';
export * from './words';
export type { Message, Values } from './message';
export { DateSchema, fieldsFor, MomentSchema, NameSchema, orNull, VersionSchema } from './fields';
export { keysOf } from './keys-of';
export { ListWordSchema, ListWordsSchema, WORD_KINDS, type ListWord, type ListWords } from './list-words';
