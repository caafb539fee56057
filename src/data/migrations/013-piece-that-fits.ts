import type { Migration } from './migration';

const methods = (more: string): string => `
  ALTER TABLE seats DROP CONSTRAINT seats_wrist_method_check;
  ALTER TABLE seats ADD CONSTRAINT seats_wrist_method_check CHECK (wrist_method IN ('tape', 'strip', 'told', 'estimate'${more}));`;

/** A seat’s size may also be the overall length of a piece that fits. */
export const pieceThatFits: Migration = {
  name: '013-piece-that-fits',
  up: methods(", 'piece'"),
  down: `UPDATE seats SET wrist_mm = NULL, wrist_method = NULL, wrist_on = NULL WHERE wrist_method = 'piece'; ${methods('')}`,
};
