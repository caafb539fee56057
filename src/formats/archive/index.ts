export { packStudio, packTexts } from './pack';
export { unpackStudio, type Unpacked } from './unpack';
export { LEVEL, type Tables } from './manifest';
