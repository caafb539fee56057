import { lotUses } from '../../../../../app/shelf/lot-uses';
import { idOf, reads } from '../../../../../http/endpoint';

export const GET = reads((context) => lotUses(idOf(context)));
