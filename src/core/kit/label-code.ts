/** What the code on a label opens: a seat's bag, or a lot of the shelf. */
export type LabelCode =
  | { readonly kind: 'seat'; readonly session: string; readonly seat: string }
  | { readonly kind: 'lot'; readonly lot: string };

const ID = '[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}';
const SEAT = new RegExp(`^/sessions/(${ID})/kit\\?seat=(${ID})$`);
const LOT = new RegExp(`^/shelf\\?lot=(${ID})$`);

/**
 * The address, within Lapboard, that a label's code opens.
 *
 * @example
 * pathOfCode({ kind: 'lot', lot: '00000000-0000-4000-8000-000000000001' }) // '/shelf?lot=00000000-0000-4000-8000-000000000001'
 */
export const pathOfCode = (code: LabelCode): string =>
  code.kind === 'lot' ? `/shelf?lot=${code.lot}` : `/sessions/${code.session}/kit?seat=${code.seat}`;

/**
 * What was read from a label: its code, wherever Lapboard was reached when the label was printed; null where it is no label of ours.
 *
 * @example
 * readLabelCode('http://127.0.0.1:4000/shelf?lot=00000000-0000-4000-8000-000000000001') // { kind: 'lot', lot: '00000000-0000-4000-8000-000000000001' }
 * readLabelCode('buckle 15 mm') // null
 */
export function readLabelCode(text: string): LabelCode | null {
  const path = /^https?:\/\/[^/?#\s]+(\/\S*)$/.exec(text.trim())?.[1] ?? '';
  const [, session, seat] = SEAT.exec(path) ?? [];
  if (session && seat) return { kind: 'seat', session, seat };
  const [, lot] = LOT.exec(path) ?? [];
  return lot ? { kind: 'lot', lot } : null;
}
