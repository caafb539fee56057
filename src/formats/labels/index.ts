export { labelsPdf, type Label, type LabelFonts } from './labels-pdf';
