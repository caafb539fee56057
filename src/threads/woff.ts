import { inflateSync } from 'node:zlib';

const [HEADER, ENTRY] = [
  { woff: 44, sfnt: 12 },
  { woff: 20, sfnt: 16 },
];

/**
 * A WOFF font unpacked into the font it was made of, so that no document unpacks it again; after W3C's WOFF 1.0: a directory of tables,
 * each packed by zlib where that made it shorter.
 */
export function unpackWoff(woff: Buffer): Buffer {
  const count = woff.readUInt16BE(12);
  const head = Buffer.alloc(HEADER.sfnt + count * ENTRY.sfnt);
  woff.copy(head, 0, 4, 8);
  head.writeUInt16BE(count, 4);
  const steps = Math.floor(Math.log2(count));
  head.writeUInt16BE(2 ** steps * 16, 6);
  head.writeUInt16BE(steps, 8);
  head.writeUInt16BE((count - 2 ** steps) * 16, 10);
  const parts = [head];
  let at = head.length;
  for (let table = 0; table < count; table++) {
    const from = HEADER.woff + table * ENTRY.woff;
    const to = HEADER.sfnt + table * ENTRY.sfnt;
    const [offset, packed, length] = [4, 8, 12].map((field) => woff.readUInt32BE(from + field)) as [
      number,
      number,
      number,
    ];
    const bytes = woff.subarray(offset, offset + packed);
    woff.copy(head, to, from, from + 4);
    woff.copy(head, to + 4, from + 16, from + 20);
    head.writeUInt32BE(at, to + 8);
    head.writeUInt32BE(length, to + 12);
    const padded = Buffer.alloc(Math.ceil(length / 4) * 4);
    (packed < length ? inflateSync(bytes) : bytes).copy(padded);
    parts.push(padded);
    at += padded.length;
  }
  return Buffer.concat(parts);
}
