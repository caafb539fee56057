import type { Piece } from '../project';

/** So many of one catalogue item in a seat's bag, beside its cords. */
export interface KitItem {
  readonly item: string;
  readonly count: number;
}

/** What goes into a seat's bag beside the cords: its hardware, and a breakaway connector where the loop needs one. */
export function kitItems(piece: Piece): KitItem[] {
  const slugs = piece.hardware.map((hardware) => hardware.slug);
  return [...new Set(slugs)].map((item) => ({ item, count: slugs.filter((slug) => slug === item).length }));
}

/** Tools the seat needs at the table, to be shared. */
export function toolsFor(piece: Piece): string[] {
  const parts = Object.values(piece.parts).map(({ part }) => part);
  return [...new Set([...parts, ...(piece.join ? [piece.join.part] : [])].flatMap((part) => part.tools))].sort();
}
