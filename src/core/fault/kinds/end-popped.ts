import { isCore, sectionWith, type Fault } from '../fault';

export const endPopped: Fault = {
  slug: 'end-popped',
  seen: 'A fused end pops through',
  because: 'The stub was cut too short, or not pressed flat while it was soft.',
  undo: 'Nothing, if some of the strand is still to be got hold of.',
  mend: 'Draw the strand out a little with a needle, melt it again and press it flat on the knot; an adult does it. If it is too short: tuck it in with a needle, and a drop of glue.',
  where: (piece) =>
    piece.flame && Object.values(piece.parts).some(({ part }) => part.slug === 'fused-end')
      ? sectionWith(piece, ({ runs }) => runs[0]!.measure.halfKnots > 0)
      : null,
  bend: (lines, { half, length }) => {
    const working = lines.filter((line) => !isCore(line)).at(-1);
    return lines.map((line) => {
      if (line !== working) return line;
      const [x = 0, y = length, z = 0] = line.points.at(-1) ?? [];
      const stub = [0.4, 0.8, 1.2].map((far) => [x + far * half * 0.45, y - far * 0.4, z + far * 1.1] as const);
      return { ...line, points: [...line.points, ...stub] };
    });
  },
};
