import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type SessionView, applyOperation, inverseOf, type Operation } from '../../../src/core/session';
import type { SeatChanges } from '../../../src/core/seat';
import { exampleView } from '../examples/view';

const ID = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;

const EMPTY: SessionView = exampleView();
const added = (view: SessionView, ...names: string[]): SessionView =>
  applyOperation(view, { kind: 'add', seats: names.map((name, i) => ({ id: ID(view.seats.length + i), name })) });

/** A view but for what the server alone knows. */
const plain = (one: SessionView) => ({
  session: { ...one.session, kits: one.session.kits?.ticks ?? [] },
  seats: one.seats.map(({ person_id: _p, version: _v, person_version: _q, wrist_on: _w, ...rest }) => rest),
});

/** What a person can do to a session of these seats. */
const operations = (ids: readonly string[]) => {
  const seat = fc.constantFrom(...ids);
  const changes: fc.Arbitrary<SeatChanges> = fc.oneof(
    fc.record({ wrist_mm: fc.option(fc.integer({ min: 90, max: 280 })) }),
    fc.record({ wrist_mm: fc.integer({ min: 90, max: 280 }), wrist_method: fc.constantFrom('told', 'estimate') }),
    fc.record({ age: fc.option(fc.nat(99)), skill: fc.constantFrom('new', 'steady', 'fluent') }),
    fc.record({ project: fc.option(fc.constantFrom('band-buckle', 'fob-ring')) }),
    fc.record({ options: fc.record({ wraps: fc.integer({ min: 1, max: 4 }) }), note: fc.string({ maxLength: 20 }) }),
    fc.record({ wishes: fc.uniqueArray(fc.constantFrom('race', 'night', 'sail'), { maxLength: 3 }) }),
  ) as fc.Arbitrary<SeatChanges>;
  return fc.oneof(
    fc.record({ kind: fc.constant('seat' as const), id: seat, changes }),
    fc.record({ kind: fc.constant('remove' as const), id: seat }),
    fc.record({
      kind: fc.constant('session' as const),
      changes: fc.record({
        title: fc.constantFrom('One', 'Two'),
        minutes: fc.option(fc.integer({ min: 10, max: 90 })),
      }),
    }),
    fc.record({ kind: fc.constant('ticks' as const), ticks: fc.uniqueArray(fc.constantFrom('a', 'b', 'c')) }),
    fc.record({
      kind: fc.constant('add' as const),
      seats: fc.constant([{ id: ID(500), name: 'Newcomer', wrist_mm: 150, wrist_method: 'tape' as const }]),
    }),
  ) as fc.Arbitrary<Operation>;
};

describe('what is done on screen before the server has it', () => {
  it('is taken back by its inverse, whatever was done before it', () => {
    const start = added(EMPTY, 'Ada', 'Bo', 'Cy');
    const ids = start.seats.map(({ id }) => id);
    fc.assert(
      fc.property(fc.array(operations(ids), { minLength: 1, maxLength: 8 }), (all) => {
        const views = [start];
        const undo: (Operation | null)[] = [];
        for (const operation of all) {
          const before = views.at(-1)!;
          // Added again, a seat that is there changes nothing, and is not to be removed by an undo.
          if (operation.kind === 'add' && before.seats.some(({ id }) => id === operation.seats[0]!.id)) continue;
          undo.push(inverseOf(before, operation));
          views.push(applyOperation(before, operation));
        }
        let view = views.pop()!;
        while (undo.length > 0) {
          const inverse = undo.pop()!;
          const before = views.pop()!;
          if (inverse === null) {
            // Only what names a seat that is not there has none, and it did nothing.
            expect(plain(view)).toEqual(plain(before));
            continue;
          }
          view = applyOperation(view, inverse);
          expect(plain(view)).toEqual(plain(before));
        }
      }),
    );
  });

  it('keeps a wrist and how it was taken together, as the server does', () => {
    const ada = added(EMPTY, 'Ada');
    const wrist = (view: SessionView, changes: SeatChanges) =>
      applyOperation(view, { kind: 'seat', id: ID(0), changes }).seats[0]!;
    expect(wrist(ada, { wrist_mm: 165 })).toMatchObject({ wrist_mm: 165, wrist_method: 'tape' });
    const estimated = applyOperation(ada, {
      kind: 'seat',
      id: ID(0),
      changes: { wrist_mm: 168, wrist_method: 'estimate' },
    });
    // Measured after all, it is an estimate no more; with nothing written it was taken by nothing.
    expect(wrist(estimated, { wrist_mm: 171 }).wrist_method).toBe('tape');
    expect(wrist(estimated, { wrist_mm: null }).wrist_method).toBeNull();
    const strip = applyOperation(ada, { kind: 'seat', id: ID(0), changes: { wrist_mm: 165, wrist_method: 'strip' } });
    expect(wrist(strip, { wrist_mm: 166 }).wrist_method).toBe('strip');
  });

  it('puts newcomers at the end, and one who comes back where they were', () => {
    const three = added(EMPTY, 'Ada', 'Bo', 'Cy');
    expect(three.seats.map(({ position }) => position)).toEqual([0, 1, 2]);
    const without = applyOperation(three, { kind: 'remove', id: ID(1) });
    const again = applyOperation(without, inverseOf(three, { kind: 'remove', id: ID(1) })!);
    expect(again.seats.map(({ name }) => name)).toEqual(['Ada', 'Bo', 'Cy']);
    // Sent twice, a seat is there once.
    const seats = [{ id: ID(7), name: 'Di' }];
    const twice = applyOperation(applyOperation(three, { kind: 'add', seats }), { kind: 'add', seats });
    expect(twice.seats.map(({ name }) => name)).toEqual(['Ada', 'Bo', 'Cy', 'Di']);
    // A list of many is not undone in one step: it would throw out what was mended since.
    expect(inverseOf(three, { kind: 'add', seats: [...seats, { id: ID(8), name: 'Ed' }] })).toBeNull();
  });
});
