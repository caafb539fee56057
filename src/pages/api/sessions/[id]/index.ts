import { deleteSession, editSession, openSession } from '../../../../app/session';
import { checkNothing, checkSessionEdit } from '../../../../http/checks';
import { idOf, reads, writes } from '../../../../http/endpoint';
import { unlessKnown } from '../../../../http/known-studio';

export const GET = reads(async (context) => unlessKnown(await openSession(idOf(context)), context));
export const PATCH = writes(checkSessionEdit, async (edit, context) => editSession(idOf(context), edit));
export const DELETE = writes(checkNothing, async (_, context) => deleteSession(idOf(context)));
