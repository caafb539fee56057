export {
  ProjectSchema,
  type LegStep,
  type Project,
  type ProjectCord,
  type ProjectPart,
  type ProjectSection,
} from './project';
export { idIn } from './leg-step';
export { hardwareOf, OptionsSchema, CordChoiceSchema, type CordChoice, type Options } from './options';
export { restsOf, SEQUENCE_ORDERS, type Sequence } from './sequence';
export {
  ACT_PHASES,
  ACT_UNITS,
  ActSchema,
  ActTextSchema,
  PLACEHOLDER_NAMES,
  type ActText,
  type ActUnit,
  type ProjectAct,
} from './act';
export { ACT_PICTURES, type ActPicture } from './act-pictures';
export { lookUp, type Catalogue } from './catalogue';
export { type Choices } from './choices';
export {
  groupsOf,
  inCord,
  isSection,
  type Piece,
  type PieceClosure,
  type PieceCord,
  type PiecePart,
  type PieceRequest,
  type PieceRun,
  type PieceSection,
} from './piece/piece';
export { drawOf, MadeCountSchema, type MadeCount } from './piece/draw';
export { resolvePiece } from './piece/resolve';
export { checkProject, PROJECT_RULES } from './check-project';
export { BLANK_PROJECT } from './blank';
