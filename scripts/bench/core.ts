// Times the core alone, warm, and prints one line of JSON: milliseconds of each run by what was done.
import { performance } from 'node:perf_hooks';
import { SHIPPED } from '../../catalogue';
import { planSeat, type Seat } from '../../src/core/session';
import { STARTING_FIGURES } from '../../src/core/studio';

const RUNS = 21;
const SKILLS = ['new', 'steady', 'fluent'] as const;
const projects = Object.keys(SHIPPED.projects);

/** 200 seats over every project that ships, each wrist another. */
const seats = Array.from({ length: 200 }, (_, i): Seat => ({
  label: `Seat ${i + 1}`,
  size: { wrist: 120 + (i % 111) },
  estimated: false,
  hand: null,
  age: 8 + (i % 60),
  skill: SKILLS[i % 3]!,
  ease: 'easy',
  avoid: [],
  project: projects[i % projects.length]!,
  options: {},
  cords: {},
  school: 'measured',
}));

function time(work: () => void): number[] {
  for (let i = 0; i < 5; i++) work();
  return Array.from({ length: RUNS }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  });
}

console.log(
  JSON.stringify({
    'size 200 seats, core alone': time(() => {
      for (const seat of seats) planSeat(seat, SHIPPED, STARTING_FIGURES);
    }),
  }),
);
