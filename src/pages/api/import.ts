import { importStudio } from '../../app/studio/archive';
import { takesFile } from '../../http/endpoint';

/** Brings an exported studio into an empty one. */
export const POST = takesFile('application/zip', importStudio);
