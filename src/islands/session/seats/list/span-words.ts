import type { Column, Span } from '../../../../app/session/roster';

/** What a stretch was read as, in a word under it; nothing for what only holds the line together. */
export const SPAN_WORDS: Readonly<Record<Span['as'], string>> = {
  name: 'name',
  wrist: 'wrist',
  hand: 'hand',
  age: 'age',
  skill: 'skill',
  project: 'piece',
  colour: 'colour',
  skin: 'skin',
  option: 'choice',
  note: 'note',
  rest: '?',
  line: '?',
  noise: '',
};

/** What a column is read as. */
export const COLUMN_WORDS: Readonly<Record<Column['as'], string>> = {
  name: 'name',
  first: 'first name',
  last: 'last name',
  age: 'age',
  wrist: 'wrist',
  hand: 'hand',
  skill: 'skill',
  project: 'piece',
  colour: 'colour',
  skin: 'skin',
  note: 'note',
  number: 'a number, left out',
  contact: 'contact, left out',
  free: 'anything',
};
