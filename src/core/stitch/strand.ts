/** A place in a stitch, in worked cord diameters: x across the band, y along it, z through it (front is positive). */
export type Point = readonly [x: number, y: number, z: number];

/**
 * One strand through one repeat: control points of a smooth curve through all of them. The curve goes on into the next
 * repeat as the same points moved by `pitch` along y, so it closes on itself.
 */
export interface StrandPath {
  readonly strand: string;
  readonly points: readonly Point[];
  /** Its own thickness in the working cord's diameters; 1 where it is not said. */
  readonly thick?: number;
}

/** A bead as the stitch meets it, in worked diameters: how far a strand runs inside it, and how thick it is. */
export interface Bead {
  readonly length: number;
  readonly width: number;
}

/** What a stitch is tied around: so many strands side by side, of a diameter in the working cord's, and the beads of a repeat. */
export interface Around {
  readonly strands: number;
  readonly diameter: number;
  readonly beads?: readonly Bead[];
  /** How much longer along the band its knots come out than the tightest there can be; 1 where it is not said. Beads do not. */
  readonly draw?: number;
}

/** Where a bead sits: its middle, and whether its hole runs along the band or across it. `index` is which of the beads it is. */
export interface BeadPlace extends Bead {
  readonly index: number;
  readonly at: Point;
  readonly hole: 'along' | 'across';
}

/** A stitch tied around something: all strand paths over one repeat. Lengths in worked diameters of the working cord. */
export interface StitchGeometry {
  readonly pitch: number;
  /** Equal parts of a repeat that a band may end after. */
  readonly divisions: number;
  readonly halfKnots: number;
  readonly working: readonly StrandPath[];
  readonly core: readonly StrandPath[];
  readonly beads?: readonly BeadPlace[];
}

/** How a stitch is taught: what to do, and how far each working strand has come (0 to 1 of its path in the repeat). */
export interface StitchStep {
  readonly text: string;
  readonly active: string;
  readonly reached: Readonly<Record<string, number>>;
}

/** Who leads a half knot: the strand that crosses the front, and the side it comes from, as the work lies in front of one. */
export interface StitchLead {
  readonly strand: string;
  readonly from: 'left' | 'right';
  /** The steps that show it. */
  readonly steps: readonly number[];
}

/** A stitch: its geometry around anything, and how it is taught. */
export interface Stitch {
  readonly slug: string;
  readonly name: string;
  readonly geometry: (around: Around) => StitchGeometry;
  /** How many beads of its own a repeat takes in a row. */
  readonly beads: number;
  /** How many strands run through each bead: so many working ones, or all of the core. */
  readonly through?: number | 'core';
  /** Time for one division, as a share of the time for a half knot: the studio's pace is kept a half knot. */
  readonly effort: number;
  /** 1 for a first session, 2 for people who have tied before, 3 for practised hands. */
  readonly difficulty: 1 | 2 | 3;
  readonly steps: readonly StitchStep[];
  /** Who leads each half knot of a repeat, where it is tied in half knots one after the other. */
  readonly leads?: readonly StitchLead[];
  readonly watch: string;
}
