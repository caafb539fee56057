import { takeBackChange } from '../../../app/records/change-figure';
import { checkTakenBack } from '../../../http/checks';
import { writes } from '../../../http/endpoint';

/** Takes a change of a figure back. */
export const POST = writes(checkTakenBack, ({ change, key, by }) => takeBackChange(change, key, by));
