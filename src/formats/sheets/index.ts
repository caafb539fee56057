export { sheetPdf, type Sheet, type SheetSection } from './sheet-pdf';
