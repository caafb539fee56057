export {
  ProjectSchema,
  type LegStep,
  type Project,
  type ProjectCord,
  type ProjectPart,
  type ProjectSection,
} from './project';
export { OptionsSchema, CordChoiceSchema, type CordChoice, type Options } from './options';
export { lookUp, type Catalogue } from './catalogue';
export { type Choices } from './choices';
export {
  inCord,
  isSection,
  type Piece,
  type PieceCord,
  type PiecePart,
  type PieceRequest,
  type PieceRun,
  type PieceSection,
} from './piece';
export { resolvePiece } from './resolve';
export { checkProject } from './check-project';
export { BLANK_PROJECT } from './blank';
