import type { Part } from './part';

/** How carefully a part is to be made: with heat at the station, with glue, with a blade or needle, or with bare hands. */
export type SafetyClass = 'heat' | 'glue' | 'sharp' | 'hands';

/**
 * A part's class, from what it is made with: the gravest counts.
 *
 * @example
 * safetyClass({ withoutHeat: 'woven-end', tools: [] }) // 'heat'
 */
export function safetyClass({ withoutHeat, tools }: Part): SafetyClass {
  if (withoutHeat !== undefined) return 'heat';
  if (tools.includes('glue')) return 'glue';
  return tools.some((tool) => tool.includes('scissors') || tool.includes('needle')) ? 'sharp' : 'hands';
}
