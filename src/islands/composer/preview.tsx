import { number } from '../../ui/words/region';
import { formatLength, type Units } from '../../core/measure';
import { lookUp, type Catalogue, type Project } from '../../core/project';
import type { Settings } from '../../core/studio';
import { bandCount, type CountWords } from '../../core/making';
import { Messages } from '../../ui/messages';
import { Heads, num } from '../../ui/heads';
import { ClosedPicture, useSmall } from './closed-picture';
import { usePlan, type Trial } from './trial';

/** Fit, cuts, bag, minutes and messages of the piece, following as it is composed. */
export function Preview({
  project,
  catalogue,
  settings,
  units,
  words,
  trial,
  files,
}: {
  project: Project;
  catalogue: Catalogue;
  settings: Settings;
  units: Units;
  words: CountWords;
  trial: Trial;
  /** Where the server’s drawings of it as it stands are; null where there are none. */
  files: string | null;
}) {
  const plan = usePlan(project, catalogue, settings, trial);
  const isSmall = useSmall();
  const count =
    typeof plan !== 'string' && plan.piece && plan.fit ? bandCount({ piece: plan.piece, fit: plan.fit }, words) : '';
  return (
    <section aria-label="As it comes out" className="py-3 pl-6 narrow:pl-0">
      {isSmall && typeof plan !== 'string' && <ClosedPicture plan={plan} units={units} files={files} />}
      <div aria-live="polite">
        {typeof plan !== 'string' && (
          <>
            {plan.messages.length > 0 && (
              <div className="mt-2">
                <Messages messages={plan.messages} units={units} />
              </div>
            )}
            {plan.fit && plan.cut && (
              <table className="sheet mt-3 text-sm">
                <caption className="text-left">
                  {count && <strong>{count}, </strong>}
                  {formatLength(plan.fit.knotted_mm, units)} knotted: {number(Math.abs(plan.fit.error_mm), 1)} mm{' '}
                  {plan.fit.error_mm < 0 ? 'less' : 'more'} than the size asks; about {plan.minutes} min
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
