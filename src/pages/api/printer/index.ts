import { labelPrinter } from '../../../app/devices';
import { checkNothing } from '../../../http/checks';
import { reads, writes } from '../../../http/endpoint';

export const GET = reads(async () => labelPrinter().state());
/** Paper put in, or the jam cleared. */
export const POST = writes(checkNothing, async () => labelPrinter().attend());
