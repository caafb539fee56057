import { health } from '../../app/health';
import { reads } from '../../http/endpoint';

export const GET = reads(health);
