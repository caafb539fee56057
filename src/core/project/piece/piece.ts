import { workedDiameter, type Cord } from '../../cord';
import type { Hardware, Part, PartContext } from '../../part';
import type { Around, Stitch, StitchMeasure } from '../../stitch';
import type { Avoid, Message, Origin, Skill } from '../../studio';
import type { MadeCount } from './draw';
import type { Choices } from '../choices';
import type { CordChoice, Options } from '../options';
import type { Project, ProjectCord } from '../project';

/** What a seat asks for: the project with its choices, and what of the wearer bears on them. Lengths in mm. */
export interface PieceRequest {
  readonly project: string;
  readonly options: Options;
  readonly cords: Readonly<Record<string, CordChoice>>;
  readonly age: number | null;
  readonly avoid: readonly Avoid[];
  /** Inner circumference when worn. */
  readonly inner: number;
  /** Closed hand, measured or derived. */
  readonly hand: number;
  readonly skill: Skill;
  /** What this maker counted, where they did: so many half knots made so much band. */
  readonly made: MadeCount | null;
  /** Beads of a sequence beyond its whole repeats; 0 where there is none. */
  readonly rest: number;
}

/** One cord of the piece, chosen. */
export interface PieceCord {
  readonly use: ProjectCord;
  readonly cord: Cord;
  readonly colour: string;
}

/** One stitch of a section, measured in this piece. Lengths in mm. */
export interface PieceRun {
  readonly stitch: Stitch;
  readonly around: Around;
  /** The beads that it strings. */
  readonly beads: readonly Hardware[];
  readonly measure: StitchMeasure;
  readonly times: number;
  readonly mm: number;
}

/** A section with its cords and beads chosen: what one unit of it comes to. Lengths in mm. */
export interface PieceSection {
  readonly id: string;
  readonly runs: readonly PieceRun[];
  /** Worked diameter of the strand the geometry is in. */
  readonly d: number;
  readonly unit: number;
  readonly halfKnots: number;
  /** How much longer its knots come out than the tightest there can be; 1 where nothing of it is knotted. */
  readonly draw: number;
  /** Whether a count was tighter than there can be, and so was not taken. */
  readonly tight: boolean;
  readonly count: 'fill' | number;
  /** Cord of one unit by strand, by its path; `core` is a strand that runs through. */
  readonly uses: Readonly<Record<string, number>>;
  /** What this studio's makers use of each working strand, × its path, how far that may be off, as a share, and how many records it rests on. */
  readonly factors: Readonly<
    Record<string, { readonly factor: number; readonly doubt: number; readonly records: number }>
  >;
  readonly width: number;
  readonly thickness: number;
  readonly arms: number;
  /** Whether only an odd count of it is made. */
  readonly odd: boolean;
  /** Whether it repeats by turns with the section that is laid out before it. */
  readonly joins: boolean;
  readonly beads: readonly Hardware[];
  /** How many of each bead a unit takes. */
  readonly beadCounts: readonly number[];
  /** Colour of each strand that is drawn, by its name in the stitch. */
  readonly colours: Readonly<Record<string, string>>;
}

/** A part in its place; the leg's own cord completes the context. */
export interface PiecePart {
  readonly id: string;
  readonly part: Part;
  readonly base: Omit<PartContext, 'cord' | 'd'>;
  /** The cord of the first leg that makes it. */
  readonly cord: Cord;
  readonly along: number;
  /** Whether a loop or a slit closes over it: what closes over it says how much of the ring that takes. */
  readonly closedOver: boolean;
}

/** What takes of the closed ring beside the band: a line of the fit. */
export interface PieceClosure {
  readonly label: string;
  readonly mm: number;
  readonly because: Origin;
}

/** A project with every choice made, ready to be fitted and cut. Lengths in mm. */
export interface Piece {
  /** As its choices make it: one object for all pieces that choose alike, and for no other. */
  readonly project: Project;
  readonly choices: Choices;
  readonly cords: readonly PieceCord[];
  readonly sections: Readonly<Record<string, PieceSection>>;
  readonly parts: Readonly<Record<string, PiecePart>>;
  /** The band in order: sections and parts that make up its length. */
  readonly layout: readonly (PieceSection | PiecePart)[];
  /** What stands between the band's ends when it is closed. */
  readonly closure: readonly PieceClosure[];
  readonly width: number;
  readonly thickness: number;
  readonly flame: boolean;
  /** Whether the participant handles it, beside the person in charge; younger, or of an age nobody gave, an adult does. */
  readonly ownFlame: boolean;
  readonly hardware: Readonly<Record<string, Hardware>>;
  /** Hardware beside the project's own, for safety. */
  readonly added: readonly Hardware[];
  readonly messages: readonly Message[];
}

/**
 * Whether a stretch of the band is a section, which repeats, and not a part.
 *
 * @example
 * piece.layout.map(isSection) // [false, true, false]
 */
export const isSection = (item: PieceSection | PiecePart): item is PieceSection => 'runs' in item;

/**
 * The band in order, with sections that repeat by turns together: each group comes as often as its sections count.
 *
 * @example
 * groupsOf(piece).flat().length === piece.layout.length // true
 */
export function groupsOf({ layout }: Pick<Piece, 'layout'>): (PieceSection | PiecePart)[][] {
  const groups: (PieceSection | PiecePart)[][] = [];
  for (const item of layout) {
    if (isSection(item) && item.joins && groups.length > 0) groups.at(-1)!.push(item);
    else groups.push([item]);
  }
  return groups;
}

/**
 * What a part is made in, for a leg of this cord; `inner` where the fitted ring is known.
 *
 * @example
 * inCord(Object.values(piece.parts)[0].base, satin).d === workedDiameter(satin) // true
 */
export const inCord = (base: PiecePart['base'], cord: Cord, inner = base.inner, stands = base.stands): PartContext => ({
  // Field by field: a spread here is the slowest line of sizing a room.
  round: base.round,
  strands: base.strands,
  times: base.times,
  halfPitch: base.halfPitch,
  hardware: base.hardware,
  loop: base.loop,
  mate: base.mate,
  inner,
  hand: base.hand,
  slider: base.slider,
  tied: base.tied,
  stands,
  figures: base.figures,
  cord,
  d: workedDiameter(cord),
});
