import { core, first, moving, second, type Scene } from '../scene';

const HAIRPIN = first('52,78 52,50 52,26 60,14 68,26 68,50 68,78');
const LEGS = [core('54,4 54,40 54,76'), core('66,4 66,40 66,76')];
const LEGS_OUT = [first('34,4 34,40 30,76'), second('86,4 86,40 90,76')];

/** Folding, measuring, and what holds the work. */
export const HOLDING = {
  middle: {
    cords: [HAIRPIN],
    over: [
      ['dot', 60, 14],
      ['arrow', 84, 60, 84, 24],
    ],
  },
  'two-folds': {
    cords: [first('38,78 38,40 48,18 60,12 72,18 82,40 82,78'), second('52,78 52,50 54,36 60,28 66,36 68,50 68,78')],
  },
  'measure-fold': {
    cords: [first('52,56 52,34 53,22 60,12 67,22 68,34 68,58 68,79')],
    under: [['ruler', 38, 33, 12, 44]],
    over: [['dot', 60, 12]],
  },
  measure: { under: [['ruler', 40, 40, 12, 72]], over: [['knots', 60, 40, 18, 66]] },
  'measure-loop': {
    cords: [first('55,58 54,44 49,28 52,14 60,9 68,14 71,28 66,44 65,58')],
    under: [['ruler', 34, 29, 12, 46]],
    over: [['knots', 60, 64, 20, 28]],
  },
  'gap-knots': {
    cords: [first('56,2 56,40 56,78'), first('64,2 64,40 64,78')],
    under: [['ruler', 38, 34, 12, 36]],
    over: [
      ['knots', 60, 12, 20, 10],
      ['knots', 60, 56, 20, 10],
    ],
  },
  'lay-straight': { cords: [first('3,44 40,44 80,44 117,44')], over: [['dot', 52, 44]] },
  hang: {
    cords: [HAIRPIN],
    over: [
      ['hook', 60, 16],
      ['arrow', 88, 34, 88, 66],
    ],
  },
  'hang-stretch': {
    cords: [
      first('26,74 32,58 44,40 54,30'),
      second('94,74 88,58 76,40 66,30'),
      core('54,68 54,46 55,24 60,13 65,24 66,46 66,68'),
    ],
    over: [
      ['hook', 60, 15],
      ['clip', 60, 70, 180],
      ['knots', 60, 29, 20, 8],
    ],
  },
  'off-pegs': {
    cords: [
      first('50,44 44,58 34,74'),
      second('70,44 76,58 86,74'),
      core('55,30 54,52 50,76'),
      core('65,30 66,52 70,76'),
      first('55,24 52,18 60,12 68,18 65,24'),
    ],
    over: [
      ['hook', 60, 14],
      ['knots', 60, 36, 24, 30],
    ],
  },
  'tape-core': {
    cords: LEGS,
    over: [
      ['tape', 60, 14, 36, 9],
      ['tape', 60, 64, 36, 9],
    ],
  },
  'tape-all': {
    cords: [...LEGS, ...LEGS_OUT],
    over: [
      ['tape', 60, 14, 76, 9],
      ['tape', 60, 64, 30, 9],
    ],
  },
  'tape-loop': {
    cords: [
      first('48,78 52,58 54,44 49,28 52,14 60,9 68,14 71,28 66,44 68,58 72,78'),
      second('56,78 57,58 58,46'),
      second('64,78 63,58 62,46'),
    ],
    over: [
      ['tape', 60, 18, 44, 9],
      ['knots', 60, 46, 20, 9],
    ],
  },
  'tape-stretch': {
    cords: [first('36,30 46,24 55,16 56,34 55,52 50,64 54,74 60,77 66,74 70,64 65,52 64,34 65,16 74,24 84,30')],
    under: [['ring', 60, 12, 18]],
    over: [
      ['tape', 60, 8, 34, 8],
      ['tape', 60, 66, 36, 8],
      ['knots', 60, 52, 18, 7],
    ],
  },
  untape: {
    cords: [...LEGS, first('48,56 44,64 40,78'), second('72,56 76,64 80,78')],
    over: [
      ['knots', 60, 36, 24, 44],
      ['tape', 66, 68, 72, 9],
      ['arrow', 104, 62, 114, 36, 8],
    ],
  },
  clip: {
    cords: [36, 46, 56, 66, 76, 86].map((x, i) => (i % 2 ? second : first)(`${x},4 ${x},40 ${x},78`)),
    under: [
      ['board', 60, 46, 100, 70],
      ['ruler', 20, 24, 10, 30],
    ],
    over: [
      ['board', 60, 25, 66, 6],
      ['clip', 60, 22],
    ],
  },
  'clip-core': {
    cords: [first('44,8 42,34 26,70'), second('76,8 78,34 94,70'), core('55,8 55,40 55,72'), core('65,8 65,40 65,72')],
    under: [['board', 60, 42, 100, 76]],
    over: [
      ['clip', 60, 12],
      ['clip', 60, 68, 180],
    ],
  },
  part: {
    cords: [
      ...[48, 54, 60].map((x, i) => first(`${x},8 ${x - 4},26 ${x - 26 + 4 * i},50 ${x - 32 + 4 * i},76`)),
      ...[66, 72, 78].map((x, i) => second(`${x},8 ${x + 4},26 ${x + 18 + 4 * i},50 ${x + 24 + 4 * i},76`)),
    ],
    over: [
      ['knots', 63, 12, 40, 14],
      ['arrow', 50, 62, 36, 62],
      ['arrow', 72, 62, 86, 62],
    ],
  },
  pin: {
    cords: [
      first('53,50 52,62 50,78'),
      first('57,50 57,62 57,78'),
      first('63,50 63,62 63,78'),
      first('67,50 68,62 70,78'),
    ],
    under: [
      ['board', 60, 40, 104, 78],
      ['bead', 60, 32, 44, 34],
    ],
    over: [['pin', 60, 26, 20]],
  },
  'turn-over': { under: [['knots', 60, 40, 22, 66]], over: [['arrow', 30, 40, 90, 40, -26]] },
  'turn-round': {
    under: [['knots', 60, 40, 20, 60]],
    over: [
      ['arrow', 86, 16, 86, 64, -16],
      ['arrow', 34, 64, 34, 16, -16],
    ],
  },
  'change-places': {
    cords: [
      core('48,4 48,40 48,76'),
      moving(first('60,4 60,24 70,40^ 86,56 92,72')),
      second('84,4 84,24 74,40_ 62,56 60,76'),
    ],
  },
  'pass-outside': {
    cords: [
      core('62,4 62,40 62,76'),
      core('72,4 72,40 72,76'),
      second('30,4 32,24 38,40_ 48,56 50,76'),
      moving(first('50,4 48,24 36,42^ 24,56 18,72')),
    ],
  },
  'buckle-apart': {
    over: [
      ['buckle', 60, 20],
      ['buckle', 60, 60, 180],
      ['arrow', 90, 34, 90, 12],
      ['arrow', 90, 46, 90, 68],
    ],
  },
  'buckle-click': {
    over: [
      ['buckle', 60, 30, 180],
      ['buckle', 60, 50],
      ['arrow', 90, 12, 90, 34],
      ['arrow', 90, 68, 90, 46],
    ],
  },
} as const satisfies Record<string, Scene>;
