export { packStudio, packTexts } from './pack';
export { unpackStudio, type Unpacked } from './unpack';
export type { Tables } from './manifest';
