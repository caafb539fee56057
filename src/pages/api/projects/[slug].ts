import { openProject } from '../../../app/projects';
import { reads } from '../../../http/endpoint';

export const GET = reads(({ params }) => openProject(params.slug ?? ''));
