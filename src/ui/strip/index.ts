export { Strip, stripSize, stripWords } from './strip';
export { Closed, closedWords } from './closed/closed';
export { framesOf, partWords } from './steps/part-step';
export { FaultPicture } from './fault-picture';
export { TiePicture } from './steps/tie-picture';
export { Zoom } from './zoom';
