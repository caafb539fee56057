import { entry, type Catalogue } from '../catalogue';
import { present, type Choices } from '../choices';
import type { CordChoice } from '../options';
import type { PieceCord, PieceRequest } from './piece';
import type { Project } from '../project';

/** Other roles whose choice stands for one that was not made. */
const STAND_INS: Readonly<Record<string, readonly string[]>> = {
  core: ['whole', 'working'],
  working: ['whole', 'core'],
  whole: ['working', 'core'],
  slider: ['working', 'whole', 'core'],
  thread: [],
};

/** The choice for a role: the seat's, or its choice for a role that does the same work in other pieces. */
function choiceFor(project: Project, role: string, request: PieceRequest): CordChoice | undefined {
  const own = request.cords[role];
  if (own) return own;
  const roles = new Set<string>(project.cords.map((cord) => cord.role));
  // A role that the piece has itself keeps its own cord, but for the slider, which is the band's cord unless said otherwise.
  const standIn = STAND_INS[role]!.find((other) => request.cords[other] && (role === 'slider' || !roles.has(other)));
  return standIn === undefined ? undefined : request.cords[standIn];
}

/** Cords of the piece under its choices, each with its colour. */
export function chooseCords(
  project: Project,
  choices: Choices,
  request: PieceRequest,
  catalogue: Catalogue,
): PieceCord[] {
  return project.cords
    .filter((use) => present(use.when, choices))
    .map((use) => {
      const choice = choiceFor(project, use.role, request);
      const cord = entry(catalogue.cords, choice?.cord ?? use.default);
      // In one colour every cord takes the first.
      const index = use.colour % choices.colours;
      const colour =
        choice?.colours?.[index] ?? choice?.colours?.[0] ?? cord.colours[index % cord.colours.length]!.slug;
      return { use, cord, colour };
    });
}
