export { sheetPdf } from './sheet-pdf';
export { bodiesOf, cellOf } from './sheet';
export type { Sheet, SheetCell, SheetColumn, SheetSection, SheetTable } from './sheet';
