import { openShelf } from '../../../app/shelf/shelf';
import { reads } from '../../../http/endpoint';

export const GET = reads(() => openShelf());
