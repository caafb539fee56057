import { describe, expect, it } from 'vitest';
import { luckOf, serve, type Turn } from '../../../src/core/room';

/** Probability that one who comes has to wait, of a Poisson stream to c servers of exponential service (Erlang’s C). */
function erlangC(servers: number, load: number): number {
  let term = 1;
  let sum = 0;
  for (let k = 0; k < servers; k++) {
    sum += term;
    term *= load / (k + 1);
  }
  const last = term / (1 - load / servers);
  return last / (sum + last);
}

describe('the station', () => {
  // Mean wait of M/M/c: C(c, a) / (c μ − λ); of one server ρ / (μ − λ).
  it.each([
    [1, 0.5],
    [1, 0.8],
    [3, 0.5],
    [3, 0.8],
  ])('with %i servers at a load of %f keeps people waiting as the theory says', (servers, load) => {
    const many = 600_000;
    const { even } = luckOf(`poisson ${servers} ${load}`, 5, many, 1);
    const [comes, takes] = [new Float64Array(many), new Float64Array(many)];
    let now = 0;
    for (let i = 0; i < many; i++) {
      now += -Math.log(1 - even[2 * i]!) / (load * servers);
      comes[i] = now;
      takes[i] = -Math.log(1 - even[2 * i + 1]!);
    }
    const from = new Float64Array(many);
    serve(
      comes,
      servers,
      (k) => takes[k]!,
      (turn) => ((from[turn.of] = turn.from), Infinity),
    );
    // Waits that follow each other are alike: the error comes from the means of long batches.
    const batches = 60;
    const size = many / batches;
    const means = Array.from({ length: batches }, (_, b) => {
      let sum = 0;
      for (let i = b * size; i < (b + 1) * size; i++) sum += from[i]! - comes[i]!;
      return sum / size;
    });
    const mean = means.reduce((a, b) => a + b) / batches;
    const error = Math.sqrt(means.reduce((sum, own) => sum + (own - mean) ** 2, 0) / (batches - 1) / batches);
    const theory = erlangC(servers, load * servers) / (servers - load * servers);
    expect(Math.abs(mean - theory)).toBeLessThan(3 * error);
  });

  it('serves in the order that people come, by whoever is free', () => {
    // Two adults: at 0 both begin, 4 and 1 minutes; the third comes at 0.5 and waits for the second adult until 1.
    const turns: Turn[] = [];
    const takes = [4, 1, 2, 2];
    serve(
      [0, 0, 0.5, 3],
      2,
      (k) => takes[k]!,
      (turn) => (turns.push(turn), Infinity),
    );
    expect(turns.map(({ from, done }) => [from, done])).toEqual([
      [0, 4],
      [0, 1],
      [1, 3],
      [3, 5],
    ]);
  });

  it('lets whoever comes again wait behind those who are there', () => {
    // The first is done at 2 and comes again at 3, when two others wait: at 2 and at 2.5.
    const order: number[] = [];
    const served = serve(
      [0, 2, 2.5],
      1,
      () => 2,
      ({ of, done }) => (order.push(of), order.length === 1 ? done + 1 : Infinity),
    );
    expect([served, order]).toEqual([4, [0, 1, 2, 0]]);
  });
});
