/** A place in a stitch, in worked cord diameters: x across the band, y along it, z through it (front is positive). */
export type Point = readonly [x: number, y: number, z: number];

/**
 * One strand through one repeat: control points of a smooth curve through all of them. The curve goes on into the next
 * repeat as the same points moved by `pitch` along y, so it closes on itself.
 */
export interface StrandPath {
  readonly strand: string;
  readonly points: readonly Point[];
}

/** What a stitch is tied around: so many strands side by side, of a diameter given in the working cord's diameters. */
export interface Around {
  readonly strands: number;
  readonly diameter: number;
}

/** A stitch tied around something: all strand paths over one repeat. Lengths in worked diameters of the working cord. */
export interface StitchGeometry {
  readonly pitch: number;
  readonly halfKnots: number;
  readonly working: readonly StrandPath[];
  readonly core: readonly StrandPath[];
}

/** How a stitch is taught: what to do, and how far each working strand has come (0 to 1 of its path in the repeat). */
export interface StitchStep {
  readonly text: string;
  readonly active: string;
  readonly reached: Readonly<Record<string, number>>;
}

/** A stitch: its geometry around anything, and how it is taught. */
export interface Stitch {
  readonly slug: string;
  readonly name: string;
  readonly geometry: (around: Around) => StitchGeometry;
  readonly steps: readonly StitchStep[];
  readonly watch: string;
}
