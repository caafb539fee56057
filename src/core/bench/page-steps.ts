import { safetyClass } from '../part';
import type { SeatPlan } from '../seat';
import { courseOf, type CountedStretch, type CourseStep } from './course';

/** Who leads, and what to do, of one tie of a stretch; `colour` is the slug of the leading strand's. */
export interface PageTie {
  readonly from: 'left' | 'right';
  readonly colour: string;
  readonly text: string;
  /** The names of its drawings. */
  readonly drawings: readonly string[];
}

/** A step as a seat's own page shows it: short words, its drawings, and what to mind. */
export interface PageStep {
  readonly id: string;
  readonly phase: CourseStep['phase'];
  readonly title: string;
  readonly text: string;
  readonly drawings: readonly string[];
  readonly caution: string;
  /** Of a step that is counted: from how many ties on, how many, and each tie of a repeat. */
  readonly count: {
    readonly from: number;
    readonly ties: number;
    readonly words: CountedStretch['words'];
    readonly each: readonly PageTie[];
    readonly watch: string;
  } | null;
}

const CAUTIONS = {
  heat: 'Not by yourself: an adult does this with you, at the station. Let it cool.',
  glue: 'Glue: window open, and only a little.',
  sharp: 'Scissors or needle: ask first, and give it back.',
  hands: '',
};

function countedStep({
  stretch,
}: {
  stretch: CountedStretch;
}): Pick<PageStep, 'title' | 'text' | 'drawings' | 'count'> {
  const { section, from, ties, words } = stretch;
  const { stitch } = section.runs[0]!;
  const last = `step-${stitch.steps.length - 1}-${stitch.slug}`;
  const single = section.runs.length === 1;
  const each = (single ? (stitch.leads ?? []) : []).map((lead, k): PageTie => ({
    from: lead.from,
    colour: section.colours[lead.strand] ?? '',
    text: lead.steps.map((step) => stitch.steps[step]!.text).join(' '),
    drawings: lead.steps.map((_, j) => `tie-${k}-${j}-${section.id}`),
  }));
  const names = section.runs.map((run) => run.stitch.name).join(', then ');
  return {
    title: names,
    text: stitch.steps.map(({ text }) => text).join(' '),
    drawings: each.length > 0 ? [] : [last],
    count: { from, ties, words, each, watch: stitch.watch },
  };
}

const TITLES: Partial<Record<CourseStep['phase'], readonly [title: string, text: string]>> = {
  settle: ['This is what you make', 'Find your bag, and lay out what is in it. Wait for the showing.'],
  check: [
    'Try it on',
    'Close it round the wrist. A finger goes under it? Good. Do not cut a tail before it fits: ask if it does not.',
  ],
  tidy: ['Done', 'Put scraps in one heap, and needles, pins and scissors back where they are counted.'],
};

/**
 * The steps of a seat's piece as its own page tells them.
 *
 * @example
 * pageSteps(plan).find(({ count }) => count).count.each[0].from // 'left'
 */
export function pageSteps(plan: SeatPlan): PageStep[] {
  return courseOf(plan).steps.map((step): PageStep => {
    const { id, phase, part, stretch } = step;
    const plain = { id, phase, caution: '', count: null, drawings: [] };
    if (stretch) return { ...plain, ...countedStep({ stretch }) };
    if (part)
      return {
        ...plain,
        title: part.part.name,
        text: part.part.step,
        drawings: [`part-0-${part.id}`, `part-last-${part.id}`],
        caution: CAUTIONS[safetyClass(part.part)],
      };
    const [title, text] = TITLES[phase] ?? ['', ''];
    const drawings = { settle: ['small-front', 'closed'], check: ['closed'] }[phase as string] ?? [];
    return { ...plain, title, text, drawings };
  });
}
