import { isCore, moved, rise, sectionWith, type Fault } from '../fault';

export const spiralStopped: Fault = {
  slug: 'spiral-stopped',
  seen: 'The spiral stops turning, or turns back',
  because: 'The other side has led: in a spiral the same side leads every time.',
  undo: 'Back to the last knot that still turned.',
  mend: 'Turn the work so that a strand lies on the left again, and lead with that one, every time.',
  where: (piece) => sectionWith(piece, ({ runs }) => /spiral$/.test(runs[0]!.stitch.slug)),
  // From there on it is wound back, as much as it had turned.
  bend: (lines, { from, pitch }) =>
    moved(
      lines,
      (line) => !isCore(line),
      ([x, y, z]) => {
        const back = -rise(y, from, from + pitch) * Math.PI * 1.2;
        return [x * Math.cos(back) + z * Math.sin(back), y, z * Math.cos(back) - x * Math.sin(back)];
      },
    ),
};
