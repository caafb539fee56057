// Times the core alone, warm, and prints one line of JSON: milliseconds of each run by what was done.
import { exampleView } from '../../tests/unit/examples/view';
import { remediesFor } from '../../src/core/remedy';
import { simulateRoom } from '../../src/core/room';
import { applyOperation, planSession, roomOf } from '../../src/core/session';
import { performance } from 'node:perf_hooks';
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { SHIPPED } from '../../catalogue';
import { exampleSeat, planSeat, type Seat } from '../../src/core/seat';
import { STARTING_FIGURES } from '../../src/core/studio';
import { Strip } from '../../src/ui/strip';

const RUNS = 21;
const SKILLS = ['new', 'steady', 'fluent'] as const;
const projects = Object.keys(SHIPPED.projects);

/** 200 seats over every project that ships, each wrist another. */
const seats = Array.from({ length: 200 }, (_, i) =>
  exampleSeat(SHIPPED.projects[projects[i % projects.length]!]!, {
    label: `Seat ${i + 1}`,
    size: { wrist: 120 + (i % 111) },
    age: 8 + (i % 60),
    skill: SKILLS[i % 3]!,
  }),
);

const simple = seats.map((seat, i): Seat => ({ ...seat, project: i % 2 === 0 ? 'band-buckle' : 'fob-ring' }));

function time(work: () => void): number[] {
  for (let i = 0; i < 5; i++) work();
  return Array.from({ length: RUNS }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  });
}

const long = planSeat(
  { ...seats[0]!, age: 30, size: { wrist: 180 }, project: 'ladder-wrap', options: { wraps: 4 } },
  SHIPPED,
  STARTING_FIGURES,
);
const cards = projects.map((project) =>
  planSeat({ ...seats[0]!, age: 30, size: { wrist: 170 }, project }, SHIPPED, STARTING_FIGURES),
);
const draw = (plan: typeof long, small: boolean): string =>
  renderToStaticMarkup(createElement(Strip, { plan, side: 'front', units: 'cm', small }));

// A hall of forty that does not finish: the simulation alone, and every remedy tried with the best confirmed.
const empty = exampleView();
const hall = applyOperation(
  { ...empty, session: { ...empty.session, minutes: 75 } },
  {
    kind: 'add',
    seats: Array.from({ length: 40 }, (_, i) => ({
      id: `seat ${i}`,
      name: `Maker ${i}`,
      age: 20 + i,
      skill: i % 2 ? 'new' : 'steady',
      wrist_mm: 150 + i,
      project: i % 3 ? 'band-buckle' : 'reversible-slider',
    })),
  },
);
const room = roomOf(hall.session, planSession(hall).seats, STARTING_FIGURES)!;

console.log(
  JSON.stringify({
    'a room of 40, 2,000 runs': time(() => simulateRoom(room, { runs: 2000, seed: 1 })),
    'its remedies ranked, the best six confirmed': time(() => remediesFor(hall, false, () => undefined)),
    'draw a ladder of four wraps': time(() => draw(long, false)),
    'draw the gallery’s 20 strips': time(() => cards.forEach((plan) => draw(plan, true))),
    'size 200 seats, core alone': time(() => {
      for (const seat of seats) planSeat(seat, SHIPPED, STARTING_FIGURES);
    }),
    'size 200 seats of buckle bands and fobs, core alone': time(() => {
      for (const seat of simple) planSeat(seat, SHIPPED, STARTING_FIGURES);
    }),
  }),
);
