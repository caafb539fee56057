import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fitEffects, type Beliefs, type Observations } from '../../../src/core/record';
import { inverseOf } from '../../../src/core/record/effects/cholesky';
import { atLeast } from '../../../src/core/record/effects/weigh';

/** So sure of the spreads that nothing learns them, and nobody misreads: what is left can be reckoned by hand. */
const SURE: Beliefs = {
  effects: [0.12],
  spreads: [{ maker: 1e-9, piece: 0.05 }],
  worth: 1e9,
  worthMakers: 1e9,
  misread: 1e-12,
  misreadBy: 0.5,
};
const seen = (y: readonly number[], maker = y.map(() => 0), noise = 0): Observations => ({
  ways: [{ effects: [0], spread: 0 }],
  way: y.map(() => 0),
  maker,
  y,
  censored: y.map(() => 0),
  limit: y.map(() => Infinity),
  others: [],
  noise: y.map(() => noise),
});

describe('the fit, by hand', () => {
  it('one effect: precisions add, and the mean is weighed by them', () => {
    // Prior 1/0.12² = 69.44; four of 1/0.05² = 400 each, of mean 0.1.
    const { mean, sd } = fitEffects(seen([0.08, 0.12, 0.1, 0.1]), SURE, 1).of([0]);
    expect(mean).toBeCloseTo((1600 * 0.1) / (1600 + 69.444), 6);
    expect(sd).toBeCloseTo(1 / Math.sqrt(1600 + 69.444), 6);
  });
  it('noise in how it was measured counts with what pieces differ by', () => {
    const { sd } = fitEffects(seen([0.1], [0], 0.05 ** 2), SURE, 1).of([0]);
    expect(sd).toBeCloseTo(1 / Math.sqrt(200 + 69.444), 6);
  });
  it('twenty pieces of one maker say little more of the studio than one of theirs would', () => {
    const believed = { ...SURE, spreads: [{ maker: 0.05, piece: 0.05 }] };
    const y = Array.from({ length: 20 }, () => 0.1);
    const one = fitEffects(seen(y), believed, 1);
    // Their mean is known to 0.05² (1 + 1/20).
    expect(one.of([0]).sd).toBeCloseTo(1 / Math.sqrt(1 / 0.12 ** 2 + 1 / (0.05 ** 2 * 1.05)), 5);
    const many = fitEffects(
      seen(
        y,
        y.map((_, i) => i),
      ),
      believed,
      20,
    );
    expect(many.of([0]).sd).toBeLessThan(one.of([0]).sd / 2);
    expect(one.makers[0]!.mean).toBeGreaterThan(0);
  });
  it('learns a spread from what is left, believed as so many as it is worth', () => {
    const y = Array.from({ length: 400 }, (_, i) => (i % 2 ? 0.1 : -0.1));
    const { spreads } = fitEffects(
      seen(
        y,
        y.map((_, i) => Math.floor(i / 8)),
      ),
      { ...SURE, spreads: [{ maker: 0.02, piece: 0.05 }], worth: 12, worthMakers: 12 },
      50,
    );
    expect(spreads[0]!.piece).toBeGreaterThan(0.09);
    expect(spreads[0]!.piece).toBeLessThan(0.101);
    expect(spreads[0]!.freedom).toBeGreaterThan(50);
  });
});

describe('what it is made of', () => {
  it('a matrix times its inverse is one, whatever positive definite it is', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: -2, max: 2, noNaN: true }), { minLength: 9, maxLength: 9 }), (b) => {
        const n = 3;
        // B Bᵀ and a little on the diagonal is positive definite.
        const a = Float64Array.from({ length: n * n }, (_, at) => {
          const [i, j] = [Math.floor(at / n), at % n];
          let sum = i === j ? 0.5 : 0;
          for (let k = 0; k < n; k++) sum += b[i * n + k]! * b[j * n + k]!;
          return sum;
        });
        const inverse = inverseOf(a, n);
        for (let i = 0; i < n; i++)
          for (let j = 0; j < n; j++) {
            let sum = 0;
            for (let k = 0; k < n; k++) sum += a[i * n + k]! * inverse[k * n + j]!;
            expect(sum).toBeCloseTo(i === j ? 1 : 0, 6);
          }
      }),
    );
    expect(() => inverseOf(Float64Array.of(1, 2, 2, 1), 2)).toThrow('positive definite');
  });

  it('what lies far off is hardly trusted, what lies near nearly wholly, and the same to either side', () => {
    const believed = { ...SURE, misread: 0.05, effects: [1e-6] };
    const at = (off: number) => fitEffects(seen([off]), believed, 1).trusted[0]!;
    expect(at(0)).toBeGreaterThan(0.99);
    expect(at(0.5)).toBeLessThan(1e-6);
    expect(at(-0.2)).toBeCloseTo(at(0.2), 9);
    // Where both are as likely, it is half: odds · √(v/w) · exp(…) = 1.
    const [odds, far] = [0.05 / 0.95, 0.25];
    const half = Math.sqrt(
      (2 * Math.log((1 / odds) * Math.sqrt((0.0025 + far) / 0.0025))) / (1 / 0.0025 - 1 / (0.0025 + far)),
    );
    expect(at(half)).toBeCloseTo(0.5, 4);
  });

  it('what a known misreading puts in its place counts as what it was', () => {
    const y = [0.1, 0.09, 0.11, 0.1, 0.9];
    const others = [{ y: [NaN, NaN, NaN, NaN, 0.1], stretch: y.map(() => 0) }];
    const { of, trusted } = fitEffects({ ...seen(y), others }, { ...SURE, misread: 0.05 }, 1);
    // Five of 1/0.05² = 400 each, all about 0.1.
    expect(of([0]).mean).toBeCloseTo((2000 * 0.1) / (2000 + 69.444), 4);
    expect(trusted[4]).toBeLessThan(0.01);
  });

  it('those who finished near all they had leave some unreported, unless those who ran short are there', () => {
    const y = Array.from({ length: 40 }, (_, i) => 0.02 + 0.002 * (i % 10));
    const limit = y.map(() => 0.05);
    const all = fitEffects({ ...seen(y), limit }, SURE, 1).of([0]).mean;
    const none = fitEffects(seen(y), SURE, 1).of([0]).mean;
    expect(all).toBeGreaterThan(none + 0.01);
    const withShort = (many: number) => {
      const short = Array.from({ length: many }, () => 0.05);
      const both = seen([...y, ...short]);
      const censored = both.y.map((_, i) => (i < y.length ? 0 : 1));
      const limits = censored.map((one) => (one === 1 ? Infinity : 0.05));
      return fitEffects({ ...both, censored, limit: limits }, SURE, 1).of([0]).mean;
    };
    expect(withShort(20)).toBeGreaterThan(none);
  });

  it('spreads of several kinds are drawn together, each with what it is believed to be against the others', () => {
    const n = 60;
    const y = Array.from({ length: n }, (_, i) => (i % 2 ? 0.14 : -0.14));
    const { spreads } = fitEffects(
      {
        ...seen(
          y,
          y.map((_, i) => i),
        ),
        ways: [{ effects: [0], spread: 0 }],
      },
      {
        ...SURE,
        spreads: [
          { maker: 1e-9, piece: 0.07 },
          { maker: 1e-9, piece: 0.03 },
        ],
        worth: 12,
        worthMakers: 1e9,
      },
      n,
    );
    // Twice as much as believed where it was seen; so the other is believed to differ by more as well, and is still the smaller.
    expect(spreads[0]!.piece).toBeGreaterThan(0.12);
    expect(spreads[1]!.piece).toBeGreaterThan(0.045);
    expect(spreads[1]!.piece).toBeLessThan(spreads[0]!.piece);
  });

  it('“more than this” says nothing far under the mean, and all but a measurement far over it', () => {
    expect(atLeast(-6).information).toBeLessThan(1e-6);
    // At the mean itself: hazard √(2/π), information 2/π.
    expect(atLeast(0).information).toBeCloseTo(2 / Math.PI, 6);
    expect(atLeast(0).step).toBeCloseTo(Math.sqrt(Math.PI / 2), 6);
    // The hazard at 4 is 4.2256 (tables of Mills’ ratio: 0.23665).
    expect(atLeast(4).information).toBeCloseTo(4.2256 * 0.2256, 2);
    // Where the difference from 1 has no figures left it goes on smoothly.
    expect(Math.abs(atLeast(3.0001).information - atLeast(2.9999).information)).toBeLessThan(0.002);
    expect(atLeast(30).information).toBeLessThanOrEqual(1.01);
  });
});
