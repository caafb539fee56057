export { Strip, stripWords } from './strip';
export { Closed, closedWords } from './closed';
export { framesOf, partWords } from './part-step';
export { Zoom } from './zoom';
