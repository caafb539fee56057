import { tryFigure } from '../../../app/records/change-figure';
import { openFigure } from '../../../app/records/open-records';
import { checkFigureTrial } from '../../../http/checks';
import { reads, writes } from '../../../http/endpoint';

/** One figure with what it was learned from. */
export const GET = reads(({ url }) => openFigure((url.searchParams.get('of') ?? '').slice(0, 200)));

/** What a wish would change in the sessions ahead. */
export const POST = writes(checkFigureTrial, (trial) => tryFigure(trial));
