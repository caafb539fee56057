export type { LabelJob, LabelPrinter, PrinterState } from './label-printer';
export type { Scale, ScaleReading } from './scale';
export type { Offer, OrderAnswer, Supplier } from './supplier';
