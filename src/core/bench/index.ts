export { seenAtBench } from './seen-at-bench';
export {
  FIRST_UNSENT,
  OWN_WHATS,
  saidProblem,
  SayingSchema,
  WHATS,
  type ProgressEntry,
  type Said,
  type What,
} from './progress';
export {
  benchOf,
  queuesOf,
  seatAtWork,
  workedMinutes,
  type Bench,
  type SeatAtWork,
  type Seen,
  type Waiting,
} from './bench';
export { bandAt, courseOf, tiesAt, type CountedStretch, type Course, type CourseStep } from './course';
export { madeBand, type MadeBand } from './made-band';
export { NOT_BEGUN, summaryOf, type BenchSummary } from './summary';
export { paceSeen, type PaceSeen } from './pace-seen';
export { minutesBetween, phaseNow, placeOf, type Place } from './place';
export { restOf } from './rest';
export { mayUndo, OWN_PAGE } from './undo';
export { entriesForSeat } from './for-seat';
export { withinCourse } from './within-course';
