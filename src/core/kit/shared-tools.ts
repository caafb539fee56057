import { wordOrder } from '../region';
import { namedItem } from '../shelf';
import type { Figures } from '../studio';
import type { KitPlan } from './needs';

/** A tool to lay out for the room: how many, and how many seats share one. */
export interface SharedTool {
  readonly tool: string;
  /** What it is called on the shelf, where it is there. */
  readonly item: string;
  readonly count: number;
  readonly seats: number;
  readonly each: number;
}

/** Which figure says how many seats share a tool; what is not here is laid out one a seat. */
const SHARED: Readonly<Record<string, keyof Figures>> = {
  'small lighter': 'share_lighter',
  'water at hand': 'share_lighter',
  scissors: 'share_scissors',
  'blunt needle': 'share_needle',
  glue: 'share_glue',
  tape: 'share_tape',
  ruler: 'share_ruler',
};

/**
 * The tools a session's seats need, shared by ratio, rounded up.
 *
 * @example
 * sharedTools([plan, plan, plan], figures).find(({ tool }) => tool === 'scissors').count // 1
 */
export function sharedTools(plans: readonly KitPlan[], figures: Figures): SharedTool[] {
  const seats = new Map<string, number>();
  for (const { tools } of plans) for (const tool of tools) seats.set(tool, (seats.get(tool) ?? 0) + 1);
  return [...seats]
    .map(([tool, n]) => {
      const figure = Object.hasOwn(SHARED, tool) ? SHARED[tool] : undefined;
      const each = figure ? figures[figure] : 1;
      return { tool, item: namedItem('tool', tool), seats: n, each, count: Math.ceil(n / each) };
    })
    .sort((a, b) => wordOrder(a.tool, b.tool));
}
