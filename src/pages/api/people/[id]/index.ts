import { editPerson, forgetPerson, openPerson } from '../../../../app/people/people';
import { checkErasing, checkPersonEdit } from '../../../../http/checks';
import { idOf, reads, writes } from '../../../../http/endpoint';

export const GET = reads(async (context) => openPerson(idOf(context)));
export const PATCH = writes(checkPersonEdit, async (edit, context) => editPerson(idOf(context), edit));
export const DELETE = writes(checkErasing, async (erasing, context) => forgetPerson(idOf(context), erasing));
