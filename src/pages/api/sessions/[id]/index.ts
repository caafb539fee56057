import { deleteSession, editSession, openSession } from '../../../../app/session';
import { checkNothing, checkSessionEdit } from '../../../../http/checks';
import { idOf, reads, writes } from '../../../../http/endpoint';

export const GET = reads((context) => openSession(idOf(context)));
export const PATCH = writes(checkSessionEdit, async (edit, context) => editSession(idOf(context), edit));
export const DELETE = writes(checkNothing, async (_, context) => deleteSession(idOf(context)));
