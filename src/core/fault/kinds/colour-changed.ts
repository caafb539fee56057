import { isCore, isFlat, moved, sectionWith, type Fault } from '../fault';

export const colourChanged: Fault = {
  slug: 'colour-changed',
  seen: 'The middle changes colour',
  because: 'The other colour led. The colour that leads, from whichever side, is the one across the front.',
  undo: 'Back to the first bar across the front in the other colour, and that one too.',
  mend: 'One colour always leads: put tape on its end. It leads from the left, then from the right, and so on.',
  where: (piece) => sectionWith(piece, (section) => isFlat(section) && section.colours.a !== section.colours.b),
  bend: (lines, { from }) =>
    moved(
      lines,
      (line) => !isCore(line),
      ([x, y, z]) => (y > from ? [-x, y, -z] : [x, y, z]),
    ),
};
