export { Strip, stripWords } from './strip';
export { Closed, closedWords } from './closed/closed';
export { framesOf, partWords } from './part-step';
export { Zoom } from './zoom';
