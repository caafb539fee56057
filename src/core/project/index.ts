export { ProjectSchema, type LegStep, type Project } from './project';
export { OptionsSchema, CordChoiceSchema, type CordChoice, type Options } from './options';
export { type Catalogue, entry } from './catalogue';
export { resolvePiece, type Piece, type PieceCord, type PieceRequest } from './resolve';
