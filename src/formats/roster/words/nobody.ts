const PLACE = '(?:seat|place|chair|spot|slot|space|stool)s?';
const FREE =
  '(?:nobody|no[ -]?one|none|(?:kept|left|held) (?:free|open|empty)|empty|free|spare|vacant|vacancy|available|open|unallocated|unassigned|unfilled|unbooked|untaken|not (?:yet )?(?:taken|filled|booked|allocated))';
const STILL = '(?:(?:is|still|currently|as yet|so far|at the moment|an?|one|yet|here|now|left) )*';
/** A place that nobody has: “seat 5 still free”. */
const EMPTY = new RegExp(
  `^(?:#?\\d{1,3} )?(?:${PLACE} (?:\\d{1,3} )?)?${STILL}${FREE} (?:${PLACE} )?(?:\\d{1,3} )?${STILL}$`,
  'iu',
);
/** A name that is still to come. */
const UNNAMED =
  /^(?:(?:names? )?(?:unknown|not known|to follow|to come|tbc|tba|tbd|to be (?:confirmed|announced|named)|missing|pending)|n n|someone|somebody|anon|anonymous|reserved|held)(?: yet)? $/iu;

/** The words of a stretch, each with a space behind it: what stands between them says nothing here. No text takes it more than one pass. */
const wordsOf = (text: string): string =>
  (text.match(/[\p{L}\p{M}\d]+(?:['’-][\p{L}\p{M}\d]+)*/gu) ?? []).map((word) => `${word} `).join('');

/** Whether a line or a cell says that a place is nobody’s: “nobody yet”, “seat 5: free”. */
export const isEmptyPlace = (text: string): boolean => EMPTY.test(wordsOf(text));

/** Whether words stand where a name would and are none: nobody’s, or one that is still to come. */
export const isNobody = (text: string): boolean => isEmptyPlace(text) || UNNAMED.test(wordsOf(text));
