export { TAKEN, WRIST_METHODS, WristMmSchema, type Wrist, type WristMethod } from './wrist';
export { AgeSchema, PersonEditSchema, type PersonEdit } from './person-edit';
export { sameAs, type KnownPerson } from './same-person';
export { NO_WRIST, wristAfter } from './wrist-after';
export { TRACE_PLACES, type TracePlace } from './traces';
