import type { Fit } from '../fit';
import type { Piece } from '../project';

/** So many of one catalogue item in a seat's bag, beside its cords. */
export interface KitItem {
  readonly item: string;
  readonly count: number;
}

/**
 * What goes into a seat's bag beside the cords: its hardware and beads, and a breakaway connector where the loop needs one.
 *
 * @example
 * kitItems(piece, fit) // [{ item: 'buckle-15', count: 1 }]
 */
export function kitItems(piece: Piece, fit?: Fit): KitItem[] {
  const counts = new Map<string, number>();
  const add = (item: string, count: number) => counts.set(item, (counts.get(item) ?? 0) + count);
  for (const need of piece.project.hardware) {
    const { slug } = piece.hardware[need.id]!;
    const strung = piece.project.sections.filter((section) => section.beads?.includes(need.id));
    if (strung.length === 0) {
      add(slug, need.count ?? 1);
      continue;
    }
    for (const { id, beads = [] } of strung) {
      const section = piece.sections[id];
      if (!section || !fit) continue;
      beads.forEach((bead, i) => bead === need.id && add(slug, Math.round(section.beadCounts[i]! * fit.counts[id]!)));
    }
    if (need.count) add(slug, need.count);
  }
  for (const { slug } of piece.added) add(slug, 1);
  return [...counts].filter(([, count]) => count > 0).map(([item, count]) => ({ item, count }));
}

/**
 * Tools the seat needs at the table: what the piece is held by, and what its parts take.
 *
 * @example
 * toolsFor(piece).includes('scissors') // true
 */
export function toolsFor({ project, parts }: Piece): string[] {
  const tools = new Set(project.tools);
  for (const { part } of Object.values(parts)) for (const tool of part.tools) tools.add(tool);
  return [...tools].sort();
}
