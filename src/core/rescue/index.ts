export { endsToCome, type EndToCome } from './ends-to-come';
export { willItLast, type EndLasts, type Lasts, type Left } from './will-it-last';
export { rescuesFor } from './rescues';
export type { Rescue, ShelfOffcut } from './rescue';
