import { editPerson, forgetPerson, openPerson } from '../../../app/people/people';
import { checkVersion, checkPersonEdit } from '../../../http/checks';
import { idOf, reads, writes } from '../../../http/endpoint';

export const GET = reads(async (context) => openPerson(idOf(context)));
export const PATCH = writes(checkPersonEdit, async (edit, context) => editPerson(idOf(context), edit));
export const DELETE = writes(checkVersion, async ({ version }, context) => forgetPerson(idOf(context), version));
