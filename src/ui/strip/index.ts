export { Strip, stripSize, stripWords } from './strip';
export { Closed, closedSize, closedWords } from './closed/closed';
export { framesOf } from './steps/part-step';
export { FaultPicture } from './fault-picture';
export { TiePicture } from './steps/tie-picture';
export { StripFile } from './strip-file';
export { Zoom } from './zoom';
