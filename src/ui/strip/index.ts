export { Strip } from './strip';
export { StepPicture } from './step-picture';
export { Closed } from './closed';
export { PartStep } from './part-step';
