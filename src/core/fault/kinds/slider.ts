import { isCore, sectionWith, type Fault } from '../fault';

const isSlider = (piece: Parameters<Fault['where']>[0]) => (section: { id: string }) =>
  piece.project.opens === 'slides' && !piece.layout.some((item) => item.id === section.id);

export const sliderStuck: Fault = {
  slug: 'slider-stuck',
  seen: 'The slider does not move',
  because: 'Glue, or a melted end, has got on the strands that run through it.',
  undo: 'The end that was glued or melted, if it can still be lifted.',
  mend: 'While it is wet, slide it to and fro. Later, cut the slider off, never into the strands through it, and tie another of new cord.',
  where: (piece) => sectionWith(piece, isSlider(piece)),
  // A drop that joins an end to the strands that run through.
  bend: (lines, { half, length }) => {
    const tie = lines.find((line) => !isCore(line));
    const drop = [0, 1, 2].map((i) => [half * (0.2 + 0.2 * i), length * 0.55 + i * 0.1, 1.6] as const);
    return tie ? [...lines, { ...tie, thick: 1.7, points: drop }] : [...lines];
  },
};

export const sliderSlips: Fault = {
  slug: 'slider-slips',
  seen: 'The slider slips by itself',
  because: 'Too few knots on it, tied too loosely, or the cord is smooth.',
  undo: 'Its ends, if they are finished.',
  mend: 'Draw each of its knots up, and add two half knots. On smooth cord make it half as long again.',
  where: (piece) => sectionWith(piece, isSlider(piece)),
  bend: (lines, { pitch }) =>
    lines.map((line) =>
      isCore(line)
        ? line
        : {
            ...line,
            points: line.points
              .filter(([, y]) => y <= pitch * 1.5)
              .map(([x, y, z]) => [x * 1.3, y * 1.6 + 0.6, z * 1.25] as const),
          },
    ),
};
