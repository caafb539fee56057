import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { fuses } from '../../../src/core/cord';
import { cautions, ruleFinish } from '../../../src/core/safety';
import { planSeat, type Seat } from '../../../src/core/seat';
import { STARTING_FIGURES } from '../../../src/core/studio';
import { seat } from '../examples/seat';

const projects = Object.values(SHIPPED.projects);
const planned = (changes: Partial<Seat>) => planSeat(seat(changes), SHIPPED, STARTING_FIGURES);
const heat = (changes: Partial<Seat>): boolean => {
  const { piece, tools } = planned(changes);
  return (
    piece!.flame || tools.includes('small lighter') || Object.values(piece!.parts).some(({ part }) => part.withoutHeat)
  );
};

describe('heat', () => {
  it('fuses nylon and polyester, and nothing else that ships', () => {
    for (const cord of Object.values(SHIPPED.cords))
      expect(fuses(cord)).toBe(['nylon', 'polyester'].includes(cord.fibre));
  });

  it('comes near no project in a cord that burns, in any role, even when it is asked for', () => {
    for (const project of projects) {
      const roles = [...new Set(project.cords.map(({ role }) => role))];
      for (const role of roles)
        for (const cord of ['cotton-2', 'hemp-1', 'leather-1', 'floss-6'])
          expect({
            project: project.slug,
            role,
            cord,
            heat: heat({ project: project.slug, cords: { [role]: { cord } }, options: { flame: true } }),
          }).toMatchObject({ heat: false });
    }
  });

  it('comes near no child, in any project, even when it is asked for', () => {
    for (const { slug } of projects) {
      for (const age of [4, 9, 15]) expect(heat({ project: slug, age, options: { flame: true } })).toBe(false);
      expect(heat({ project: slug, age: 40, options: { flame: false } })).toBe(false);
    }
  });

  it('is ruled by the studio’s age, on the day it is reached', () => {
    const cords = [SHIPPED.cords['satin-2']!];
    const rule = (age: number | null, wanted?: boolean) => ruleFinish(wanted, cords, age, STARTING_FIGURES);
    expect(rule(15)).toMatchObject({ flame: false, messages: [{ level: 'info', code: 'flame-age' }] });
    expect(rule(15, true)).toMatchObject({ flame: false, messages: [{ level: 'error' }] });
    expect(rule(16)).toEqual({ flame: true, messages: [] });
    expect(rule(null)).toMatchObject({ flame: true, messages: [{ code: 'age-not-known' }] });
    const older = { ...STARTING_FIGURES, flame_age: 18 };
    expect(ruleFinish(undefined, cords, 17, older).flame).toBe(false);
  });

  it('is not spoken of where a piece has nothing to fuse', () => {
    for (const slug of ['peg-band', 'tube-ladder', 'ladder-wrap', 'class-band-bead'])
      expect(planned({ project: slug, age: 9 }).messages.map((m) => m.code)).not.toContain('flame-age');
    // Asked for all the same, it is answered.
    expect(planned({ project: 'tube-ladder', options: { flame: true } }).piece!.flame).toBe(false);
  });
});

describe('what the wearer does not bear', () => {
  it('nickel in any place of any project is a warning that names the piece', () => {
    const nickel = Object.values(SHIPPED.hardware).filter((h) => h.nickel);
    expect(nickel.length).toBeGreaterThan(2);
    for (const project of projects) {
      for (const { kinds } of project.hardware) {
        for (const { slug, name } of nickel.filter((h) => kinds.includes(h.kind))) {
          const { messages } = planned({ project: project.slug, avoid: ['nickel'], options: { hardware: slug } });
          expect(messages.find((m) => m.code === 'nickel')?.text).toContain(name);
        }
      }
    }
  });

  it('small parts below the age: an adult keeps them', () => {
    expect(
      planned({ project: 'class-band-bead', age: 4 }).messages.find((m) => m.code === 'small-parts')!.text,
    ).toContain('wooden bead 10 mm');
    expect(planned({ project: 'class-band-bead', age: 5 }).messages.map((m) => m.code)).not.toContain('small-parts');
    expect(planned({ project: 'single-noose', age: 4 }).messages.map((m) => m.code)).not.toContain('small-parts');
  });

  it('a neck loop below the age, or at an age not known, gets a breakaway in the bag', () => {
    const bag = (age: number | null) => planned({ project: 'fob-ring', age, options: { loop: 'neck' } }).items;
    for (const age of [9, 17, null]) expect(bag(age)).toContainEqual({ item: 'breakaway', count: 1 });
    expect(bag(18).map(({ item }) => item)).not.toContain('breakaway');
  });
});

describe('cautions on paper', () => {
  const all = { flame: true, glue: true, neckLoop: true, children: true };
  it('say what the session involves, and always that a band holds nobody', () => {
    expect(cautions(all)).toHaveLength(7);
    const none = cautions({ flame: false, glue: false, neckLoop: false, children: false });
    expect(none).toHaveLength(2);
    expect(none[0]).toContain('never for climbing');
    expect(none[1]).toContain('do not replace');
  });

  it('put the venue’s rules first wherever there is a flame', () => {
    expect(cautions(all).some((line) => line.startsWith('Venue fire rules'))).toBe(true);
    expect(cautions({ ...all, flame: false }).join()).not.toContain('lit');
  });
});
