import { planColours } from '../../../../app/colours';
import { idOf, reads } from '../../../../http/endpoint';

/** Who would get which colour, by their wishes and what is on the shelf. Nothing is changed. */
export const GET = reads((context) => planColours(idOf(context)));
