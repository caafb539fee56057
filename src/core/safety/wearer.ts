import { isSynthetic, type Cord } from '../cord';
import type { Hardware } from '../part';
import type { Avoid, Figures, Loop, Message } from '../studio';

/**
 * What the wearer's age and skin say about the materials of a piece.
 *
 * @example
 * checkWearer({ age: 8, avoid: ['synthetic'] }, { cords: [satin], hardware: [], loop: null }, figures).map(({ code }) => code) // ['synthetic']
 */
export function checkWearer(
  wearer: { readonly age: number | null; readonly avoid: readonly Avoid[] },
  piece: { readonly cords: readonly Cord[]; readonly hardware: readonly Hardware[]; readonly loop: Loop | null },
  figures: Figures,
): Message[] {
  const messages: Message[] = [];
  const nickel = piece.hardware.filter((h) => h.nickel);
  if (wearer.avoid.includes('nickel') && nickel.length > 0) {
    const text = `Reacts to nickel: ${nickel.map((h) => h.name).join(', ')} contains it. Choose hardware without.`;
    messages.push({ level: 'warning', code: 'nickel', text, values: { hardware: nickel.map(({ slug }) => slug) } });
  }
  const synthetic = piece.cords.filter(isSynthetic);
  if (wearer.avoid.includes('synthetic') && synthetic.length > 0) {
    const text = `Does not wear synthetic cord: ${synthetic.map((c) => `${c.name} is ${c.fibre}`).join(', ')}. Cotton, hemp or leather would do.`;
    messages.push({ level: 'warning', code: 'synthetic', text, values: { cords: synthetic.map(({ slug }) => slug) } });
  }
  if (wearer.age !== null && wearer.age < figures.small_parts_age && piece.hardware.length > 0) {
    const text = `${wearer.age} years old: small parts are a choking risk below ${figures.small_parts_age}. An adult keeps ${piece.hardware.map((h) => h.name.toLowerCase()).join(' and ')}.`;
    messages.push({
      level: 'warning',
      code: 'small-parts',
      text,
      values: { age: wearer.age, from: figures.small_parts_age, hardware: piece.hardware.map(({ slug }) => slug) },
    });
  }
  return messages;
}

/**
 * Whether a neck loop must open under load for this wearer. An unknown age counts as below the limit.
 *
 * @example
 * needsBreakaway('neck', 8, figures) // true
 * needsBreakaway('wrist', 8, figures) // false
 */
export function needsBreakaway(loop: Loop | null, age: number | null, figures: Figures): boolean {
  return loop === 'neck' && (age === null || age < figures.neck_age);
}
