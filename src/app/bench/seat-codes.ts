import QRCode from 'qrcode';
import { linksOf } from './seat-link';

/** The code that opens each seat's own page, as a drawing, and its address; none where the room cannot reach this machine. */
export async function seatCodes(
  session: string,
  origin: string | null,
): Promise<ReadonlyMap<string, { readonly address: string; readonly svg: string }>> {
  if (origin === null) return new Map();
  const links = await linksOf(session);
  const drawn = [...links].map(async ([seat, link]) => {
    const address = `${origin}/s/${link}`;
    return [seat, { address, svg: await QRCode.toString(address, { type: 'svg', margin: 1 }) }] as const;
  });
  return new Map(await Promise.all(drawn));
}
