import { useDeferredValue, useMemo } from 'react';
import { checkProject, type Catalogue, type Project } from '../../core/project';
import { exampleSeat, planSeat, USUAL_WRIST, type SeatPlan } from '../../core/seat';
import type { Settings, Skill } from '../../core/studio';

/** Who a piece is tried on. */
export interface Trial {
  readonly wrist: number;
  readonly skill: Skill;
}

/** Who drawings of a project are of. */
export const FIRST_TRIAL: Trial = { wrist: USUAL_WRIST, skill: 'steady' };

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

/** What was planned last: the piece on top and what it comes to ask for the same. */
let latest: { readonly of: Parameters<typeof planOf>; readonly plan: SeatPlan | string } | null = null;

function planOnce(...of: Parameters<typeof planOf>): SeatPlan | string {
  if (!latest || latest.of.some((one, i) => one !== of[i])) latest = { of, plan: planOf(...of) };
  return latest.plan;
}

/** The piece planned as it stands, following at leisure while it is changed. */
export function usePlan(project: Project, catalogue: Catalogue, settings: Settings, trial: Trial): SeatPlan | string {
  const shown = useDeferredValue(project);
  return useMemo(() => planOnce(shown, catalogue, settings, trial), [shown, catalogue, settings, trial]);
}
