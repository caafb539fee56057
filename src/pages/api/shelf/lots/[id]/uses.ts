import { lotUses } from '../../../../../app/lot-uses';
import { idOf, reads } from '../../../../../http/endpoint';

export const GET = reads((context) => lotUses(idOf(context)));
