import type { Piece, PiecePart, PieceSection } from '../project';
import type { BeadPlace, Line, Point } from '../stitch';

/** Where in a piece a fault is: in a section, or in a part. */
export type FaultPlace = { readonly section: PieceSection } | { readonly part: PiecePart };

/** What a picture with a fault in it is bent by, in worked diameters: a repeat's length, half the width, and where the fault begins. */
export interface FaultFrame {
  readonly pitch: number;
  readonly half: number;
  readonly from: number;
  readonly length: number;
}

/** Something that goes wrong at the table: as it is seen, from what, how far back to undo, and the mend. */
export interface Fault {
  readonly slug: string;
  readonly seen: string;
  readonly because: string;
  readonly undo: string;
  readonly mend: string;
  /** Where it can happen in a piece; null where it cannot. */
  readonly where: (piece: Piece) => FaultPlace | null;
  /** The strands as they lie with the fault in them, from as they should lie. */
  readonly bend?: (lines: readonly Line[], frame: FaultFrame) => Line[];
  readonly beads?: (beads: readonly BeadPlace[], frame: FaultFrame) => BeadPlace[];
  /** The same of a part: its strands from where it stands outward, in mm. */
  readonly bendPart?: (points: readonly Point[]) => Point[];
}

/** The first section of a piece with such a stitch. */
export function sectionWith(piece: Piece, is: (section: PieceSection) => boolean): FaultPlace | null {
  const section = Object.values(piece.sections).find(is);
  return section ? { section } : null;
}

/** The first part of a piece that is so. */
export function partWith(piece: Piece, is: (part: PiecePart) => boolean): FaultPlace | null {
  const part = Object.values(piece.parts).find(is);
  return part ? { part } : null;
}

export const hasStitch = ({ runs }: PieceSection, ...slugs: readonly string[]): boolean =>
  runs.some(({ stitch }) => slugs.includes(stitch.slug));
/** Whether a section is tied in half knots that the strands lead by turns. */
export const isFlat = (section: PieceSection): boolean =>
  hasStitch(section, 'square-knot', 'bead-on-core', 'beads-on-workers');
export const isCore = ({ strand }: Line): boolean => strand.startsWith('core');

/** Lines with each point moved. */
export const moved = (lines: readonly Line[], which: (line: Line) => boolean, to: (point: Point) => Point): Line[] =>
  lines.map((line) => (which(line) ? { ...line, points: line.points.map(to) } : line));

/** A smooth hill: 0 outside from and to, 1 in the middle. */
export const hill = (y: number, from: number, to: number): number =>
  y <= from || y >= to ? 0 : (1 - Math.cos((2 * Math.PI * (y - from)) / (to - from))) / 2;
/** A smooth rise from 0 at from to 1 at to. */
export const rise = (y: number, from: number, to: number): number => {
  const share = Math.min(1, Math.max(0, (y - from) / (to - from)));
  return share * share * (3 - 2 * share);
};
