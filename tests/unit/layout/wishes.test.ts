import fc from 'fast-check';
import load from 'highs';
import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { colourGifts, colourProblems, replaceCord, seatInstead, assignColours } from '../../../src/core/layout';
import { planSeat } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { modelsOf } from '../../../src/solver/highs';
import { seat } from '../examples/seat';

const makeModel = modelsOf(await load());

describe('colours by wish', () => {
  const wish = (seat: string, wishes: string[], ...lengths: number[]) => ({
    seat,
    lengths: lengths.length > 0 ? lengths : [2000],
    wishes,
  });
  const given = (
    seats: Parameters<typeof assignColours>[0],
    pieces: Record<string, number[]>,
    keeping: Parameters<typeof assignColours>[1] = [],
  ) => Object.fromEntries(assignColours(seats, keeping, pieces, makeModel).map(({ seat, colour }) => [seat, colour]));

  it('are given with the least regret in all, not first come first served', () => {
    // Cord for one in blue and one in green, two in red. In turn Ada would take blue and leave Bo, who wants nothing else, a
    // regret of 3; Ada in green (1) leaves Bo blue (0).
    const seats = [wish('Ada', ['blue', 'green']), wish('Bo', ['blue'])];
    expect(given(seats, { blue: [2500], green: [2500], red: [5000] })).toEqual({ Ada: 'green', Bo: 'blue' });
    expect(given(seats, { blue: [4000], green: [], red: [] })).toEqual({ Ada: 'blue', Bo: 'blue' });
  });

  it('say which wish each is: the first is 0, and what nobody asked for has none', () => {
    const seats = [wish('Ada', ['blue', 'green']), wish('Bo', ['blue', 'green']), wish('Cy', ['blue', 'green'])];
    const found = assignColours(seats, [], { blue: [2000], green: [2000], red: [2000] }, makeModel);
    expect(found.map(({ colour, rank }) => [colour, rank]).sort()).toEqual([
      ['blue', 0],
      ['green', 1],
      ['red', null],
    ]);
  });

  it('never take more of a colour than there is, and leave out who none is left for', () => {
    const seats = [wish('Ada', ['blue'], 3000), wish('Bo', ['blue'], 2000), wish('Cy', ['red'], 9000)];
    const found = given(seats, { blue: [4500], red: [8000] });
    // Both want blue, and there is cord for one; the other goes to red. Nine metres fit nowhere.
    expect([found.Ada, found.Bo].sort()).toEqual(['blue', 'red']);
    expect(found).not.toHaveProperty('Cy');
  });

  it('are cut from pieces: as much in sum is not enough where no piece is long enough', () => {
    const seats = [wish('Ada', ['blue', 'red'], 1800)];
    expect(given(seats, { blue: [1000, 1700], red: [1800] })).toEqual({ Ada: 'red' });
    // Two lengths of 1,500 from two pieces of 1,600; three do not go.
    expect(given([wish('Ada', ['blue'], 1500, 1500)], { blue: [1600, 1600] })).toEqual({ Ada: 'blue' });
    expect(given([wish('Ada', ['blue'], 1500, 1500, 1500)], { blue: [1600, 1600, 1400] })).toEqual({});
  });

  it('take nothing from those who wish for nothing', () => {
    const seats = [wish('Ada', ['blue', 'red'])];
    const bo = { seat: 'Bo', lengths: { blue: [2000] } };
    expect(given(seats, { blue: [3000], red: [3000] }, [bo])).toEqual({ Ada: 'red' });
    expect(given(seats, { blue: [3000, 2000], red: [3000] }, [bo])).toEqual({ Ada: 'blue' });
    // What Bo has is not on the shelf at all: it has to be bought, and Ada may have the rest.
    expect(given(seats, { blue: [2000], red: [] }, [{ seat: 'Bo', lengths: { blue: [5000] } }])).toEqual({
      Ada: 'blue',
    });
  });

  it('are as good as trying every way', () => {
    const colours = ['a', 'b', 'c'];
    fc.assert(
      fc.property(
        fc.array(fc.record({ need: fc.integer({ min: 1, max: 3 }), wishes: fc.shuffledSubarray(colours) }), {
          minLength: 1,
          maxLength: 4,
        }),
        fc.array(fc.tuple(fc.constantFrom(...colours), fc.integer({ min: 1, max: 5 })), { maxLength: 5 }),
        (people, there) => {
          const seats = people.map((one, i) => ({ wishes: one.wishes, lengths: [one.need * 1000], seat: `s${i}` }));
          const available = Object.fromEntries(
            colours.map((colour) => [
              colour,
              there.filter(([own]) => own === colour).map(([, metres]) => metres * 1000),
            ]),
          );
          const regret = (i: number, colour: string | undefined): number => {
            if (colour === undefined) return 1000;
            const rank = seats[i]!.wishes.indexOf(colour);
            return rank >= 0 ? rank : seats[i]!.wishes.length + 2;
          };
          const found = given(seats, available);
          const total = seats.reduce((sum, { seat: who }, i) => sum + regret(i, found[who]), 0);
          let best = Infinity;
          // Every seat on every piece that is long enough, one after the other.
          const left = colours.flatMap((colour) => available[colour]!.map((mm) => ({ colour, mm })));
          const go = (i: number, sum: number): void => {
            if (i === seats.length) best = Math.min(best, sum);
            else {
              go(i + 1, sum + regret(i, undefined));
              for (const piece of left) {
                const need = seats[i]!.lengths[0]!;
                if (piece.mm < need) continue;
                piece.mm -= need;
                go(i + 1, sum + regret(i, piece.colour));
                piece.mm += need;
              }
            }
          };
          go(0, 0);
          expect(total).toBe(best);
        },
      ),
      { numRuns: 60, seed: 4 },
    );
  });
});

describe('the wishes of a session', () => {
  const staged = (label: string, changes: Parameters<typeof seat>[0] = {}) => ({
    id: label,
    accepted: false,
    plan: planSeat(seat({ label, ...changes }), SHIPPED, STARTING_FIGURES),
  });
  const ada = staged('Ada');
  const bo = staged('Bo');
  const both = staged('Both', {
    cords: { whole: { cord: 'sheathed-4', colours: ['race', 'sail'] } },
    options: { colours: 2 },
  });
  const other = staged('Other', { cords: { whole: { cord: 'satin-2', colours: ['night'] } } });
  const seats = [ada, bo, both, other];
  const wishes = (of: Record<string, string[]>) => (id: string) => of[id] ?? [];

  it('are a problem for each cord, with those who keep theirs beside it', () => {
    const { problems, several } = colourProblems(seats, wishes({ Ada: ['night'], Other: ['race'] }), 4);
    expect(several).toEqual([]);
    const [satin] = problems.filter(({ cord }) => cord === 'satin-2');
    expect(satin!.wishing.map((one) => [one.seat, one.from])).toEqual([['Other', 'cord/satin-2/night']]);
    expect(satin!.keeping).toEqual([]);
    const [mine] = problems.filter(({ cord }) => cord !== 'satin-2');
    const { cord, colour, length_mm } = ada.plan.cut!.cuts[0]!;
    expect(mine!.wishing).toEqual([
      { seat: 'Ada', wishes: ['night'], lengths: [length_mm + 4], from: `cord/${cord}/${colour}` },
    ]);
    // Bo keeps one colour; of a piece in two colours both are kept.
    expect(mine!.keeping.map((one) => one.seat)).toEqual(['Bo', 'Both', 'Both']);
  });

  it('for a piece of several colours are left, since nobody can say which one is meant', () => {
    const { problems, several } = colourProblems(seats, wishes({ Both: ['night'] }), 4);
    expect(problems).toEqual([]);
    expect(several).toEqual(['Both']);
    expect(colourProblems(seats, wishes({}), 4)).toEqual({ problems: [], several: [] });
  });

  it('given are the cords a seat would have; what it has already changes nothing', () => {
    const { problems } = colourProblems(seats, wishes({ Ada: ['night'], Bo: ['race'] }), 4);
    const [problem] = problems;
    const own = ada.plan.cut!.cuts[0]!.colour;
    const gifts = colourGifts(
      problem!,
      [
        { seat: 'Ada', colour: 'night', rank: 0 },
        { seat: 'Bo', colour: own, rank: null },
      ],
      seats,
      SHIPPED,
    );
    expect(gifts.map(({ seat: who, to, cords }) => [who, to, cords])).toEqual([
      ['Ada', `cord/${problem!.cord}/night`, { whole: { cord: problem!.cord, colours: ['night'] } }],
      ['Bo', `cord/${problem!.cord}/${own}`, {}],
    ]);
    // Each from the colour it has: Cy's night is replaced where Cy has it, not where Ada does.
    const cy = staged('Cy', { cords: { whole: { cord: problem!.cord, colours: ['sail'] } } });
    const [again] = colourProblems([ada, cy], wishes({ Ada: ['night'], Cy: ['thrift'] }), 4).problems;
    const turned = colourGifts(
      again!,
      [
        { seat: 'Ada', colour: 'night', rank: 0 },
        { seat: 'Cy', colour: 'thrift', rank: 0 },
      ],
      [ada, cy],
      SHIPPED,
    );
    expect(turned.map(({ seat: who, from, cords }) => [who, from, cords.whole?.colours])).toEqual([
      ['Ada', `cord/${problem!.cord}/${own}`, ['night']],
      ['Cy', `cord/${problem!.cord}/sail`, ['thrift']],
    ]);
    // A colour that the cord does not come in is not given.
    expect(colourGifts(problem!, [{ seat: 'Ada', colour: 'mauve', rank: 0 }], seats, SHIPPED)).toEqual([]);
  });
});

describe('another cord instead', () => {
  const two = seat({ cords: { whole: { cord: 'sheathed-4', colours: ['race', 'sail'] } }, options: { colours: 2 } });
  const planned = planSeat(two, SHIPPED, STARTING_FIGURES);

  it('replaces one colour, or the cord with the colour that stays beside it', () => {
    expect(replaceCord(planned, 'cord/sheathed-4/sail', 'cord/sheathed-4/night', SHIPPED)).toEqual({
      whole: { cord: 'sheathed-4', colours: ['race', 'night'] },
    });
    expect(replaceCord(planned, 'cord/sheathed-4/race', 'cord/sheathed-3/night', SHIPPED)).toEqual({
      whole: { cord: 'sheathed-3', colours: ['night', 'sail'] },
    });
    // Two colours stay two; a cord without the other colour will not do; nor is there anything to replace.
    expect(replaceCord(planned, 'cord/sheathed-4/sail', 'cord/sheathed-4/race', SHIPPED)).toBeNull();
    expect(replaceCord(planned, 'cord/sheathed-4/race', 'cord/cotton-2/kelp', SHIPPED)).toBeNull();
    expect(replaceCord(planned, 'cord/satin-2/race', 'cord/satin-2/night', SHIPPED)).toBeNull();
  });

  it('says what changes: nothing for a colour, cut and width for a thinner cord', () => {
    const instead = (to: string) => seatInstead(two, planned, 'cord/sheathed-4/race', to, SHIPPED, STARTING_FIGURES);
    expect(instead('cord/sheathed-4/night')).toMatchObject({ cut_mm: 0, width_mm: 0, knotted_mm: 0 });
    const thinner = instead('cord/sheathed-3/night')!;
    expect(thinner.width_mm).toBeCloseTo(thinner.plan.piece!.width - planned.piece!.width, 9);
    expect(thinner.width_mm).toBeLessThan(0);
    expect(thinner.cut_mm).toBe(thinner.plan.cut!.total_mm - planned.cut!.total_mm);
  });
});
