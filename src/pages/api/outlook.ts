import { openOutlook } from '../../app/shelf/outlook';
import { reads } from '../../http/endpoint';

export const GET = reads(() => openOutlook());
