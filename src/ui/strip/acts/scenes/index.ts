import type { ActPicture } from '../../../../core/project';
import type { Scene } from '../scene';
import { HOLDING } from './holding';
import { KNOTTING } from './knotting';
import { SPECIAL } from './special';
import { WEARING } from './wearing';

/** The scene of each picture that an act may name. */
export const SCENES: Readonly<Record<ActPicture, Scene>> = { ...HOLDING, ...KNOTTING, ...WEARING, ...SPECIAL };
