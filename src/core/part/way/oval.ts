import type { Point } from '../../stitch';

/**
 * Once round so many strands of diameter D side by side with a cord of diameter d, from their right edge behind them and back over the
 * front, rising by a little: control points, mm.
 */
export function oval(strands: number, D: number, d: number, from: number, rise: number): Point[] {
  const [half, r] = [((strands - 1) * D) / 2, (D + d) / 2];
  const arc = (centre: number, start: number): Point[] =>
    [0, 1, 2, 3, 4].map((k): Point => {
      const a = start - (k * Math.PI) / 4;
      return [centre + r * Math.cos(a), 0, r * Math.sin(a)];
    });
  const round: Point[] = [
    [half + r, 0, 0],
    [half + r * Math.SQRT1_2, 0, -r * Math.SQRT1_2],
    [half, 0, -r],
    ...arc(-half, -Math.PI / 2),
    [half, 0, r],
    [half + r * Math.SQRT1_2, 0, r * Math.SQRT1_2],
    [half + r, 0, 0],
  ];
  return round.map(([x, , z], i): Point => [x, from + (rise * i) / (round.length - 1), z]);
}
