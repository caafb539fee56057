import type { Transaction } from 'sequelize';
import { Problem } from '../../core/problem';
import { kindOf, newItem } from '../../core/shelf';
import { insertItems } from '../../data/shelf/items';
import { readStudio } from '../studio/studio';
import { nameOf } from './item-names';

/** Makes sure the shelf knows these items. Consumables and tools bring a name; cords and hardware have the catalogue's. */
export async function knowItems(
  wanted: readonly { readonly id: string; readonly name?: string | undefined }[],
  t: Transaction,
): Promise<void> {
  const { catalogue } = await readStudio(t);
  const items = wanted.map(({ id, name }) => {
    const own = nameOf(id, catalogue) ?? (['consumable', 'tool'].includes(kindOf(id)) ? name : undefined);
    if (!own)
      throw new Problem(
        422,
        'unknown',
        kindOf(id) === 'consumable' || kindOf(id) === 'tool'
          ? 'A new consumable or tool needs a name.'
          : `The catalogue has no “${id}”: use one of its cords, colours and hardware.`,
        { pointer: '/item' },
      );
    return newItem(id, own);
  });
  await insertItems(items, t);
}
