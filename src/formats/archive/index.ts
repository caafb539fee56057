export { ArchiveError, readArchive, type ArchiveFiles, type Batch } from './read-archive';
export { manifestOf, type Row, type Tables } from './manifest';
export { ROWS } from './rows';
