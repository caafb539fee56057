import { first, second, type Scene } from '../scene';

const END = [first('54,38 44,44 26,47')];
const BAND = ['knots', 60, 22, 26, 38] as const;

/** Trying on, closing, and finishing the ends. */
export const WEARING = {
  'round-wrist': {
    under: [
      ['wrist', 60, 40],
      ['tip', 66, 38],
    ],
    cords: [first('36,26 44,36 60,40 76,36 84,26'), first('36,32 44,42 60,46 76,42 84,32')],
  },
  'over-hand': {
    under: [['fist', 60, 34]],
    cords: [first('38,36 44,46 60,50 76,46 82,36'), second('38,42 44,52 60,56 76,52 82,42')],
    over: [['arrow', 98, 20, 98, 60]],
  },
  'loop-over': {
    under: [['button', 60, 34, 26]],
    cords: [first('55,79 54,66 43,50 40,32 48,18 60,14 72,18 80,32 77,50 66,66 65,79')],
    over: [['arrow', 98, 66, 98, 30]],
  },
  bow: {
    cords: [first('14,74 36,58 60,44 84,26 98,28 94,42 76,46 60,44^ 44,46 26,42 22,28 36,26 60,44_ 84,58 106,74')],
    over: [['knots', 60, 43, 12, 12]],
  },
  trim: { cords: END, over: [BAND, ['scissors', 44, 42, -70]] },
  melt: { cords: [first('54,38 46,43 38,45')], over: [BAND, ['flame', 30, 48]] },
  glue: { cords: END, over: [BAND, ['drop', 46, 40], ['arrow', 24, 22, 42, 32]] },
  weave: { cords: [first('54,38 40,46 30,40 34,26')], over: [BAND, ['needle', 58, 24, 0], ['arrow', 82, 36, 104, 36]] },
} as const satisfies Record<string, Scene>;
