import type { Layer } from '../../../core/stitch';

/** What is painted at once: runs of one colour and thickness at one depth, where none crosses another. */
export interface Painted extends Omit<Layer, 'strand'> {
  readonly hex: string;
}

/** Layers by what they are painted with, back to front: a picture of many strands is of few paths, and looks the same. */
export function paintedOf(layers: readonly Layer[], hexOf: (strand: string) => string): Painted[] {
  const painted = new Map<string, Painted>();
  for (const { strand, ...layer } of layers) {
    const hex = hexOf(strand);
    const key = `${layer.depth} ${layer.thick} ${hex}`;
    painted.set(key, { ...layer, hex, runs: [...(painted.get(key)?.runs ?? []), ...layer.runs] });
  }
  return [...painted.values()];
}
