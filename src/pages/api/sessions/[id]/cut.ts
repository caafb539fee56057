import { noteCut } from '../../../../app/session';
import { checkCutNote } from '../../../../http/checks';
import { idOf, writes } from '../../../../http/endpoint';

export const POST = writes(checkCutNote, async ({ version, cut, seen }, context) =>
  noteCut(idOf(context), version, cut, seen),
);
