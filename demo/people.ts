import type { NewSeat } from '../src/core/seat';

type DemoSeat = Omit<NewSeat, 'id'>;

const cord = (slug: string, ...colours: string[]): DemoSeat['cords'] => ({
  whole: { cord: slug, ...(colours.length > 0 && { colours }) },
});
const tape = (mm: number): Pick<DemoSeat, 'wrist_mm' | 'wrist_method'> => ({ wrist_mm: mm, wrist_method: 'tape' });
const guess = (mm: number): Pick<DemoSeat, 'wrist_mm' | 'wrist_method'> => ({ wrist_mm: mm, wrist_method: 'estimate' });

/** A children's club: everybody measured, everything cut. The smallest wrist, and a child who reacts to nickel. */
export const MILL_CLUB: readonly DemoSeat[] = [
  {
    name: 'Wren Ashlock',
    age: 9,
    skill: 'new',
    ...tape(146),
    project: 'band-buckle',
    cords: cord('sheathed-3', 'race'),
  },
  {
    name: 'Ivo Tarrant',
    age: 11,
    skill: 'steady',
    ...tape(152),
    project: 'band-buckle',
    cords: cord('sheathed-3', 'samphire', 'night'),
  },
  {
    name: 'Pia Lowmoor',
    age: 7,
    skill: 'new',
    ...tape(131),
    project: 'fob-ring',
    cords: cord('sheathed-3', 'lantern'),
  },
  {
    name: 'Una Weirside',
    age: 10,
    skill: 'new',
    ...tape(148),
    avoid: ['nickel'],
    project: 'fob-ring',
    cords: cord('sheathed-3', 'thrift'),
    options: { hardware: 'split-ring-steel-25' },
  },
  {
    name: 'Tam Reedmace',
    age: 8,
    skill: 'new',
    ...tape(138),
    project: 'band-buckle',
    cords: cord('sheathed-3', 'sail'),
  },
  {
    name: 'Nell Sedgely',
    age: 12,
    skill: 'fluent',
    ...tape(155),
    project: 'band-buckle',
    cords: cord('sheathed-4', 'oyster', 'race'),
  },
  {
    name: 'Kit Ostler',
    age: 6,
    skill: 'new',
    ...tape(118),
    project: 'band-buckle',
    cords: cord('sheathed-2', 'lantern'),
    note: 'Grandmother helps',
  },
  {
    name: 'Bram Kettlewell',
    age: 10,
    skill: 'steady',
    ...tape(150),
    project: 'fob-ring',
    cords: cord('sheathed-3', 'night'),
    options: { loop: 'wrist' },
    hand_mm: 188,
  },
  {
    name: 'Edda Quayle',
    age: 13,
    skill: 'steady',
    ...tape(157),
    project: 'band-buckle',
    cords: cord('sheathed-3', 'heron'),
  },
];

/** An evening class not yet ready: two estimates, a half-filled row, the largest wrist, nickel, cotton that no flame fuses. */
export const TIDE_CLUB: readonly DemoSeat[] = [
  {
    name: 'Orla Finchett',
    age: 34,
    skill: 'steady',
    ...tape(165),
    project: 'band-buckle',
    cords: cord('sheathed-4', 'race'),
  },
  {
    name: 'Goran Millrace',
    age: 52,
    skill: 'new',
    ...tape(236),
    project: 'band-buckle',
    cords: cord('sheathed-4', 'night'),
    ease: 'loose',
  },
  {
    name: 'Sunniva Holm',
    age: 41,
    skill: 'fluent',
    ...tape(158),
    avoid: ['nickel'],
    project: 'fob-ring',
    cords: cord('sheathed-3', 'thrift'),
  },
  {
    name: 'Davit Saltern',
    age: 29,
    skill: 'new',
    ...guess(168),
    project: 'reversible-slider',
  },
  {
    name: 'Maren Eelbrook',
    age: 67,
    skill: 'new',
    ...tape(172),
    avoid: ['synthetic'],
    project: 'band-buckle',
    cords: cord('cotton-3', 'reed'),
    ease: 'loose',
  },
  {
    name: 'Teo Windlass',
    age: 38,
    skill: 'steady',
    ...tape(181),
    project: 'ladder-wrap',
    options: { wraps: 2 },
  },
  {
    name: 'Ines Harbourne',
    age: 24,
    skill: 'new',
    ...tape(154),
    project: 'band-buckle',
    cords: cord('sheathed-4', 'thrift', 'oyster'),
  },
  {
    name: 'Rufus Sluice',
    age: 45,
    skill: 'steady',
    ...tape(186),
    hand_mm: 232,
    project: 'fob-ring',
    cords: cord('sheathed-4', 'race'),
    options: { loop: 'wrist', hardware: 'snap-hook-10' },
  },
  { name: 'Yara Mudge', skill: 'new', project: 'band-buckle' },
  {
    name: 'Cosmo Tidewell',
    age: 19,
    skill: 'new',
    ...guess(168),
    project: 'class-band-bead',
  },
  {
    name: 'Hette Brack',
    age: 58,
    skill: 'fluent',
    ...tape(169),
    project: 'double-spiral',
  },
  {
    name: 'Lorcan Spill',
    age: 31,
    skill: 'steady',
    ...tape(176),
    project: 'band-buckle',
    cords: cord('sheathed-4', 'samphire'),
    options: { hardware: 'buckle-10' },
  },
];

/** A drop-in only just begun: names as they came in by telephone. */
export const HARBOUR_FAIR: readonly DemoSeat[] = [
  { name: 'Asta Groyne', age: 15, skill: 'new', project: 'fob-ring', options: { loop: 'neck' } },
  { name: 'Piet Marram', age: 36 },
  { name: 'Wren Ashlock' },
  { name: 'Solveig Dunn', age: 72, skill: 'steady' },
  { name: 'Idris Cockle', age: 9 },
  { name: 'Fenna Staithe' },
  { name: 'Oskar Lugger', age: 44, skill: 'fluent' },
  { name: 'Mabel Crake' },
  { name: 'Jory Ness', age: 17 },
  { name: 'Bea Saltings' },
].map((seat): DemoSeat => ({ skill: 'new', ...seat }) as DemoSeat);

/** Grown-ups in their lunch hour: under way, all cut, and more of them at the flame than the hour has room for. */
export const SLUICE_HOUSE: readonly DemoSeat[] = (
  [
    ['Bettany Weir', 34, 'steady', 164],
    ['Corin Saltmarsh', 41, 'new', 182],
    ['Delphine Ooze', 29, 'new', 158],
    ['Emrys Bargeman', 52, 'steady', 176],
    ['Fenella Reach', 38, 'new', 161],
    ['Gwil Towpath', 47, 'new', 179],
    ['Hild Cockle', 33, 'fluent', 155],
    ['Jory Flood', 26, 'new', 172],
  ] as const
).map(([name, age, skill, mm]) => ({
  name,
  age,
  skill,
  ...tape(mm),
  project: 'band-buckle',
  cords: cord('sheathed-4', 'race'),
}));
