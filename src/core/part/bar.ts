import { formatMm } from '../measure';
import type { Message } from '../studio';
import type { Hardware } from './hardware';
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
  return { mm, because: `half a turn round a ${n1(bar)} mm bar: π × (${n1(bar)} + ${n1(context.d)}) ÷ 2` };
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
    },
  ];
}
