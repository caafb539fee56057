import type { Point } from '../../../core/stitch';

/**
 * A cord in the picture of an act: whose it is, and the points that it passes as `x,y`, left to right and downwards in a box of 120 by
 * 80; `^` behind a point lifts it over what it crosses there, `_` puts it under.
 *
 * `first` and `second` are the seat’s own cords by colour; `core` is what others are tied round or hung on; `finger` is one.
 */
export interface SceneCord {
  readonly whose: 'first' | 'second' | 'core' | 'finger';
  readonly way: string;
  /** It is the one that moves: tape on its end, and its colour is never that of the others. */
  readonly moves?: true;
}

/** Something beside cord: what it is, where its middle is, and how it is turned (degrees) or how large it is, where it matters. */
export type SceneThing =
  | readonly [
      'bead' | 'tube' | 'button' | 'ring' | 'board' | 'tape' | 'knots' | 'ruler',
      x: number,
      y: number,
      w: number,
      h?: number,
    ]
  | readonly [
      'hook' | 'pin' | 'clip' | 'drop' | 'dot' | 'fist' | 'wrist' | 'tip' | 'buckle' | 'scissors' | 'flame' | 'needle',
      x: number,
      y: number,
      turn?: number,
    ]
  | readonly ['arrow', fromX: number, fromY: number, toX: number, toY: number, bend?: number];

/** What hands do in an act. What lies behind the cords stands in `under`, what lies before them in `over`. */
export interface Scene {
  readonly cords?: readonly SceneCord[];
  readonly under?: readonly SceneThing[];
  readonly over?: readonly SceneThing[];
}

/** How high `^` lifts a cord, in its own thickness. */
const LIFT = 1;

/** The points of a way; depth in the unit of the box. */
export const pointsOf = (way: string, thick: number): Point[] =>
  way.split(' ').map((text): Point => {
    const [x, y] = text
      .replace(/[\^_]$/, '')
      .split(',')
      .map(Number);
    const lift = text.endsWith('^') ? LIFT : text.endsWith('_') ? -LIFT : 0;
    return [x!, y!, lift * thick];
  });

const cord =
  (whose: SceneCord['whose']) =>
  (way: string): SceneCord => ({ whose, way });
export const first = cord('first');
export const second = cord('second');
export const core = cord('core');
export const finger = cord('finger');
export const moving = (one: SceneCord): SceneCord => ({ ...one, moves: true });
