import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { totalOf } from '../../../src/core/cut';
import { parseGirth, WRIST } from '../../../src/core/measure';
import { compareSchools, planSeat, type Seat, type SeatPlan } from '../../../src/core/seat';
import { planAnswer } from '../../../src/core/exchange';
import { AVOIDS, EASES, LOOPS, SCHOOLS, SKILLS, STARTING_FIGURES } from '../../../src/core/studio';
import { seat } from '../examples/seat';

const cords = Object.keys(SHIPPED.cords);
const projects = Object.keys(SHIPPED.projects);

/** Any seat that could be asked for: sensible sizes, every cord, project, school and option. */
const anySeat: fc.Arbitrary<Seat> = fc
  .record({
    wrist: fc.integer({ min: 110, max: 240 }),
    age: fc.option(fc.integer({ min: 3, max: 90 })),
    hand: fc.option(fc.integer({ min: 150, max: 280 })),
    skill: fc.constantFrom(...SKILLS),
    ease: fc.constantFrom(...EASES),
    school: fc.constantFrom(...SCHOOLS),
    project: fc.constantFrom(...projects),
    cord: fc.constantFrom(...cords),
    loop: fc.constantFrom(...LOOPS),
    colours: fc.constantFrom(1, 2),
    swap: fc.boolean(),
    wraps: fc.integer({ min: 1, max: 4 }),
    flame: fc.option(fc.boolean(), { nil: undefined }),
    avoid: fc.subarray([...AVOIDS]),
  })
  .map(({ wrist, cord, loop, colours, swap, wraps, flame, ...rest }) =>
    seat({
      ...rest,
      size: { wrist },
      cords: { whole: { cord } },
      options: { loop, colours, swap, wraps, ...(flame !== undefined && { flame }) },
    }),
  );

const planned = (s: Seat) => planSeat(s, SHIPPED, STARTING_FIGURES);
const total = (s: Seat): number => planned(s).cut?.total_mm ?? 0;

/** Whether a piece's closure only draws up until the band's ends meet. */
const isDrawnUp = ({ piece }: SeatPlan): boolean =>
  piece!.closure.length > 0 &&
  (piece!.project.opens === 'slides' ||
    piece!.project.closure!.some((id) => piece!.parts[id]?.part.slug === 'tie-tail'));

describe('over every seat', () => {
  it('a longer wrist never gives a shorter cut', () => {
    fc.assert(
      fc.property(anySeat, fc.integer({ min: 1, max: 60 }), (s, more) => {
        const { wrist } = s.size as { wrist: number };
        // What a sliding band grows by, its tails need less: as long, but for whole counts and rounding up, a step a piece.
        const { cut } = planned(s);
        const slides = SHIPPED.projects[s.project!]!.opens === 'slides';
        const pieces = cut?.cuts.reduce((sum, own) => sum + own.pieces, 0) ?? 0;
        const steps = slides ? pieces * STARTING_FIGURES.cut_step : 0;
        expect(total({ ...s, size: { wrist: wrist + more } })).toBeGreaterThanOrEqual(total(s) - steps);
      }),
      { numRuns: 800 },
    );
  });

  it('the anatomy sums to the cut, in the core and in the answer, and no stretch is negative', () => {
    fc.assert(
      fc.property(anySeat, (s) => {
        const result = planned(s);
        for (const cut of result.cut?.cuts ?? []) {
          expect(totalOf(cut.anatomy)).toBeCloseTo(cut.length_mm, 6);
          for (const entry of cut.anatomy) expect(entry.mm).toBeGreaterThanOrEqual(-1e-6);
          expect(cut.length_mm % STARTING_FIGURES.cut_step).toBe(0);
        }
        for (const cut of planAnswer([result], [[]]).seats[0]!.cuts) {
          expect(cut.anatomy.reduce((sum, entry) => sum + entry.mm, 0)).toBeCloseTo(cut.length_mm, 6);
        }
      }),
      { numRuns: 400 },
    );
  });

  it('half knots are whole, and no other count lands nearer', () => {
    fc.assert(
      fc.property(anySeat, (s) => {
        const { fit } = planned(s);
        if (!fit) return;
        expect(Number.isInteger(fit.half_knots ?? 0)).toBe(true);
        expect(Object.values(fit.counts).every(Number.isInteger)).toBe(true);
        expect(fit.knotted_mm - fit.target_mm).toBeCloseTo(fit.error_mm, 9);
        // What only draws up until its ends meet is never longer than its ring; anything else is as near as can be.
        if (isDrawnUp(planned(s))) expect(fit.error_mm).toBeLessThanOrEqual(1e-6);
        else
          for (const other of fit.neighbours)
            expect(Math.abs(other.error_mm)).toBeGreaterThanOrEqual(Math.abs(fit.error_mm) - 1e-9);
        expect(fit.lines.reduce((sum, line) => sum + line.mm, 0)).toBeCloseTo(fit.knotted_mm, 6);
      }),
      { numRuns: 400 },
    );
  });

  it('a flame is never offered for a fibre that burns or a seat under the age, whatever is asked for', () => {
    fc.assert(
      fc.property(anySeat, (s) => {
        const { piece, tools } = planned(s);
        const fusing = piece!.cords.every(({ cord }) => ['nylon', 'polyester'].includes(cord.fibre));
        const allowed = fusing && (s.age === null || s.age >= STARTING_FIGURES.flame_age);
        if (!allowed) expect(piece!.flame).toBe(false);
        if (!piece!.flame) {
          expect(Object.values(piece!.parts).some(({ part }) => part.withoutHeat !== undefined)).toBe(false);
          expect(tools).not.toContain('small lighter');
        }
      }),
      { numRuns: 600 },
    );
  });

  it('plans every wrist from 110 to 240 mm in every cord, or says why not', () => {
    for (const project of projects) {
      for (const cord of cords) {
        for (let wrist = 110; wrist <= 240; wrist += 10) {
          const result = planned(seat({ project, size: { wrist }, cords: { whole: { cord } } }));
          if (!result.cut) expect(result.messages.some((m) => m.level === 'error')).toBe(true);
        }
      }
    }
  });

  it('both working legs, mirrored, use the same: of a joined band, each colour’s', () => {
    fc.assert(
      fc.property(anySeat, (s) => {
        const cuts = planned({ ...s, project: 'band-buckle', options: { ...s.options, colours: 2 } }).cut?.cuts;
        const stitches = cuts?.map(({ anatomy }) =>
          anatomy.reduce((sum, entry) => sum + (entry.for === 'stitches' ? entry.mm : 0), 0),
        );
        if (stitches) expect(stitches[0]).toBeCloseTo(stitches[1]!, 6);
      }),
    );
  });

  it('inches and millimetres of the same wrist cut the same', () => {
    fc.assert(
      fc.property(fc.integer({ min: 36, max: 72 }), (eighths) => {
        const inches = parseGirth(
          `${Math.floor(eighths / 8)} ${eighths % 8 || ''}${eighths % 8 ? '/8' : ''} in`.replace('  ', ' '),
          WRIST,
        );
        const metric = parseGirth(`${((eighths * 25.4) / 8).toFixed(4)} mm`, WRIST);
        if (!inches.ok || !metric.ok) throw new Error('not read');
        expect(total(seat({ size: { wrist: inches.value.mm } }))).toBe(
          total(seat({ size: { wrist: metric.value.mm } })),
        );
      }),
    );
  });

  it('schools are compared for the same piece, and more cord never runs short more often', () => {
    fc.assert(
      fc.property(anySeat, (s) => {
        const plans = compareSchools(s, SHIPPED, STARTING_FIGURES);
        for (const a of plans) {
          expect(a.left_mm).toBeLessThan(a.total_mm);
          // Where no cord of one is longer than the same cord of the other, the other is no likelier to run short.
          for (const b of plans) {
            const longer =
              a.cuts.length === b.cuts.length && a.cuts.every((cut, i) => cut.length_mm >= b.cuts[i]!.length_mm);
            if (longer) expect(a.short).toBeLessThanOrEqual(b.short + 1e-9);
          }
        }
      }),
    );
  });
});
