import { Type, type TSchema } from '@sinclair/typebox';

/**
 * Every coefficient that is not geometry: its name, unit, limits, starting value and where that value comes from.
 * A studio changes them on its settings page. Nothing in the core uses a physical figure that is not here, in a cord's or a
 * hardware document, or derived in the file that uses it.
 */
const LIST = [
  // Fit: added to the wrist for the inner circumference.
  fig('ease_snug', 'Fit', 'Ease, snug', 'mm', 6, 0, 60, 'Customary: ¼ in, no slack but no mark on the skin'),
  fig('ease_easy', 'Fit', 'Ease, easy', 'mm', 12, 0, 60, 'Customary: ½ in, a finger slides under'),
  fig('ease_loose', 'Fit', 'Ease, loose', 'mm', 20, 0, 80, 'Customary: ¾ in, hangs on the hand'),
  fig(
    'hand_per_wrist',
    'Fit',
    'Closed hand, when not measured',
    '× wrist',
    1.22,
    1,
    1.6,
    'Starting figure of our own; measured hands replace it',
  ),
  fig(
    'hand_slack',
    'Fit',
    'Slack to pass the hand',
    'mm',
    10,
    0,
    60,
    'Starting figure: cord does not stretch over knuckles',
  ),

  // Wrists nobody has measured, by age.
  fig(
    'wrist_under_6',
    'Estimated wrists',
    'Under 6 years',
    'mm',
    130,
    90,
    280,
    'Starting figure of our own; replace it with your records',
  ),
  fig(
    'wrist_6_to_8',
    'Estimated wrists',
    '6 to 8 years',
    'mm',
    138,
    90,
    280,
    'Starting figure of our own; replace it with your records',
  ),
  fig(
    'wrist_9_to_11',
    'Estimated wrists',
    '9 to 11 years',
    'mm',
    147,
    90,
    280,
    'Starting figure of our own; replace it with your records',
  ),
  fig(
    'wrist_12_to_14',
    'Estimated wrists',
    '12 to 14 years',
    'mm',
    156,
    90,
    280,
    'Starting figure of our own; replace it with your records',
  ),
  fig(
    'wrist_15_to_17',
    'Estimated wrists',
    '15 to 17 years',
    'mm',
    163,
    90,
    280,
    'Starting figure of our own; replace it with your records',
  ),
  fig(
    'wrist_adult',
    'Estimated wrists',
    '18 years and over, or age not known',
    'mm',
    168,
    90,
    280,
    'Starting figure of our own; replace it with your records',
  ),

  // Carry loops of fobs and lanyards, as the inside of the loop.
  fig(
    'loop_finger',
    'Carry loops',
    'Finger loop, round the inside',
    'mm',
    90,
    50,
    200,
    'Starting figure: two fingers of an adult',
  ),
  fig(
    'loop_neck',
    'Carry loops',
    'Neck loop, round the inside',
    'mm',
    860,
    650,
    1200,
    'Starting figure: hangs at the breastbone, passes the head',
  ),

  // Closures.
  fig(
    'loop_fit',
    'Closures',
    'Loop, against what closes it',
    '× girth',
    1.05,
    1,
    1.5,
    'Customary: passes with a push, does not fall open',
  ),
  fig(
    'slider_length',
    'Closures',
    'Square-knot slider',
    'mm',
    22,
    8,
    80,
    'Customary: five or six square knots in 2 mm cord',
  ),
  fig(
    'pull_tail',
    'Closures',
    'Tail to pull a closure by, at least',
    'mm',
    50,
    10,
    200,
    'Starting figure: two fingers to grip',
  ),
  fig('tie_tail', 'Closures', 'Tail to tie on with', 'mm', 150, 60, 400, 'Customary: a hand'),
  fig(
    'wrap_stack',
    'Fit',
    'A wrap lies on the last',
    'share',
    1,
    0,
    1,
    'Customary: each wrap lies on the last, 1; wraps side by side, 0',
  ),

  // Cord beyond the stitches.
  fig('tail_new', 'Tails', 'Tail to hold, new', 'mm', 130, 20, 400, 'Starting figure: a hand and a half to grip'),
  fig('tail_steady', 'Tails', 'Tail to hold, steady', 'mm', 100, 20, 400, 'Starting figure: a hand to grip'),
  fig('tail_fluent', 'Tails', 'Tail to hold, fluent', 'mm', 75, 20, 400, 'Starting figure: three fingers to grip'),
  fig(
    'tail_stiff',
    'Tails',
    'Tail in stiff cord',
    '× tail',
    1.2,
    1,
    2,
    'Starting figure: stiff cord springs out of a short grip',
  ),
  fig(
    'fused_stub',
    'Tails',
    'Fused end, cord melted into the stub',
    'mm',
    4,
    1,
    20,
    'Starting figure: trimmed to 3 to 5 mm, then melted flat',
  ),
  fig(
    'tucked_half_knots',
    'Tails',
    'Tucked end, woven back under',
    'half knots',
    4,
    2,
    10,
    'Starting figure: two square knots hold with a dot of glue',
  ),
  fig(
    'sleeve_join',
    'Tails',
    'Sleeve join, overlap of each cord',
    'mm',
    15,
    5,
    60,
    'Starting figure: core threads drawn from 15 mm, the other end inserted',
  ),
  fig(
    'tuck_join',
    'Tails',
    'Tucked join, end of each cord under the knotting',
    'mm',
    40,
    15,
    120,
    'Starting figure: held by about six half knots',
  ),

  // Allowance by risk.
  fig(
    'spread_new',
    'Allowance',
    'Spread of cord use, new',
    '× use',
    0.07,
    0,
    0.4,
    'Starting figure; yield records replace it',
  ),
  fig(
    'spread_steady',
    'Allowance',
    'Spread of cord use, steady',
    '× use',
    0.045,
    0,
    0.4,
    'Starting figure; yield records replace it',
  ),
  fig(
    'spread_fluent',
    'Allowance',
    'Spread of cord use, fluent',
    '× use',
    0.03,
    0,
    0.4,
    'Starting figure; yield records replace it',
  ),
  fig(
    'short_cost',
    'Allowance',
    'Running short costs, against 1 for over-cutting',
    'times',
    59,
    1,
    9999,
    'Starting figure: a lost piece against the same cord in offcuts; 59 means about 1 in 60 runs short',
  ),
  fig(
    'cut_step',
    'Allowance',
    'Cuts are rounded up to',
    'mm',
    10,
    1,
    25.4,
    'Customary: 5 or 10 mm; ¼ in is 6.35, ½ in is 12.7',
  ),

  // The schools that reckon by rule.
  fig(
    'ratio_all',
    'Ratio school',
    'Cord for all strands together',
    '× knotted length',
    12,
    4,
    30,
    'Customary for flat bands: a foot of cord to an inch of band',
  ),
  fig(
    'ratio_core',
    'Ratio school',
    'of which core',
    '× knotted length',
    2,
    1,
    10,
    'Customary: two core strands, each as long as the band',
  ),
  fig(
    'ratio_hands',
    'Ratio school',
    'Extra for hands, each working end',
    'mm',
    100,
    0,
    400,
    'Customary: a hand to hold',
  ),
  fig(
    'core_allowance',
    'Core-multiple school',
    'Added to the wrist for loop and end knot',
    'mm',
    150,
    0,
    400,
    'Customary: about 6 in',
  ),
  fig('core_multiple', 'Core-multiple school', 'Working cord', '× core', 3, 1, 10, 'Customary'),

  fig(
    'class_small',
    'Size-class school',
    'Small, wrists up to',
    'mm',
    150,
    100,
    280,
    'Starting figure: most children to 11',
  ),
  fig('class_medium', 'Size-class school', 'Medium, wrists up to', 'mm', 170, 100, 280, 'Starting figure'),
  fig('class_large', 'Size-class school', 'Large, wrists up to', 'mm', 190, 100, 280, 'Starting figure'),
  fig('class_extra', 'Size-class school', 'Extra large, wrists up to', 'mm', 220, 100, 280, 'Starting figure'),
  fig(
    'try_on_headroom',
    'Try-on school',
    'Headroom over the largest wrist',
    'mm',
    10,
    0,
    60,
    'Starting figure: what is cut too long is trimmed, what is short is lost',
  ),
  fig(
    'board',
    'Cutting table',
    'Board for folding long cuts',
    'mm',
    500,
    100,
    3000,
    'Starting figure; measure your own',
  ),

  // Minutes.
  fig('half_knot_new', 'Pace', 'A half knot, new', 's', 30, 2, 300, 'Starting figure; records replace it'),
  fig('half_knot_steady', 'Pace', 'A half knot, steady', 's', 15, 2, 300, 'Starting figure; records replace it'),
  fig('half_knot_fluent', 'Pace', 'A half knot, fluent', 's', 9, 2, 300, 'Starting figure; records replace it'),
  fig(
    'slow_start',
    'Pace',
    'First six half knots take',
    '× as long',
    2,
    1,
    5,
    'Starting figure: the first repeats are slower',
  ),
  fig(
    'part_slower_new',
    'Pace',
    'Starts and ends, new',
    '× fluent',
    3,
    1,
    6,
    'Customary: first-timers take two to four times as long',
  ),
  fig('part_slower_steady', 'Pace', 'Starts and ends, steady', '× fluent', 1.6, 1, 6, 'Starting figure'),

  // The shelf and the kits.
  fig(
    'cut_loss',
    'Shelf and kits',
    'Lost at each cut',
    'mm',
    4,
    0,
    50,
    'Starting figure: two ends trimmed or sealed before work',
  ),
  fig(
    'keep',
    'Shelf and kits',
    'Shortest remnant to keep',
    'mm',
    300,
    0,
    3000,
    'Starting figure: a finger loop’s cord; shorter is scrap',
  ),
  fig(
    'cord_fill',
    'Shelf and kits',
    'Fibre in a cord’s round',
    'share',
    0.55,
    0.2,
    1,
    'Starting figure for braids; weigh a measured length instead',
  ),
  fig(
    'spares',
    'Shelf and kits',
    'Spare hardware',
    'share',
    0.05,
    0,
    1,
    'Starting figure of our own; at least one of each',
  ),
  fig(
    'share_lighter',
    'Shelf and kits',
    'Seats to a lighter at the station',
    'seats',
    12,
    1,
    100,
    'Starting figure: one supervised station',
  ),
  fig(
    'share_scissors',
    'Shelf and kits',
    'Seats to a pair of scissors',
    'seats',
    3,
    1,
    100,
    'Starting figure of our own',
  ),
  fig('share_needle', 'Shelf and kits', 'Seats to a needle', 'seats', 2, 1, 100, 'Starting figure of our own'),
  fig('share_glue', 'Shelf and kits', 'Seats to a bottle of glue', 'seats', 6, 1, 100, 'Starting figure of our own'),
  fig('share_tape', 'Shelf and kits', 'Seats to a roll of tape', 'seats', 6, 1, 100, 'Starting figure of our own'),
  fig(
    'share_ruler',
    'Shelf and kits',
    'Seats to a ruler or tape measure',
    'seats',
    3,
    1,
    100,
    'Starting figure of our own',
  ),

  // Safety.
  fig(
    'flame_age',
    'Safety',
    'No heat below',
    'years',
    16,
    12,
    21,
    'Usual caution; the venue and local rules come first',
  ),
  fig(
    'neck_age',
    'Safety',
    'Breakaway connector in a neck loop below',
    'years',
    18,
    12,
    99,
    'Usual caution; strangulation risk',
  ),
  fig('small_parts_age', 'Safety', 'No small parts below', 'years', 5, 3, 12, 'Usual caution; choking risk'),
] as const;

/** One coefficient, with what a settings page needs to show and check it. */
export interface Figure<Name extends string = string> {
  readonly name: Name;
  readonly group: string;
  readonly label: string;
  readonly unit: string;
  readonly start: number;
  readonly min: number;
  readonly max: number;
  readonly source: string;
}

function fig<const Name extends string>(
  name: Name,
  group: string,
  label: string,
  unit: string,
  start: number,
  min: number,
  max: number,
  source: string,
): Figure<Name> {
  return { name, group, label, unit, start, min, max, source };
}

export type FigureName = (typeof LIST)[number]['name'];
/** A studio's value for every coefficient. */
export type Figures = Readonly<Record<FigureName, number>>;

export const FIGURES: readonly Figure<FigureName>[] = LIST;

/** The starting values, before a studio changes any. */
export const STARTING_FIGURES: Figures = Object.fromEntries(LIST.map((f) => [f.name, f.start])) as Record<
  FigureName,
  number
>;

/** Checks a studio's figures, each within its limits. */
export const FiguresSchema = Type.Object(
  Object.fromEntries(
    LIST.map((f): [string, TSchema] => [
      f.name,
      Type.Number({ title: f.label, description: `${f.unit}. ${f.source}`, minimum: f.min, maximum: f.max }),
    ]),
  ),
  { additionalProperties: false },
);
