import { bundle } from './bundle';
import type { Around, Point, StrandPath } from './strand';

/** A path drawn apart along the band: what hands do not draw up lies further on, and no nearer to anything. */
export const drawnApart =
  (draw = 1) =>
  ([x, y, z]: Point): Point => [x, y * draw, z];

/** Two core strands pressed together lie this far apart, centre to centre. */
export const CORE_SPACING = 0.94;

/** Strands that run straight through a repeat, side by side, named `core 1` on. */
export function straightCore(strands: number, diameter: number, pitch: number): StrandPath[] {
  return Array.from({ length: strands }, (_, i) => {
    const x = (i - (strands - 1) / 2) * CORE_SPACING * diameter;
    return { strand: `core ${i + 1}`, thick: diameter, points: [0, 1, 2].map((k): Point => [x, (k * pitch) / 3, 0]) };
  });
}

/** A point turned about the band's middle by an angle, and moved along the band. */
export function screw([x, y, z]: Point, degrees: number, rise: number): Point {
  const [c, s] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
  return [c * x + s * z, y + rise, c * z - s * x];
}

/** A round core as long to wrap as these strands side by side: radius in working diameters. */
export function roundRadius(strands: number, diameter: number): number {
  // The hull of n circles in a row has the girth of one circle and 2 (n − 1) spacings.
  return diameter / 2 + ((strands - 1) * diameter) / Math.PI;
}

/** The strands of a core that a spiral presses round: straight, and just so thick that their bundle has that radius. */
export function pressedCore({ strands, diameter }: Around, pitch: number): StrandPath[] {
  const thick = (diameter * roundRadius(strands, diameter)) / bundle(strands, diameter).radius;
  return bundle(strands, thick).places.map(([x, z], i) => ({
    strand: `core ${i + 1}`,
    thick,
    points: [0, 1, 2].map((k): Point => [x, (k * pitch) / 3, z]),
  }));
}

/** A point moved outward, so that what was tied around a core of one radius lies around another. */
export function outward([x, y, z]: Point, by: number): Point {
  const r = Math.hypot(x, z) || 1;
  return [x * (1 + by / r), y, z * (1 + by / r)];
}
