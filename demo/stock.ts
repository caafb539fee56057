import type { LotKind } from '../src/core/shelf';

/** One line of the mill's shelf: so many lots alike, mm of cord or pieces. */
export interface DemoStock {
  readonly item: string;
  readonly kind: LotKind;
  readonly amounts: readonly number[];
  readonly place: string;
  /** Grams of the empty spool. */
  readonly tare?: number;
  /** Of a consumable or tool: what it is called. */
  readonly name?: string;
}

/** The trust's shelf: begun spools, offcuts of earlier sessions, unopened packs, and not enough of everything. */
export const MILL_SHELF: readonly DemoStock[] = [
  { item: 'cord/sheathed-4/race', kind: 'spool', amounts: [9400, 21_500], place: 'Wheel loft, rack A', tare: 62 },
  { item: 'cord/sheathed-4/race', kind: 'offcut', amounts: [2650, 2380, 1240], place: 'Offcut tray' },
  { item: 'cord/sheathed-4/night', kind: 'spool', amounts: [14_200], place: 'Wheel loft, rack A', tare: 62 },
  { item: 'cord/sheathed-4/oyster', kind: 'pack', amounts: [30_000], place: 'Wheel loft, rack A' },
  { item: 'cord/sheathed-4/samphire', kind: 'offcut', amounts: [2100, 900], place: 'Offcut tray' },
  { item: 'cord/sheathed-4/thrift', kind: 'hank', amounts: [8000], place: 'Wheel loft, rack A' },
  { item: 'cord/sheathed-3/thrift', kind: 'spool', amounts: [17_300], place: 'Wheel loft, rack B', tare: 48 },
  { item: 'cord/sheathed-3/race', kind: 'spool', amounts: [11_900], place: 'Wheel loft, rack B', tare: 48 },
  { item: 'cord/sheathed-3/samphire', kind: 'pack', amounts: [30_000], place: 'Wheel loft, rack B' },
  { item: 'cord/sheathed-3/night', kind: 'spool', amounts: [26_400], place: 'Wheel loft, rack B', tare: 48 },
  { item: 'cord/sheathed-3/lantern', kind: 'spool', amounts: [19_000], place: 'Wheel loft, rack B', tare: 48 },
  { item: 'cord/sheathed-3/heron', kind: 'offcut', amounts: [3300, 2900], place: 'Offcut tray' },
  { item: 'cord/sheathed-3/sail', kind: 'spool', amounts: [22_000], place: 'Wheel loft, rack B', tare: 48 },
  { item: 'cord/sheathed-2/lantern', kind: 'spool', amounts: [15_000], place: 'Wheel loft, rack B', tare: 31 },
  { item: 'cord/satin-2/race', kind: 'pack', amounts: [30_000, 30_000], place: 'Drawer 3' },
  { item: 'cord/cotton-3/reed', kind: 'hank', amounts: [12_000], place: 'Drawer 5' },
  { item: 'hardware/buckle-15', kind: 'bag', amounts: [24], place: 'Tin 1' },
  { item: 'hardware/buckle-10', kind: 'bag', amounts: [6], place: 'Tin 1' },
  { item: 'hardware/split-ring-25', kind: 'bag', amounts: [30], place: 'Tin 2' },
  { item: 'hardware/split-ring-steel-25', kind: 'bag', amounts: [12], place: 'Tin 2' },
  { item: 'hardware/bead-10', kind: 'bag', amounts: [40], place: 'Tin 4' },
  { item: 'consumable/kit-bag', name: 'Kit bag', kind: 'bag', amounts: [25], place: 'Packing bench' },
  { item: 'tool/scissors', name: 'Scissors', kind: 'bag', amounts: [6], place: 'Tool wall' },
  { item: 'tool/small-lighter', name: 'Small lighter', kind: 'bag', amounts: [3], place: 'Locked drawer' },
  { item: 'tool/ruler', name: 'Ruler', kind: 'bag', amounts: [5], place: 'Tool wall' },
  { item: 'tool/glue', name: 'Glue', kind: 'bag', amounts: [4], place: 'Tool wall' },
  { item: 'tool/clip', name: 'Clip', kind: 'bag', amounts: [12], place: 'Tool wall' },
];
