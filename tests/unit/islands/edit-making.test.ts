import { describe, expect, it } from 'vitest';
import { SHIPPED } from '../../../catalogue';
import { checkProject, ProjectSchema, type Project } from '../../../src/core/project';
import { checker } from '../../../src/formats/check';
import { addAct, changeAct, changeText, moveAct, removeAct } from '../../../src/islands/composer/edit-making';
import { addSection, changeSection, removeItem, withMaking } from '../../../src/islands/composer/edit-project';

const check = checker(ProjectSchema);

describe('editing a making', () => {
  const own = SHIPPED.projects['band-buckle']!;
  const ids = ({ making }: Project): string[] => making!.acts.map(({ id }) => id);
  const isWhole = (project: Project): boolean =>
    check(project).ok &&
    checkProject(project, SHIPPED) === null &&
    Object.keys(project.making!.texts.en).sort().join() === ids(project).sort().join();

  it('moves, adds, changes and removes acts, and stays one that can be saved', () => {
    const moved = moveAct(own, 0, 2);
    expect(ids(moved).slice(0, 3)).toEqual([ids(own)[1], ids(own)[2], ids(own)[0]]);
    const added = addAct(addAct(moved, 0, 'Warm your hands.'), 0, 'Sit down.');
    expect(ids(added).slice(1, 3)).toEqual(['act-2', 'act-1']);
    const changed = changeAct(changeText(added, 'act-1', { text: '  ', right: 'They are warm.' }), 1, {
      phase: 'check',
      checkpoint: true,
    });
    expect(changed.making!.texts.en['act-1']).toEqual({ text: 'Warm your hands.', right: 'They are warm.' });
    expect(changed.making!.acts[1]).toMatchObject({ phase: 'check', checkpoint: true });
    const back = removeAct(removeAct(changeAct(changed, 1, { checkpoint: false }), 1), 1);
    expect(ids(back)).toEqual(ids(moved));
    for (const one of [moved, added, changed, back]) expect(isWhole(one)).toBe(true);
  });

  it('keeps it while only counts and words change, and drops it with other parts or ways', () => {
    const renamed = { ...own, name: 'Weir band' };
    expect(withMaking(own, renamed).making).toBe(own.making);
    expect(withMaking(own, changeSection(own, 0, { count: 30 })).making).toBe(own.making);
    expect(withMaking(own, addSection(own)).making).toBeUndefined();
    expect(removeItem(own, 'join').making).toBeUndefined();
  });
});
