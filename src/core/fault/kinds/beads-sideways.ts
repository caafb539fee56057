import { hasStitch, sectionWith, type Fault } from '../fault';

export const beadsSideways: Fault = {
  slug: 'beads-sideways',
  seen: 'Beads lie turned sideways',
  because: 'They were threaded on the wrong strand, or on one where two go through.',
  undo: 'Back to the first bead that lies wrong, and take it off.',
  mend: 'Thread it on the strand that the picture shows, all of them alike, and tie on.',
  where: (piece) =>
    sectionWith(piece, (section) => hasStitch(section, 'beads-on-workers', 'bead-on-core', 'ladder', 'bead-row')),
  beads: (beads) =>
    beads.map((bead, i) =>
      i % 3 === 1
        ? {
            ...bead,
            hole: bead.hole === 'along' ? 'across' : 'along',
            length: bead.width * 1.15,
            width: bead.length * 0.85,
          }
        : bead,
    ),
};
