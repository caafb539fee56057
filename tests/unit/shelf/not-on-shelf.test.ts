import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { pathOfCode, readLabelCode } from '../../../src/core/kit';
import { notOnShelf } from '../../../src/core/shelf';

const cord = (cord: string, ...lengths: number[]) => ({ cord, lengths });

describe('what of a piece is not on the shelf', () => {
  it('a length is never joined: as much in pieces is not enough', () => {
    const free = { pieces: { 'satin-2': { race: [800, 800] } }, counts: {} };
    expect(notOnShelf([cord('satin-2', 700, 700)], [], free)).toEqual([]);
    expect(notOnShelf([cord('satin-2', 900)], [], free)).toEqual(['satin-2']);
  });
  it('two colours of a piece are two of the shelf, whichever they are', () => {
    const two = [cord('satin-2', 500), cord('satin-2', 900)];
    expect(notOnShelf(two, [], { pieces: { 'satin-2': { race: [2000] } }, counts: {} })).toEqual(['satin-2']);
    // The longer need takes the only piece that holds it, though the shorter would fit there too.
    const both = { pieces: { 'satin-2': { race: [1000], night: [600] } }, counts: {} };
    expect(notOnShelf(two, [], both)).toEqual([]);
  });
  it('hardware is counted, and what the shelf does not know is not there', () => {
    const counts = { 'hardware/bead': 3 };
    const beads = (count: number) => notOnShelf([], [{ item: 'hardware/bead', count }], { pieces: {}, counts });
    expect([beads(3), beads(4)]).toEqual([[], ['hardware/bead']]);
    expect(notOnShelf([], [{ item: 'hardware/ring', count: 1 }], { pieces: {}, counts })).toEqual(['hardware/ring']);
  });
});

describe('a label’s code', () => {
  const uuid = fc.uuid({ version: 4 });
  it('opens what it was made for, wherever Lapboard was reached when it was printed', () => {
    fc.assert(
      fc.property(uuid, uuid, fc.constantFrom('http://127.0.0.1:4300', 'https://mill.local'), (a, b, origin) => {
        for (const code of [{ kind: 'lot', lot: a } as const, { kind: 'seat', session: a, seat: b } as const])
          expect(readLabelCode(origin + pathOfCode(code))).toEqual(code);
      }),
    );
  });
  it.each([
    '',
    'buckle 15 mm',
    'https://example.org/',
    'javascript:alert(1)',
    'https://example.org/shelf?lot=1',
    'https://example.org/shelf?lot=00000000-0000-4000-8000-000000000001&x=1',
    '/shelf?lot=00000000-0000-4000-8000-000000000001',
  ])('anything else is no label of ours: %s', (text) => expect(readLabelCode(text)).toBeNull());
});
