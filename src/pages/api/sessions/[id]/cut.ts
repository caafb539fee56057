import { noteCut } from '../../../../app/session/session';
import { checkCutNote } from '../../../../http/checks';
import { idOf, writes } from '../../../../http/endpoint';
import { unlessKnown } from '../../../../http/known-studio';

export const POST = writes(checkCutNote, async ({ version, cut, seen }, context) =>
  unlessKnown(await noteCut(idOf(context), version, cut, seen), context),
);
