import { useDeferredValue, useMemo, useState } from 'react';
import { formatLength, WRIST, type Units } from '../../core/measure';
import { lookUp, checkProject, type Catalogue, type Project } from '../../core/project';
import { exampleSeat, planSeat, type SeatPlan } from '../../core/seat';
import { SKILLS, type Settings, type Skill } from '../../core/studio';
import { countOf } from '../../core/fit';
import { LengthField } from '../../ui/fields/length-field';
import { Messages } from '../../ui/messages';
import { Strip } from '../../ui/strip';
import { Pick } from './fields';
import { Heads, num } from '../../ui/heads';

/** The piece planned as it stands, or why it cannot be. */
function planOf(
  project: Project,
  catalogue: Catalogue,
  settings: Settings,
  wrist: number,
  skill: Skill,
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

/** Strip, fit, cuts, bag, minutes and messages of the piece, following as it is composed. */
export function Preview({
  project,
  catalogue,
  settings,
  units,
}: {
  project: Project;
  catalogue: Catalogue;
  settings: Settings;
  units: Units;
}) {
  const [wrist, setWrist] = useState(170);
  const [skill, setSkill] = useState<Skill>('steady');
  const shown = useDeferredValue(project);
  const plan = useMemo(
    () => planOf(shown, catalogue, settings, wrist, skill),
    [shown, catalogue, settings, wrist, skill],
  );
  return (
    <section aria-label="As it comes out" className="sticky top-0 max-h-screen overflow-y-auto py-3 pl-6">
      <div className="flex items-center gap-3">
        <span className="inline-flex items-center gap-1 text-sm">
          <span className="quiet">Wrist</span>
          <span className="w-24">
            <LengthField
              label="Wrist to try"
              value={wrist}
              units={units}
              girth={WRIST}
              onChange={(mm) => mm !== null && setWrist(mm)}
            />
          </span>
        </span>
        <Pick label="Skill" value={skill} options={SKILLS.map((s) => [s, s] as const)} onChange={setSkill} />
      </div>
      <div aria-live="polite">
        {typeof plan === 'string' ? (
          <p className="mt-3 border border-error p-3 text-error">
            <strong>It cannot be made like this:</strong> {plan}
          </p>
        ) : (
          <>
            <p className="quiet mt-2 text-sm">Front</p>
            <Strip plan={plan} side="front" units={units} />
            <p className="quiet text-sm">Back</p>
            <Strip plan={plan} side="back" units={units} />
            {plan.messages.length > 0 && (
              <div className="mt-2">
                <Messages messages={plan.messages} />
              </div>
            )}
            {plan.fit && plan.cut && (
              <table className="sheet mt-3 text-sm">
                <caption className="text-left">
                  <strong>{countOf(plan.fit)}</strong>, {formatLength(plan.fit.knotted_mm, units)} knotted,{' '}
                  {Math.abs(plan.fit.error_mm).toFixed(1)} mm {plan.fit.error_mm < 0 ? 'short' : 'long'}, about{' '}
                  {plan.minutes} min
                </caption>
                <Heads of={['Cut', 'Cord', num('Length')]} />
                <tbody>
                  {plan.cut.cuts.map((cut, i) => (
                    <tr key={i}>
                      <td>
                        {cut.pieces} × {cut.role}
                      </td>
                      <td>
                        {lookUp(catalogue.cords, cut.cord)?.name}, {cut.colour}
                      </td>
                      <td className="num font-semibold">{formatLength(cut.length_mm, units, 'up')}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            )}
            {plan.items.length > 0 && (
              <p className="mt-2 text-sm">
                In the bag:{' '}
                {plan.items
                  .map(({ item, count }) => `${count} × ${lookUp(catalogue.hardware, item)?.name ?? item}`)
                  .join(', ')}
                .
              </p>
            )}
            {plan.tools.length > 0 && <p className="quiet text-sm">At the table: {plan.tools.join(', ')}.</p>}
          </>
        )}
      </div>
    </section>
  );
}
