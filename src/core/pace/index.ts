export { workingMinutes } from './minutes';
