export { kitItems, toolsFor, type KitItem } from './kit';
