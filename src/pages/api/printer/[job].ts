import { labelPrinter } from '../../../app/devices';
import { checkNothing } from '../../../http/checks';
import { writes } from '../../../http/endpoint';

export const DELETE = writes(checkNothing, async (_, { params }) => labelPrinter().cancel(Number(params.job)));
