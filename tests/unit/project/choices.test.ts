import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { codes, plan } from '../examples/seat';

const cordsOf = (project: string, cords: Record<string, string>): Record<string, string> => {
  const chosen = Object.fromEntries(Object.entries(cords).map(([role, cord]) => [role, { cord }]));
  return Object.fromEntries(
    plan({ project, cords: chosen }).piece!.cords.map(({ use, cord }) => [use.role, cord.slug]),
  );
};
const own = (project: string, role: string): string =>
  SHIPPED.projects[project]!.cords.find((cord) => cord.role === role)!.default;

describe('the cord of each role', () => {
  it('is the seat’s where it names the role, else the project’s own', () => {
    expect(cordsOf('band-loop-knot', { working: 'satin-2' })).toEqual({
      core: own('band-loop-knot', 'core'),
      working: 'satin-2',
    });
    expect(cordsOf('band-loop-knot', { core: 'satin-2', working: 'hemp-1' })).toEqual({
      core: 'satin-2',
      working: 'hemp-1',
    });
  });

  it('of a piece in one cord is whichever the seat names, the nearest in what it does first', () => {
    expect(cordsOf('band-buckle', { working: 'sheathed-3' })).toEqual({ whole: 'sheathed-3' });
    expect(cordsOf('band-buckle', { core: 'sheathed-2' })).toEqual({ whole: 'sheathed-2' });
    expect(cordsOf('band-buckle', { core: 'sheathed-2', working: 'sheathed-3' })).toEqual({ whole: 'sheathed-3' });
    expect(cordsOf('band-buckle', { thread: 'knotting-05' })).toEqual({ whole: own('band-buckle', 'whole') });
  });

  it('of the slider is the band’s, unless it has one of its own', () => {
    const slider = (cords: Record<string, string>) => cordsOf('reversible-slider', cords).slider;
    expect(slider({ working: 'hemp-1' })).toBe('hemp-1');
    expect(slider({ core: 'hemp-1' })).toBe('hemp-1');
    expect(slider({ core: 'hemp-1', working: 'satin-2' })).toBe('satin-2');
    expect(slider({ working: 'hemp-1', slider: 'waxed-1' })).toBe('waxed-1');
    expect(slider({})).toBe(own('reversible-slider', 'slider'));
  });

  it('of a ladder’s thread is nobody else’s', () => {
    const { thread } = cordsOf('ladder-wrap', { core: 'leather-2', working: 'leather-2', whole: 'leather-2' });
    expect(thread).toBe(own('ladder-wrap', 'thread'));
  });
});

describe('colours', () => {
  const coloursOf = (colours: string[], options = {}) =>
    plan({ options, cords: { whole: { cord: 'sheathed-4', colours } } }).piece!.cords.map(({ colour }) => colour);

  it('named are as many as there are cords, and two that are named count as a wish for two', () => {
    expect(coloursOf(['sail'])).toEqual(['sail']);
    expect(coloursOf(['sail', 'night'])).toEqual(['sail', 'night']);
    expect(coloursOf(['sail', 'night'], { colours: 1 })).toEqual(['sail']);
    // Two wished for and one named: both are that one.
    expect(coloursOf(['sail'], { colours: 2 })).toEqual(['sail', 'sail']);
  });

  it('not named are the cord’s first ones, each another', () => {
    const [first, second] = SHIPPED.cords['sheathed-4']!.colours;
    expect(plan({ options: { colours: 2 } }).piece!.cords.map(({ colour }) => colour)).toEqual([
      first!.slug,
      second!.slug,
    ]);
  });
});

describe('an option past what a project offers', () => {
  it('is brought back within it and said, and one just within is not', () => {
    expect(plan({ options: { colours: 2 } }).piece!.choices.colours).toBe(2);
    expect(codes({ options: { colours: 2 } })).not.toContain('too-many-colours');
    expect(plan({ options: { colours: 3 } }).piece!.choices.colours).toBe(2);
    expect(codes({ options: { colours: 3 } })).toContain('too-many-colours');
    expect(codes({ project: 'ladder-wrap', options: { wraps: 4 } })).not.toContain('wraps');
    const five = plan({ project: 'ladder-wrap', options: { wraps: 5 } });
    expect(five.piece!.choices.wraps).toBe(4);
    expect(five.messages.find(({ code }) => code === 'wraps')!.text).toContain('at most 4 times round');
    expect(codes({ options: { wraps: 1 } })).not.toContain('wraps');
    expect(codes({ options: { wraps: 2 } })).toContain('wraps');
  });

  it('has no effect where the project has no such thing, and the piece is as without it', () => {
    const plain = plan().cut!.total_mm;
    for (const options of [
      { loop: 'neck' },
      { swap: true },
      { bead_mm: 8 },
      { beads: 3 },
      { button_mm: 20 },
    ] as const) {
      expect(plan({ options }).cut!.total_mm, JSON.stringify(options)).toBe(plain);
      expect(
        plan({ options }).messages.some(({ text }) => /no effect/.test(text)),
        JSON.stringify(options),
      ).toBe(true);
    }
  });
});
