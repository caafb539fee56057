import { isCore, sectionWith, type Fault } from '../fault';

export const shortEnd: Fault = {
  slug: 'short-end',
  seen: 'One working end is far shorter than the other',
  because: 'The legs were not evened at the middle; or one leads always where both should share, or a core leg works.',
  undo: 'Nothing yet, while there is enough: look at “Will it last?”.',
  mend: 'Swap while there is enough: let the longer one lead, or a long core leg work and the short one run straight. Then mark the middle next time.',
  where: (piece) =>
    sectionWith(piece, ({ runs }) => runs[0]!.measure.halfKnots > 0 && runs[0]!.stitch.leads !== undefined),
  bend: (lines, { length, half }) => {
    const working = lines.filter((line) => !isCore(line));
    return lines.map((line) => {
      const place = working.indexOf(line);
      if (place < 0) return line;
      const long = place === 0 ? 1.6 : 8;
      const side = place % 2 === 0 ? -1 : 1;
      const [x = 0, y = length, z = 0] = line.points.at(-1) ?? [];
      const tail = Array.from({ length: 12 }, (_, i) => {
        const share = (i + 1) / 12;
        return [x + (side * half * 0.9 - x) * Math.min(1, share * 2), y + long * share, z * (1 - share)] as const;
      });
      return { ...line, points: [...line.points, ...tail] };
    });
  },
};
