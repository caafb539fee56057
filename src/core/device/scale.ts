/** One reading of a scale. */
export interface ScaleReading {
  readonly grams: number;
  readonly stable: boolean;
  /** The scale's smallest step, grams. */
  readonly step: number;
}

/** A scale, as Lapboard reads one. A reading is null while it is not connected. */
export interface Scale {
  read(): ScaleReading | null;
}
