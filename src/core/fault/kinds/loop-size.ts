import { partWith, type Fault } from '../fault';

export const loopSize: Fault = {
  slug: 'loop-size',
  seen: 'The loop is too big or too small for what it closes on',
  because: 'It was not tried on the knot or button before the first knots held it.',
  undo: 'All of them, while there are fewer than three half knots; later the loop cannot be moved.',
  mend: 'Before the third half knot: push the knots along until the button just passes with a push. Later: a bigger or smaller button or end knot instead.',
  where: (piece) => partWith(piece, ({ part }) => part.stretch === 'loop'),
  bendPart: (points) => points.map(([x, y, z]) => [x * 1.7, y * 1.75, z] as const),
};
