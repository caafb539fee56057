// Times the core alone, warm, and prints one line of JSON: milliseconds of each run by what was done.
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

console.log(
  JSON.stringify({
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
