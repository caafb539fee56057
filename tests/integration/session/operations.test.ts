import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { tickKits } from '../../../src/app/kits/issue';
import { sayOfPieces, wrapUp } from '../../../src/app/records/say-records';
import { editSeat, editSeats, removeSeat } from '../../../src/app/session/edit-seats';
import { addSeats } from '../../../src/app/session/seats';
import { createSession, editSession, noteCut, openSession } from '../../../src/app/session/session';
import { today } from '../../../src/app/studio/clock';
import { cutKey, cutsNow, type SeatChanges } from '../../../src/core/seat';
import { applyOperation, planSession, type Operation, type SessionView } from '../../../src/core/session';
import { freshStudio } from '../support/database';

freshStudio();

/** Does an operation as the server does it. */
async function onServer(view: SessionView, operation: Operation): Promise<unknown> {
  const { id, version } = view.session;
  const versionsOf = (seat: string) => {
    const { version: own, person_version } = view.seats.find((one) => one.id === seat)!;
    return { version: own, person_version };
  };
  switch (operation.kind) {
    case 'seat':
      return editSeat(operation.id, { ...versionsOf(operation.id), changes: operation.changes });
    case 'seats':
      return editSeats(
        id,
        operation.edits.map((edit) => ({ ...versionsOf(edit.id), ...edit })),
      );
    case 'session':
      return editSession(id, { version, changes: operation.changes });
    case 'add':
      return addSeats(id, operation.seats);
    case 'remove':
      return removeSeat(operation.id, id, versionsOf(operation.id).version);
    case 'ticks':
      return tickKits(id, version, operation.ticks);
    case 'wrap':
      return wrapUp(id, version, operation.wrap);
    case 'record':
      return sayOfPieces(id, [{ key: randomUUID(), seat: operation.seat, said: operation.said }]);
    case 'cut':
      return noteCut(id, version, operation.cut, operation.seen);
  }
}

/** A view but for what the server alone knows: who somebody is, and what is counted. */
const shown = ({ session, seats }: SessionView) => ({
  session: {
    ...session,
    version: 0,
    kits: session.kits?.ticks ?? [],
    cut_done: session.cut_done?.seats.length ?? null,
  },
  seats: seats.map(
    ({ person_id: _p, version: _v, person_version: _pv, wrist_on: _on, project_revision: _r, ...own }) => own,
  ),
});

const changes: fc.Arbitrary<SeatChanges> = fc.oneof(
  fc.record({ wrist_mm: fc.option(fc.integer({ min: 120, max: 240 })) }),
  fc.record({
    wrist_mm: fc.integer({ min: 120, max: 240 }),
    wrist_method: fc.constantFrom('told' as const, 'estimate' as const),
  }),
  fc.record({ age: fc.option(fc.nat(90)), skill: fc.constantFrom('new' as const, 'fluent' as const) }),
  fc.record({
    project: fc.option(fc.constantFrom('band-buckle', 'fob-ring')),
    note: fc.constantFrom('', 'left-handed'),
  }),
  fc.record({ name: fc.constantFrom('Ada Sluice', 'Bo Weir') }),
);
const kinds = fc.array(fc.record({ kind: fc.integer({ min: 0, max: 6 }), seat: fc.nat(9), changes }), {
  minLength: 3,
  maxLength: 8,
});

function operationOf(
  view: SessionView,
  { kind, seat, changes: own }: { kind: number; seat: number; changes: SeatChanges },
): Operation {
  const id = view.seats[seat % Math.max(1, view.seats.length)]?.id;
  if (kind === 1 || id === undefined)
    return {
      kind: 'add',
      seats: [{ id: randomUUID(), name: `Guest ${randomUUID().slice(0, 8)}`, wrist_mm: 160, wrist_method: 'tape' }],
    };
  if (kind === 2) return { kind: 'remove', id };
  if (kind === 3) return { kind: 'session', changes: { title: `Evening ${seat}`, minutes: 90 } };
  if (kind === 4) return { kind: 'ticks', ticks: [`${id}/card`] };
  if (kind === 5) {
    const cut = view.session.cut_done === null;
    return { kind: 'cut', cut, seen: cutsNow(planSession(view).seats).map(cutKey), on: today() };
  }
  if (kind === 6)
    return { kind: 'seats', edits: view.seats.map((one) => ({ id: one.id, changes: { ease: 'loose' } })) };
  return { kind: 'seat', id, changes: own };
}

it('what is done on screen before the server has it is what the server makes of it', async () => {
  await fc.assert(
    fc.asyncProperty(kinds, async (all) => {
      const id = randomUUID();
      await createSession(id, { title: 'Tide club', held_on: today() });
      await addSeats(id, [
        {
          id: randomUUID(),
          name: `Ada ${id.slice(0, 6)}`,
          wrist_mm: 165,
          wrist_method: 'tape',
          project: 'band-buckle',
        },
      ]);
      for (const one of all) {
        const before = await openSession(id);
        const operation = operationOf(before, one);
        const onScreen = applyOperation(before, operation);
        await onServer(before, operation);
        expect(shown(onScreen)).toEqual(shown(await openSession(id)));
      }
    }),
    { numRuns: 12 },
  );
});
