import { hasStitch, sectionWith, type Fault } from '../fault';

export const panelsOrder: Fault = {
  slug: 'panels-order',
  seen: 'The panels come out of order',
  because: 'The colours were not laid in order at the start.',
  undo: 'All of it: the order is made where the strands begin.',
  mend: 'Lay the strands in order on the board, edge to edge as the picture has them, tape them down, and begin again. Few rows in? Cross the two strands over at the back and go on.',
  where: (piece) => sectionWith(piece, (section) => hasStitch(section, 'eight-strand-panels', 'alternating-panels')),
  bend: (lines) => {
    // Two neighbours have changed places: each is drawn where the other should be.
    const [one, two] = [lines[0], lines[1]];
    return one && two
      ? lines.map((line) =>
          line === one ? { ...line, strand: two.strand } : line === two ? { ...line, strand: one.strand } : line,
        )
      : [...lines];
  },
};
