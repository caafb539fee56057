import { openOutlook } from '../../app/outlook';
import { reads } from '../../http/endpoint';

export const GET = reads(() => openOutlook());
