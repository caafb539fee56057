/** Where free text may name somebody else than it is about, as it is called on screen. */
export const TRACE_PLACES = [
  'seat note',
  'session title',
  'session place',
  'session instructor',
  'fire rules confirmed by',
  'bench entry',
  'record title',
  'record remark',
  'figure changed by',
  'ledger note',
  'order note',
  'place on the shelf',
] as const;
export type TracePlace = (typeof TRACE_PLACES)[number];
