import { formatMm } from '../measure';
import { origin, type Message } from '../studio';
import type { Point } from '../stitch';
import type { Hardware } from './hardware';
import { halfTurn } from './way/around';
import { sideBySide, wayLength, type Way } from './way/way';
import { n1, type PartContext, type PartUse } from './part';

/** The hardware a part is tied to; a project that names none for such a part is at fault. */
export function barOf(context: PartContext): Hardware {
  if (!context.hardware) throw new Error('This part needs hardware to be tied to');
  return context.hardware;
}

/** Cord of one leg that turns back round a bar: half a circle through the middle of the cord. */
export function turnRound(context: PartContext): PartUse {
  const { bar_mm: bar } = barOf(context);
  const mm = (Math.PI * (bar + context.d)) / 2;
  return {
    mm,
    because: origin(
      'turn-round-bar',
      { bar_mm: bar, cord_mm: context.d },
      `half a turn round a ${n1(bar)} mm bar: π × (${n1(bar)} + ${n1(context.d)}) ÷ 2`,
    ),
  };
}

/** An error when the strands do not lie side by side in the opening, with what on the shelf would take them. */
export function checkOpening(context: PartContext, shelf: readonly Hardware[]): Message[] {
  const hardware = barOf(context);
  const need = context.strands * context.d;
  if (need <= hardware.opening_mm) return [];
  const wider = shelf
    .filter((h) => h.kind === hardware.kind && h.opening_mm >= need)
    .sort((a, b) => a.opening_mm - b.opening_mm)[0];
  const remedy = wider ? `${wider.name} (${formatMm(wider.opening_mm)}) takes them.` : 'Choose a thinner cord.';
  return [
    {
      level: 'error',
      code: 'opening-too-narrow',
      text: `${hardware.name}: opening ${formatMm(hardware.opening_mm)}; ${context.strands} strands of ${formatMm(context.d)} side by side need ${formatMm(need)}. ${remedy}`,
      values: {
        hardware: hardware.slug,
        opening_mm: hardware.opening_mm,
        strands: context.strands,
        strand_mm: context.d,
        need_mm: need,
        fits: wider?.slug ?? null,
      },
    },
  ];
}

/** Each leg turned half round the bar, side by side: out over it in front, and back behind. */
export const turnWays = (context: PartContext): Way[] =>
  sideBySide(context.strands, context.d).map((x, leg) => ({
    leg,
    points: halfTurn(x, (barOf(context).bar_mm + context.d) / 2),
  }));

/** Room for the bight between the band's edge and a bar, in diameters: its own thickness, less what it beds in. */
const BIGHT = 0.95;
const radiusOf = (context: PartContext): number => (barOf(context).bar_mm + context.d) / 2;

/** How far out of the band's edge the middle of a bar lies that a cord is looped on at, mm. */
export const loopedBar = (context: PartContext): number => radiusOf(context) + BIGHT * context.d;

/** One leg of a cord looped on at a bar: up behind the bight, over the bar from its front, down behind it outside, to the bight in front. */
function loopedLeg(context: PartContext): Point[] {
  const { d } = context;
  const [r, out] = [radiusOf(context), loopedBar(context)];
  return [
    [0.5 * d, 0, -0.35 * d],
    [0.52 * d, 0.9 * d, -0.35 * d],
    ...halfTurn(0.55 * d, r, d).map(([x, y, z]): Point => [x, y + out, z]),
    [1.62 * d, 1.1 * d, -0.3 * d],
    [1.2 * d, 0.7 * d, 0.5 * d],
    [0.5 * d, 0.62 * d, 0.68 * d],
    [0, 0.6 * d, 0.7 * d],
  ];
}

/** Cord of one leg that is looped on at a bar, along the way it is drawn: the turn round the bar, and half the bight over both legs. */
export function loopedUse(context: PartContext): PartUse {
  const round = turnRound(context);
  const mm = wayLength(loopedLeg(context));
  return {
    mm,
    because: origin(
      'looped-on',
      { bight_mm: mm - round.mm },
      `${round.because.text}; up to it, and half the bight over both legs: ${n1(mm - round.mm)}`,
      [round.because],
    ),
  };
}

/** Legs looped on at a bar, a pair a cord. */
export function loopedWays(context: PartContext): Way[] {
  const right = loopedLeg(context);
  const pairs = Math.max(1, Math.round(context.strands / 2));
  return sideBySide(pairs, 4.2 * context.d).flatMap((centre, pair) =>
    [1, -1].map((side, i): Way => ({
      leg: 2 * pair + i,
      points: right.map(([x, y, z]) => [centre + side * x, y, z]),
    })),
  );
}
