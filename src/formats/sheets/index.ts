export { sheetPdf } from './sheet-pdf';
export type { Sheet, SheetCell, SheetColumn, SheetSection, SheetTable } from './sheet';
