import { memo, Suspense } from 'react';
import { WRIST, type Units } from '../../core/measure';
import type { Catalogue, Project } from '../../core/project';
import { SKILLS, type Settings } from '../../core/studio';
import { LengthField } from '../../ui/fields/length-field';
import { Strip, StripFile, stripSize, stripWords, Zoom } from '../../ui/strip';
import type { SeatPlan } from '../../core/seat';
import { ClosedPicture, useSmall } from './closed-picture';
import { Pick } from './fields';
import { usePlan, type Trial } from './trial';

interface PieceProps {
  readonly project: Project;
  readonly catalogue: Catalogue;
  readonly settings: Settings;
  readonly units: Units;
  readonly trial: Trial;
  readonly onTry: (trial: Trial) => void;
  /** Where the server’s drawings of it as it stands are; null once it is changed, or where there are none. */
  readonly files: string | null;
}

/** The piece as wide as the page, front and back, over what it is made of; and who it is tried on. Taken over after the fields under it. */
export const PieceOnTop = memo(function PieceOnTop(props: PieceProps) {
  return (
    <Suspense fallback={null}>
      <Piece {...props} />
    </Suspense>
  );
});

/** A side of the piece: the server’s file of it while there is one, so that nothing is drawn twice before the page can be used. */
function Side({
  plan,
  side,
  units,
  files,
  wider,
}: {
  plan: SeatPlan;
  side: 'front' | 'back';
  units: Units;
  files: string | null;
  wider: number;
}) {
  const ruler = side === 'front';
  if (files === null) return <Strip plan={plan} side={side} units={units} ruler={ruler} />;
  const name = ruler ? 'ruled-front' : 'back';
  return (
    <StripFile
      src={`${files}${name}.svg`}
      coarse={`${files}small-${name}.svg`}
      words={stripWords(plan, side, units)}
      size={stripSize(plan, ruler)}
      wider={wider}
    />
  );
}

function Piece({ project, catalogue, settings, units, trial, onTry, files }: PieceProps) {
  const plan = usePlan(project, catalogue, settings, trial);
  const isSmall = useSmall();
  return (
    <section aria-label="The piece" className="border-b hair bg-base-100 pt-1 pb-2 tall:sticky tall:top-0 tall:z-10">
      <div className="flex items-center gap-3">
        <span className="inline-flex items-center gap-1 text-sm">
          <span className="quiet">Wrist</span>
          <span className="w-24 rounded-sm border hair">
            <LengthField
              label="Wrist to try"
              value={trial.wrist}
              units={units}
              girth={WRIST}
              onChange={(wrist) => wrist !== null && onTry({ ...trial, wrist })}
            />
          </span>
        </span>
        <Pick
          label="Skill"
          value={trial.skill}
          options={SKILLS.map((s) => [s, s] as const)}
          onChange={(skill) => onTry({ ...trial, skill })}
        />
      </div>
      {typeof plan === 'string' ? (
        <p className="mt-2 text-error">
          <strong>It cannot be made like this:</strong> {plan}
        </p>
      ) : (
        <div className="mt-1 grid grid-cols-[minmax(0,1fr)_16rem] items-center gap-4 max-sm:grid-cols-[minmax(0,1fr)]">
          <div>
            {(['front', 'back'] as const).map((side) => (
              <Zoom key={side} title={side === 'front' ? 'Front' : 'Back'}>
                {(wider) => <Side plan={plan} side={side} units={units} files={files} wider={wider} />}
              </Zoom>
            ))}
          </div>
          {!isSmall && (
            <div className="max-sm:hidden">
              <ClosedPicture plan={plan} units={units} files={files} />
            </div>
          )}
        </div>
      )}
    </section>
  );
}
