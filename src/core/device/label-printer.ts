/** A label in the printer's queue. */
export interface LabelJob {
  readonly id: number;
  readonly title: string;
  readonly labels: number;
  readonly done: number;
}

/** How a printer stands. */
export interface PrinterState {
  readonly state: 'ready' | 'printing' | 'out-of-paper' | 'jam';
  readonly paper: number;
  readonly queue: readonly LabelJob[];
}

/** A label printer, as Lapboard speaks with one. */
export interface LabelPrinter {
  state(): PrinterState;
  print(title: string, labels: number): PrinterState;
  /** New paper, or the jam cleared: it goes on where it stopped. */
  attend(): PrinterState;
  cancel(id: number): PrinterState;
}
