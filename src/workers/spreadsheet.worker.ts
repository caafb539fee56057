import { expose } from 'comlink';
import { sheetText } from '../formats/spreadsheet';

expose({ sheetText });
