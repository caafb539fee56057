import { idIn } from '../leg-step';
import { workedDiameter, type Cord } from '../../cord';
import { checkHole, type Hardware } from '../../part';
import type { Message } from '../../studio';
import { inCord, type PieceCord, type PiecePart, type PieceSection } from './piece';

/** The cord of the first leg that works a section, or runs through it as core. */
function cordIn(section: string, does: 'work' | 'core', cords: readonly PieceCord[]): Cord | undefined {
  return cords.find(({ use }) => use.legs.some((leg) => leg.route.some((step) => idIn(step, does) === section)))?.cord;
}

/** Strands that run through each bead of a section, against its hole. */
export function checkBeadHoles(
  sections: Readonly<Record<string, PieceSection>>,
  cords: readonly PieceCord[],
  shelf: readonly Hardware[],
): Message[] {
  return Object.values(sections).flatMap((section) =>
    section.runs.flatMap(({ stitch: { through }, around, beads }) => {
      const cord = cordIn(section.id, through === 'core' ? 'core' : 'work', cords);
      if (through === undefined || !cord) return [];
      const strands = through === 'core' ? around.strands : through;
      return beads.flatMap((hardware) => checkHole({ hardware, strands, d: workedDiameter(cord), cord }, shelf));
    }),
  );
}

/** Rungs of a ladder that are not all as wide make its edges wave. */
export function checkRungs(sections: Readonly<Record<string, PieceSection>>): Message[] {
  const rungs = Object.values(sections).flatMap(({ runs }) =>
    runs.flatMap(({ stitch, beads }) => (stitch.slug === 'ladder' ? beads : [])),
  );
  const widths = [...new Set(rungs.map(({ length_mm }) => length_mm))].sort((a, b) => a - b);
  if (widths.length < 2) return [];
  const text = `The beads are ${widths.join(', ')} mm wide: the edges of the ladder will wave. Beads of one width keep them straight.`;
  return [{ level: 'warning', code: 'uneven-rungs', text, values: { widths_mm: widths.join(', ') } }];
}

/** Stiff cord does not draw up into a knot that turns so tightly. */
export function checkStiffness(
  sections: Readonly<Record<string, PieceSection>>,
  cords: readonly PieceCord[],
): Message[] {
  return cords
    .filter(({ cord }) => cord.stiffness === 'stiff')
    .filter(({ use }) =>
      use.legs.some((leg) => leg.route.some((step) => 'work' in step && (sections[step.work]?.halfKnots ?? 0) > 0)),
    )
    .map(({ cord }) => ({
      level: 'warning',
      code: 'stiff-cord',
      text: `${cord.name} is stiff: square knots in it stay open and the band comes out longer than reckoned. A cord of medium stiffness would do.`,
      values: { cord: cord.slug },
    }));
}

/** A count tighter than the cord has room for is asked about: a tape misread, or another cord. */
export function checkCount(sections: Readonly<Record<string, PieceSection>>): Message[] {
  if (!Object.values(sections).some(({ tight }) => tight)) return [];
  const text =
    'The half knots counted over that length are closer than the cord has room for: measure again, or check the cord. The studio’s own draw is used.';
  return [{ level: 'warning', code: 'count-too-tight', text, values: {} }];
}

/** Strands of the widest part of the band that lie side by side in a buckle's width: core and two working strands. */
export function checkBuckleWidth(
  parts: readonly PiecePart[],
  band: readonly PieceSection[],
  shelf: readonly Hardware[],
): Message[] {
  const strands = 2 + Math.max(0, ...band.flatMap(({ runs }) => runs.map(({ around }) => around.strands)));
  return parts
    .filter(({ part }) => part.slug === 'buckle')
    .flatMap(({ part, base, cord }) => part.check({ ...inCord(base, cord), strands }, shelf));
}

/** Legs of different cords that share a button's hole, one of each: their diameters beside each other must pass it. */
export function checkSharedHoles(
  parts: readonly PiecePart[],
  cords: readonly PieceCord[],
  shelf: readonly Hardware[],
): Message[] {
  return parts
    .filter(({ part }) => part.slug === 'button')
    .flatMap(({ id, base, cord }) => {
      const through = cords.filter(({ use }) =>
        use.legs.some((leg) => leg.route.some((step) => idIn(step, 'part') === id)),
      );
      const diameters = [...new Map(through.map((own) => [own.use.role, workedDiameter(own.cord)])).values()];
      if (diameters.length < 2) return [];
      const d = diameters.reduce((sum, own) => sum + own, 0);
      return checkHole({ hardware: base.hardware, strands: 1, d, cord }, shelf);
    });
}
