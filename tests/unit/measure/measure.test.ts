import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  formatLength,
  formatTotal,
  HAND,
  parseGirth,
  parseLength,
  roundUpTo,
  sayLengths,
  WRIST,
} from '../../../src/core/measure';
import { amountOf } from '../../../src/ui/words/amount';

const mm = (text: string): number => {
  const reading = parseLength(text);
  if (!reading.ok) throw new Error(`${text}: ${reading.fault.problem}`);
  return reading.value.mm;
};

describe('lengths as makers write them', () => {
  it.each([
    ['165', 165],
    ['165 mm', 165],
    ['16.5cm', 165],
    ['16,5 cm', 165],
    ['.5 m', 500],
    ['6 1/2 in', 165.1],
    ['6-1/2"', 165.1],
    ['6½"', 165.1],
    ['6 ⅝ inches', 168.275],
    ['½″', 12.7],
    ['5/8 in', 15.875],
    ['5 ft 2 in', 1574.8],
    ['5′ 2 ½″', 1587.5],
    ['2 yards', 1828.8],
    ['1 m 20 cm', 1200],
    ["6''", 152.4],
    ['165 mm (6 ½ in)', 165],
    ['6 ½ in / 16.5 cm', 165.1],
    ['16.5 cm or 6.5 in', 165],
    ['1 in = 2.5 cm', 25.4],
    // Both systems one after the other are one length said twice, not a sum.
    ['16.5 cm 6 1/2 in', 165],
    ['5 ft 2 in 157.5 cm', 1574.8],
  ])('reads %s', (text, expected) => {
    expect(mm(text)).toBeCloseTo(expected, 6);
  });

  it.each([
    ['', 0, 'missing'],
    ['-5 cm', 0, 'negative'],
    ['0 mm', 0, 'more than zero'],
    ['16..5 cm', 2, 'left over|not a unit'],
    ['1.2.3 cm', 3, 'One decimal point'],
    ['12 furlongs', 3, 'not a unit'],
    ['6 5/4 in', 1, 'not a fraction'],
    ['6 1/0 in', 1, 'not a fraction'],
    ['1,200 mm', 0, 'could be 1200 or 1.200'],
    ['2 in 5 ft', 7, 'cannot follow'],
    ['1 m 20', 6, 'unit is missing'],
    ['1.2 m 44 in', 6, '82 mm \\(7 %\\) apart'],
    ['16 cm 17 cm', 9, 'cannot follow'],
    ['16 cm wide', 6, 'left over'],
    ['cm', 0, 'number is expected'],
  ])('refuses %s at %i', (text, at, why) => {
    const reading = parseLength(text);
    expect(reading).toMatchObject({ ok: false, fault: { at } });
    expect(!reading.ok && reading.fault.problem).toMatch(new RegExp(why));
  });

  it('reads every sign for a fraction as that fraction', () => {
    // As the signs are decomposed by Unicode: a numerator, a fraction slash, a denominator.
    for (const sign of '¼½¾⅐⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞') {
      const [above, below] = sign.normalize('NFKD').split('⁄').map(Number);
      expect(mm(`2${sign} in`), sign).toBeCloseTo((2 + above! / below!) * 25.4, 6);
    }
  });

  it('says by how much the halves of a dual entry disagree', () => {
    // 44 in = 1117.6 mm; 1200 − 1117.6 = 82.4 mm, 6.9 % of the larger.
    const reading = parseLength('1.2 m (44 in)');
    expect(reading).toMatchObject({ ok: false, fault: { at: 7 } });
    expect(!reading.ok && reading.fault.problem).toContain('82 mm (7 %)');
    expect(!reading.ok && reading.fault.choices?.[1]).toBeCloseTo(1117.6);
  });

  it('reads the same length in inches and in millimetres', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 800 }), (eighths) => {
        const whole = Math.floor(eighths / 8);
        const rest = eighths % 8;
        const text = rest === 0 ? `${whole} in` : whole === 0 ? `${rest}/8 in` : `${whole} ${rest}/8 in`;
        expect(mm(text)).toBeCloseTo((eighths * 25.4) / 8, 6);
      }),
    );
  });

  it('reads back what it writes, to the mark it rounds to', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 4000, noNaN: true }), (length) => {
        expect(Math.abs(mm(formatLength(length, 'cm')) - length)).toBeLessThanOrEqual(0.5 + 1e-9);
        if (length > 3.2)
          expect(Math.abs(mm(formatLength(length, 'in')) - length)).toBeLessThanOrEqual(25.4 / 16 + 1e-9);
        if (length > 3.2) expect(mm(formatLength(length, 'in', 'up'))).toBeGreaterThanOrEqual(length - 1e-4);
      }),
    );
  });

  it('writes what is under an eighth of an inch in thirty-seconds, never as nothing', () => {
    expect([0.3, 1, 1.5].map((mm) => formatLength(mm, 'in'))).toEqual(['1/32 in', '1/32 in', '1/16 in']);
    expect(formatLength(3, 'in', 'down')).toBe('3/32 in');
    expect(formatLength(3, 'in', 'up')).toBe('⅛ in');
    expect(formatLength(0, 'in')).toBe('0 in');
  });

  it('never throws, whatever is typed', () => {
    fc.assert(fc.property(fc.string({ maxLength: 30 }), (text) => void parseLength(text)));
  });
});

describe('girths of the body', () => {
  it.each([
    ['16.5', 165],
    ['165', 165],
    ['6½', 165.1],
    ['6 1/2 in', 165.1],
    ['17,2', 172],
  ])('reads the bare wrist %s in the unit that makes sense', (text, expected) => {
    const reading = parseGirth(text, WRIST);
    expect(reading.ok && reading.value.mm).toBeCloseTo(expected, 6);
  });

  it('asks for the unit where two make sense, and refuses what is no wrist', () => {
    expect(parseGirth('10', WRIST)).toMatchObject({
      ok: false,
      fault: { problem: expect.stringContaining('cm or in') as string },
    });
    // Where lengths are written in one of them, in that one; a unit that is written counts before it.
    expect(parseGirth('11.0', WRIST, 'cm')).toMatchObject({ ok: true, value: { mm: 110 } });
    expect(parseGirth('9', WRIST, 'in')).toMatchObject({ ok: true, value: { mm: 228.6 } });
    expect(parseGirth('16.5', WRIST, 'in')).toMatchObject({ ok: true, value: { mm: 165 } });
    expect(parseGirth('9 in', WRIST, 'cm')).toMatchObject({ ok: true, value: { mm: 228.6 } });
    expect(parseGirth('2 m', WRIST)).toMatchObject({
      ok: false,
      fault: { problem: expect.stringContaining('2000 mm cannot be a wrist') as string },
    });
    expect(parseGirth('42', WRIST)).toMatchObject({ ok: false });
    expect(parseGirth('20 cm', HAND)).toMatchObject({ ok: true, value: { mm: 200 } });
  });
});

describe('writing and rounding', () => {
  it('writes inches with the fractions of a ruler', () => {
    expect(formatLength(165.1, 'in')).toBe('6 ½ in');
    expect(formatLength(12.7, 'in')).toBe('½ in');
    expect(formatLength(152.4, 'in')).toBe('6 in');
    expect(formatLength(165, 'cm')).toBe('16.5 cm');
  });

  it('rounds cuts up, never down, and leaves what lies on the step', () => {
    expect(roundUpTo(2551.2, 10)).toBe(2560);
    expect(roundUpTo(2560, 10)).toBe(2560);
    expect(roundUpTo(100, 6.35)).toBe(101.6);
  });

  it('totals are in metres or yards, rounded up', () => {
    expect(formatTotal(28_160, 'cm')).toBe('28.2 m');
    expect(formatTotal(1_950, 'cm')).toBe('195.0 cm');
    expect(formatTotal(9_144, 'in')).toBe('10.0 yd');
  });

  it('what is there is rounded down and what is needed up, so that neither promises cord that is not there', () => {
    expect(amountOf('cord/satin-2/race', 9_480, 'cm')).toBe('9.4 m');
    expect(amountOf('cord/satin-2/race', 9_420, 'cm', 'needed')).toBe('9.5 m');
    expect(amountOf('cord/satin-2/race', 1_239, 'in')).toBe('48 ¾ in');
    expect(amountOf('hardware/bead-10', 1200, 'cm')).toBe('1,200 pcs');
    expect(amountOf('cord/satin-2/race', 0, 'cm')).toBe('none');
    const back = (text: string): number => {
      const read = parseLength(text, 'cm');
      return read.ok ? read.value.mm : NaN;
    };
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 200_000 }), fc.constantFrom('cm' as const, 'in' as const), (mm, units) => {
        const item = 'cord/satin-2/race';
        expect(back(amountOf(item, mm, units))).toBeLessThanOrEqual(mm + 0.01);
        expect(back(amountOf(item, mm, units, 'needed'))).toBeGreaterThanOrEqual(mm - 0.01);
      }),
    );
  });
});

describe('lengths in sentences', () => {
  it('that a tape measures are said in the studio’s units; holes, beads and names stay as they are', () => {
    const hole = 'Hole 2.0 mm; Sheathed nylon 60 mm needs 3.0 mm.';
    expect(sayLengths(hole, { hole_mm: 2, need_mm: 3 }, 'in')).toBe(hole);
    const ring = 'The ring is 181 mm inside; the hand needs 215 mm.';
    expect(sayLengths(ring, { inner_mm: 181.3, need_mm: 215 }, 'cm,')).toBe(
      'The ring is 18,1 cm inside; the hand needs 21,5 cm.',
    );
    // 140 mm are 5.51 in, 152 are 5.98.
    expect(sayLengths('a wrist of 140 to 152 mm by now', { least_mm: 140, most_mm: 152 }, 'in')).toBe(
      'a wrist of 5 ½ in to 6 in by now',
    );
  });

  it('of which one is not known stay together as they are', () => {
    expect(sayLengths('from 140 to 152 mm', { least_mm: 140 }, 'cm')).toBe('from 140 to 152 mm');
  });
});
