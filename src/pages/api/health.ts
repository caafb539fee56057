import { health } from '../../app/studio/health';
import { reads } from '../../http/endpoint';

export const GET = reads(health);
