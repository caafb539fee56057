export * from './item';
export * from './movement';
export { weigh, type Weighing } from './weigh';
export { levelsOf, type Level } from './levels';
export { outlook, type Coming, type Need, type Outlook, type OutlookLine, type Stock } from './outlook';
export { notOnShelf, type Free } from './not-on-shelf';
export { orderGroups, usualWay, waysToBuy, type Bought, type OrderGroup, type Way } from './ways';
export {
  KeySchema,
  LeftoverSchema,
  LotLabelSchema,
  LotMoveSchema,
  PlaceSchema,
  ReceiptSchema,
  type Leftover,
  type LotLabel,
  type LotMove,
  type Receipt,
} from './requests';
