import { hasStitch, moved, rise, sectionWith, type Fault } from '../fault';

export const leatherTwisted: Fault = {
  slug: 'leather-twisted',
  seen: 'The leather of the ladder is twisted',
  because: 'The thread went over a leg where it should go under, and drew it round.',
  undo: 'Back to the first bead behind the twist.',
  mend: 'Lay both legs flat on the board and clip them. The thread goes out under a leg, over it and back through the bead: the same on both sides.',
  where: (piece) => sectionWith(piece, (section) => hasStitch(section, 'ladder', 'tube-cross')),
  bend: (lines, { from, pitch, half }) =>
    moved(
      lines,
      () => true,
      ([x, y, z]) => {
        const turned = Math.cos(Math.PI * rise(y, from, from + pitch * 2));
        return [x * turned, y, z + (1 - Math.abs(turned)) * Math.sign(x) * half];
      },
    ),
};
