import { openOutlook } from '../../app/buying/outlook';
import { reads } from '../../http/endpoint';

export const GET = reads(() => openOutlook());
