export { Strip, stripWords } from './strip';
export { Closed, closedWords } from './closed/closed';
export { framesOf, partWords } from './part-step';
export { FaultPicture } from './fault-picture';
export { TiePicture } from './tie-picture';
export { Zoom } from './zoom';
