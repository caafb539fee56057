import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { simulateRoom } from '../../../src/core/room';
import { applyOperation, planSession, roomOf } from '../../../src/core/session';
import { RoomLine } from '../../../src/islands/session/room/room-line';
import { exampleView, idOf } from '../examples/view';

/** What the line says over three seats that can be reckoned, of so many that there are, in so many minutes. */
function says(minutes: number, { seated = 3, asksFire = false, isReckoned = true } = {}): string {
  const added = applyOperation(exampleView(), {
    kind: 'add',
    seats: ['Ada', 'Bo', 'Cy'].map((name) => ({
      id: idOf(name),
      person_id: idOf(`p${name}`),
      name,
      age: 30,
      wrist_mm: 165,
      project: 'band-buckle',
    })),
  });
  const view = { ...added, seats: added.seats.filter(({ name }) => ['Ada', 'Bo', 'Cy'].includes(name)) };
  const { seats, figures } = planSession(view);
  const room = roomOf({ ...view.session, minutes }, seats, figures)!;
  const times = isReckoned ? simulateRoom(room, { runs: 400, seed: 1 }) : null;
  const line = createElement(RoomLine, {
    room: { room, times, problem: null },
    seated,
    asksFire,
    href: '/room',
    onGo: () => undefined,
  });
  return renderToStaticMarkup(line).replace(/<[^>]+>/g, '');
}

describe('the line that says how the room will go', () => {
  it('keeps its place while it is reckoned', () => {
    expect(says(240, { isReckoned: false })).toBe('Reckoning the room: see the room.');
  });
  it('says that all is well only of those it has reckoned', () => {
    expect(says(240)).toBe('Everyone will probably finish: see the room.');
    expect(says(240, { seated: 5 })).toBe('All of the three that can be reckoned will probably finish: see the room.');
  });
  it('says who will not, and at the kits what nobody has asked the venue', () => {
    expect(says(12)).toMatch(/^Three of three will probably not finish: /);
    expect(says(240, { asksFire: true })).toMatch(/^Three finish with heat, and nobody has confirmed/);
    // Known before the room is reckoned: the line is as long from the first.
    expect(says(240, { asksFire: true, isReckoned: false })).toMatch(/^Three finish with heat/);
  });
});
