import { editItem, openItem } from '../../../../app/shelf/shelf';
import { checkItemEdit } from '../../../../http/checks';
import { reads, writes } from '../../../../http/endpoint';

export const GET = reads((context) => openItem(context.params.id ?? ''));
export const PUT = writes(checkItemEdit, async ({ version, doc }) => editItem(doc, version));
