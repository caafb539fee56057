import { changeFigure } from '../../../app/records/change-figure';
import { openRecords } from '../../../app/records/open-records';
import { checkFigureWish } from '../../../http/checks';
import { reads, writes } from '../../../http/endpoint';

export const GET = reads(() => openRecords());

/** Does what is wished with a figure. */
export const POST = writes(checkFigureWish, (wish) => changeFigure(wish));
