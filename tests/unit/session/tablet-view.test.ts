import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { courseOf } from '../../../src/core/bench';
import { forTablet, fromTablet, packingOf, planSession } from '../../../src/core/session';
import { exampleView } from '../examples/view';

/** A session with a seat in every project: a child’s, an adult’s, with a hand, with a skin note, each told apart by its measures. */
const view = (() => {
  const [first] = exampleView().seats;
  const seats = Object.keys(SHIPPED.projects).map((project, i) => ({
    ...first!,
    id: `00000000-0000-4000-8000-${String(i).padStart(12, '0')}`,
    person_id: `11111111-0000-4000-8000-${String(i).padStart(12, '0')}`,
    name: `Guest ${i}`,
    age: [null, 9, 37][i % 3]!,
    wrist_mm: 141 + 3 * i,
    wrist_method: 'tape' as const,
    hand_mm: i % 2 ? 203 + i : null,
    avoid: i % 4 ? [] : ['nickel' as const],
    note: 'Unrepeatable remark',
    project,
    project_revision: SHIPPED.projects[project]!.revision,
    skill: 'new' as const,
    ease: 'easy' as const,
    school: null,
    accepted: false,
    wishes: [],
    options: {},
    cords: {},
    band_mm: null,
    made: null,
  }));
  return { ...exampleView(), seats };
})();

describe('a session as a tablet is sent it', () => {
  const sent = JSON.parse(JSON.stringify(forTablet(view, planSession(view)))) as ReturnType<typeof forTablet>;

  it('has no age, wrist, skin note, remark or person id in it', () => {
    const { studio: _, ...rest } = sent;
    const text = JSON.stringify(rest);
    for (const word of ['person_id', 'wrist_mm', 'hand_mm', 'Unrepeatable', '"avoid":["', '11111111-'])
      expect(text).not.toContain(word);
    for (const seat of sent.seats) expect(Object.keys(seat)).not.toContain('age');
    for (const { wrist_mm } of view.seats) expect(text).not.toContain(`"wrist":${wrist_mm}`);
    expect(text).not.toMatch(/"age":\d/);
  });

  it('shows the same pieces, lengths, kits and minutes as the desk has', () => {
    const [desk, tablet] = [planSession(view), planSession(fromTablet({ ...sent, studio: view.studio }))];
    desk.seats.forEach(({ plan }, i) => {
      const own = tablet.seats[i]!.plan;
      expect([own.label, own.fit?.knotted_mm, own.fit?.counts]).toEqual([
        plan.label,
        plan.fit?.knotted_mm,
        plan.fit?.counts,
      ]);
      expect(own.piece?.project.slug).toBe(plan.piece?.project.slug);
      expect([own.piece?.flame, own.pace]).toEqual([plan.piece?.flame, plan.pace]);
      if (plan.fit) expect(courseOf(own).ties).toBe(courseOf(plan).ties);
    });
    const bags = (plan: typeof desk) =>
      packingOf(plan.seats, plan.figures).bags.map(({ lines, card }) => [lines, card]);
    expect(bags(tablet)).toEqual(bags(desk));
  });
});
