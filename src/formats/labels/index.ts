export { labelsPdf, type Label } from './labels-pdf';
