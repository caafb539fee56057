export { packStudio, packTexts } from './pack';
export { unpackStudio } from './unpack';
export type { Tables } from './manifest';
