import { openProject } from '../../../app/studio/projects';
import { reads } from '../../../http/endpoint';

export const GET = reads(({ params }) => openProject(params.slug ?? ''));
