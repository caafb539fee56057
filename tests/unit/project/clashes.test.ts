import { describe, expect, it } from 'vitest';
import type { Cut } from '../../../src/core/cut';
import { plan } from '../examples/seat';

const made = (project: string, changes: object = {}) => plan({ project, hand: 205, size: { wrist: 168 }, ...changes });
const cut = (cuts: readonly Cut[], role: string): Cut => cuts.find((c) => c.role === role)!;

describe('what clashes', () => {
  it('a tube too narrow for both legs names one that would do', () => {
    const { messages } = made('tube-ladder', {
      options: { hardware: 'tube-10' },
      cords: { whole: { cord: 'leather-2' } },
    });
    const said = messages.find((m) => m.code === 'hole-too-small')!;
    // Two of 1.96 mm need 3.92 mm; the hole is 3.2, the wider tube’s 4.
    expect(said.level).toBe('error');
    expect(said.text).toContain('hole 3.2 mm');
    expect(said.text).toContain('need 3.9 mm');
    expect(said.text).toContain('Tube bead 12 mm');
  });

  it('a choice that a project does not offer is said, not dropped', () => {
    const codes = (project: string, options: object) => made(project, { options }).messages.map((m) => m.code);
    expect(codes('single-noose', { wraps: 3 })).toContain('wraps');
    expect(codes('single-noose', { button_mm: 20 })).toContain('no-such-option');
    expect(codes('ladder-wrap', { wraps: 4 })).not.toContain('wraps');
  });

  it('the slider takes the band’s cord unless it is given its own', () => {
    const cords = (c: object) => cut(made('reversible-slider', { cords: c }).cut!.cuts, 'slider').cord;
    expect(cords({ core: { cord: 'waxed-1' }, working: { cord: 'waxed-1' } })).toBe('waxed-1');
    expect(cords({ working: { cord: 'waxed-1' }, slider: { cord: 'satin-1' } })).toBe('satin-1');
    expect(cords({})).toBe('satin-2');
  });
});
