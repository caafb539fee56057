import type { MakingStep } from '../../../core/making';
import type { SeatPlan } from '../../../core/seat';
import { framesOf } from './part-step';

/** A page's steps with only those drawings that there are: a part may have no picture, or one. */
export function drawnSteps(steps: readonly MakingStep[], plan: SeatPlan): MakingStep[] {
  const framesFor = (name: string): number => {
    const item = plan.piece?.parts[name.replace(/^part-(0|1|last)-/, '')];
    return item ? framesOf(item, plan) : 0;
  };
  return steps.map((step) => ({
    ...step,
    drawings: step.drawings.filter((name) =>
      /^part-[01]-/.test(name)
        ? framesFor(name) > 1
        : name.startsWith('part-last-')
          ? // Where there is a picture of what hands do, a part that is hardly more than a line says nothing beside it.
            framesFor(name) > (step.drawings[0]!.startsWith('act-') ? 1 : 0)
          : name !== 'closed' || plan.piece?.project.kind === 'bracelet',
    ),
  }));
}
