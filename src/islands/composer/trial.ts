import { useDeferredValue, useMemo } from 'react';
import { checkProject, type Catalogue, type Project } from '../../core/project';
import { exampleSeat, planSeat, type SeatPlan } from '../../core/seat';
import type { Settings, Skill } from '../../core/studio';

/** Who a piece is tried on. */
export interface Trial {
  readonly wrist: number;
  readonly skill: Skill;
}

/** The piece planned as it stands, or why it cannot be. */
function planOf(
  project: Project,
  catalogue: Catalogue,
  settings: Settings,
  { wrist, skill }: Trial,
): SeatPlan | string {
  const fault = checkProject(project, catalogue);
  if (fault) return `${fault.error} (${fault.at})`;
  const own = { ...catalogue, projects: { ...catalogue.projects, [project.slug]: project } };
  return planSeat(
    exampleSeat(project, { skill, ...(project.sizing.by === 'wrist' && { size: { wrist } }) }, settings.school),
    own,
    settings.figures,
  );
}

/** The same, following at leisure while it is changed. */
export function usePlan(project: Project, catalogue: Catalogue, settings: Settings, trial: Trial): SeatPlan | string {
  const shown = useDeferredValue(project);
  return useMemo(() => planOf(shown, catalogue, settings, trial), [shown, catalogue, settings, trial]);
}
