import type { Scale } from '../core/device';

/**
 * A made-up scale that ships with the app, with what lies on it, and the faults of a real one: it swings before it settles, drifts,
 * and comes unplugged.
 *
 * @param at milliseconds since the load was put on
 */
export function simulatedScale(load: number, at: () => number, fault: 'none' | 'drift' | 'unplugged' = 'none'): Scale {
  const step = 0.5;
  return {
    read() {
      if (fault === 'unplugged' && at() > 1500) return null;
      const swing = load * 0.08 * Math.exp(-at() / 500) * Math.cos(at() / 90);
      const drift = fault === 'drift' ? at() / 2000 : 0;
      const grams = Math.round((load + swing + drift) / step) * step;
      return { grams: Math.max(0, grams), stable: Math.abs(swing) < step / 2 && fault !== 'drift', step };
    },
  };
}
