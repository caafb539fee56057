import { planSeat, seatOf, type PlannedSeat } from '../seat';
import { labelsOf, seatsInWords, type Candidate, type RemedyFeature } from './remedy';

/** How many quicker pieces are offered of each kind. */
const OFFERED = 2;
/** A piece that takes more than this share of the time is not much quicker. */
const QUICKER = 0.75;

/** A shorter piece, or a fob in place of a band, for those who are slow. */
export const quickerPiece: RemedyFeature = ({ view, risk, figures }) => {
  const { settings, catalogue } = view.studio;
  const seats = risk.filter((seat) => !seat.kept && seat.plan.piece?.project.kind === 'bracelet');
  const [slowest] = seats;
  if (!slowest?.plan.minutes) return [];
  const own = seatOf(slowest.record, settings.school, catalogue.projects);
  const quick = Object.values(catalogue.projects)
    .filter(({ slug }) => !slug.includes('@') && slug !== slowest.record.project)
    .flatMap((project) => {
      const plan = planSeat({ ...own, project: project.slug, options: {}, cords: {} }, catalogue, figures);
      const fits = plan.minutes !== undefined && !plan.messages.some(({ level }) => level === 'error');
      return fits && plan.minutes <= slowest.plan.minutes! * QUICKER ? [{ project, minutes: plan.minutes }] : [];
    })
    .toSorted((a, b) => a.minutes - b.minutes);
  const offer = (all: typeof quick): Candidate[] =>
    all.slice(0, OFFERED).map(({ project }) => ({
      slug: `piece-${project.slug}`,
      what: `${project.name} instead, for ${seatsInWords(seats)}`,
      values: { project: project.slug, seats: labelsOf(seats) },
      cost: {},
      operation: { kind: 'seats', edits: seats.map(({ id }) => ({ id, changes: fresh(project.slug) })) },
    }));
  return [
    ...offer(quick.filter(({ project }) => project.kind === 'bracelet')),
    ...offer(quick.filter(({ project }) => project.kind !== 'bracelet')).slice(0, 1),
  ];
};

/** A project newly chosen begins with its own cords and options. */
const fresh = (project: string): Pick<PlannedSeat['record'], 'project' | 'options' | 'cords'> => ({
  project,
  options: {},
  cords: {},
});
