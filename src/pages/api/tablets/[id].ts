import { unpair } from '../../../app/bench/tablets';
import { checkNothing } from '../../../http/checks';
import { idOf, writes } from '../../../http/endpoint';

export const DELETE = writes(checkNothing, (_, context) => unpair(idOf(context)));
