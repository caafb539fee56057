import type { Role } from '../roster-line';

/** How many places somebody takes. */
export const PLACES =
  /^(?:(?:number|no\.?) of |how many )?(?:places|seats|tickets|spaces|people)(?: booked)?$|^(?:qty|quantity)$/i;

/** A column in which everybody answers whether they come. */
export const COMING =
  /^(?:(?:are you |is (?:he|she) )?(?:coming|attending|going)|attendance|rsvp|status|(?:will|can) (?:you|they) come)\b.{0,20}$/i;
/** Whether an answer is a yes; one that is no plain yes is a no until somebody says otherwise. */
export const answerOf = (text: string): 'yes' | 'no' | null =>
  /^(?:y|yes|yep|yeah|coming|going|attending|confirmed|accepted|booked|true|1|x|✓|✔)[.!]?$/i.test(text)
    ? 'yes'
    : /^(?:n|no|nope|not\b.*|declined|cancelled|canceled|maybe|perhaps|tentative|false|0|✗|\?+)[.!]?$/i.test(text)
      ? 'no'
      : null;

/** Words of headings, the surest first: a heading is what the first of these that it has says. */
const HEADINGS: readonly (readonly [Role, RegExp])[] = [
  ['number', /^(?:#|no\.?|nr\.?|num(?:ber)?|id|seat|row|place)$/i],
  ['number', PLACES],
  // Lengths are told apart by themselves.
  ['number', /^units?$/i],
  [
    'contact',
    /e-?mail|ticket|phone|mobile|\btel\b|contact|parent|guardian|carer|emergency|address|postcode|booked|paid|payment|amount|order|\bgender\b|^sex$|^m ?\/ ?f$/i,
  ],
  ['skin', /allerg|skin|sensitiv|medical|reacts?|irritat/i],
  [
    'note',
    /notes?\b|comments?|bemerkung|remarque|opmerking|observaci|remarks?|anything|should (?:we|i) know|know about|information|\binfo\b|message|requests?|dietary|other/i,
  ],
  // A unit alone measures the wrist.
  ['wrist', /wrist|pols|handgelenk|poignet|muñeca|polso|^sizes?\??$|^[([]?(?:cms?|mm|inches|ins?\.?)[)\]]?$/i],
  ['hand', /\bhand\b|knuckle|hand girth/i],
  [
    'age',
    /\bages?\b|^alter$|^âge$|^leeftijd$|^edad$|^età$|geburtsda|how old|years? old|\byrs?\b|\bd\.?o\.?b\b|\bborn\b|\bbirth(?:day|date)?\b|^years?$/i,
  ],
  ['colour', /colou?rs?|farben?\b|couleurs?|kleur/i],
  [
    'skill',
    /skill|level|\blvl\b|experience|\bexp\b|ability|(?:done|tied|made|tried) (?:it|this|one|any|cord|knots?)?\s*before|before\?|how (?:much|good)|knotting before|standard/i,
  ],
  [
    'project',
    /project|projekt|projet|wunsch|piece|making|\bmake\b|\bitem\b|choice|choose|chosen|wants?|bracelet|product|model|what (?:are|do|will|would)|kind|\btype\b/i,
  ],
  ['first', /^(?:first|given|fore|christian)[ -]?names?$|^first$|^forename$|^vorname$|^prénoms?$|^voornaam$/i],
  [
    'last',
    /^(?:last|family|sur)[ -]?names?$|^last$|^surname$|^(?:nach|familien)name$|^nom de famille$|^achternaam$|^apellidos?$/i,
  ],
  [
    'name',
    /\bnames?\b|^nachname, vorname$|^noms?$|^naam$|^nombres?$|^nome$|teilnehmer|participant|^who\b|child\b|children|pupil|student|guest|attendee|maker|person|full name/i,
  ],
];

/** What a column holds by its heading; of questions in a form the number before them says nothing. */
export const roleOf = (heading: string): Role | null => {
  const text = heading.trim().replace(/^(?:q(?:uestion)? ?)?\d{1,2} ?[.:)] ?/i, '');
  if (text === '') return null;
  const scale = /\(.*?\)|\d ?(?:-|–|to|\/) ?\d{1,2}/g;
  if (/\d/.test(text.replace(scale, '')) || text.length > 60) return null;
  return HEADINGS.find(([, pattern]) => pattern.test(text))?.[0] ?? null;
};

/** The one unit in a heading, such as `Wrist (cm)` or `Wrist in inches`, for the bare numbers below it; two of them say none. */
export function unitIn(heading: string): string {
  const metric = /(?:^|[^\p{L}])(mm|cm|millimet|centimet)/iu.exec(heading)?.[1]?.slice(0, 1).toLowerCase();
  const imperial = /(?:^|[^\p{L}])(?:inch(?:es)?|ins?\.?\s*(?:$|[)\]]))/iu.test(heading);
  if (metric && imperial) return '';
  return metric ? (metric === 'm' ? 'mm' : 'cm') : imperial ? 'in' : '';
}
