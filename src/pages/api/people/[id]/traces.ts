import { openTraces } from '../../../../app/people/people';
import { idOf, reads } from '../../../../http/endpoint';

/** What erasing a person would leave: texts that name them elsewhere, and dumps. */
export const GET = reads((context) => openTraces(idOf(context)));
