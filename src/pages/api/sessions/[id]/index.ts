import { deleteSession, editSession, openSession } from '../../../../app/session/session';
import { checkVersion, checkSessionEdit } from '../../../../http/checks';
import { idOf, reads, writes } from '../../../../http/endpoint';
import { unlessKnown } from '../../../../http/known-studio';

export const GET = reads(async (context) => unlessKnown(await openSession(idOf(context)), context));
export const PATCH = writes(checkSessionEdit, async (edit, context) => editSession(idOf(context), edit));
export const DELETE = writes(checkVersion, async ({ version }, context) => deleteSession(idOf(context), version));
