import { wordsIn } from './vocabulary';

const set = (words: string): ReadonlySet<string> => new Set(words.split(' '));

/** Words that hold a line together and say nothing of a seat by themselves. */
export const NOISE = set(
  'please pls plz and with in a an the for wants want would like likes making makes make one piece band bands bracelet bracelets cord cords both each is are has his her their of to thanks thank you also size circumference circ girth around round wrist wrists skill level experience name names x ok yes no none nil nothing na n/a tbc tba paid unpaid confirmed booked colour colours color colors project age aged years old keychain keychains',
);

/** Words of sentences: two of them, and a line without measures is a text, not a person. */
const SENTENCE = set(
  'the is are was were we you your our my me i they them it its this that these those here there please thanks thank see let know if so but because will would could should can shall have has had be been from all everyone everybody anyone who what when where which how any some send bring come coming came look looking forward tell ask need needs sorry just get got put do does did not dont don’t can’t cannot at on by about for with and or to of as up out then',
);

/** A word in small letters that belongs to a sentence around a name. */
export const isFiller = (word: string): boolean =>
  word === word.toLowerCase() && SENTENCE.has(word.replace(/[?!.,:;]+$/, ''));

const GREETING =
  /^(?:hi|hello|hey|dear|good (?:morning|afternoon|evening)|greetings|welcome|morning|evening)(?!\p{L})/iu;
const SIGN_OFF =
  /^(?:thanks|thank you|many thanks|best(?: wishes| regards)?|kind(?:est)? regards|regards|warm(?:est)? (?:wishes|regards)|cheers|yours|love|see you|sincerely|all the best|take care|bye|x+|sent from|ps|p\.s\.|cc|fwd?|re|subject|from|to|date)(?!\p{L})[ .,:;!–—-]*/iu;

/** Words that head a part of a list, or name the list, and are nobody's name. */
const HEADING = set(
  'table tables group groups session sessions class classes workshop workshops list lists register attendees attendance participants participant booking bookings guests morning afternoon evening monday tuesday wednesday thursday friday saturday sunday mon tue wed thu fri sat sun sign signup sign-up sheet makers club course event party children kids boys girls men women ladies gents teens families adults juniors seniors beginners places week term spring summer autumn winter january february march april june july august september october november december total names bracelets keychains waiting reserve reserves confirmed cancelled cancellations room',
);
/** Words that begin what is said to everybody. */
const SAYING = set(
  'reminder reminders note notes nb ps fyi info information update deadline payment payments materials parking venue time date cost price address hi hello hey dear morning afternoon evening everyone everybody all team folks sorry also remember today tomorrow yesterday important question questions anyway well actually ok okay right yes no lunch tea coffee doors',
);
const ORGANISATION = set(
  'trust centre center school college library ltd limited council association society church hall studio academy institute museum gallery charity foundation committee community cic llp inc guild arts',
);
/** Months and days that people are called by: alone they head nothing. */
const ALSO_NAMES = set('april june may august summer autumn kay sunday wednesday class hall church');

/** Whether a word heads a part of a list, or names the list. */
export const isHeadingWord = (word: string): boolean => HEADING.has(word.toLowerCase());

/** Whether a line says something to everybody: “Note: …”. */
export const isSaying = (text: string): boolean => SAYING.has(/^(\p{L}+):/u.exec(text)?.[1]?.toLowerCase() ?? '');
export const isGreeting = (text: string): boolean => GREETING.test(text);
export const isSignOff = (text: string): boolean => SIGN_OFF.test(text);
/** Whether a line says who wrote what is quoted below it: “On 12 Nov Morag wrote:”. */
export const isQuoting = (text: string): boolean => /^on .{3,80} wrote:?$/iu.test(text);
export const isTotal = (text: string): boolean =>
  /^(?:sub)?total(?!\p{L})|^(?:sum|in all|altogether|count(?! me))(?!\p{L})|^(?:we(?:['’]re| are)|that(?:['’]s| is| makes)|makes) \d+ (?:in (?:total|all)|of us|altogether)(?!\p{L})|^\d+ (?:people|places|seats|children|kids|in all|altogether|spaces|names)(?!\p{L})/iu.test(
    text,
  );

/** Whether a line is a rule, an empty place or marks alone. */
export const isBlank = (text: string): boolean => !/\p{L}/u.test(text.replace(/^\s*#?\d{1,3}\s*[.):-]?/, ''));

/** Whether a line without measures reads as a sentence. */
export function isSentence(text: string): boolean {
  const words = text.match(/[\p{L}\p{M}'’]+/gu) ?? [];
  const lower = words.filter((word) => SENTENCE.has(word.toLowerCase()) && word[0] === word[0]!.toLowerCase());
  return (
    isGreeting(text) ||
    isSaying(text) ||
    lower.length >= 2 ||
    (words.length >= 4 && lower.length >= 1) ||
    (/[!?]$/.test(text) && lower.length >= 1)
  );
}

/** Whether a line begins as one that is said to everybody: “The buckles contain nickel”. */
export const isTold = (text: string): boolean =>
  /^(?:The|There|These|This|Those|All|Our|We|Please|If|You|Your|It|Both) \p{Ll}/u.test(text);

/** What a list is of, in a line of its own: “Party for Tam”, “Tam’s 8th birthday party”. */
const TITLE =
  /^(?:\p{L}+ ){0,3}(?:party|workshop|session|class|group|booking|event|list)\s+(?:for|of|on|at)(?!\p{L})|(?:['’]s|s['’]) (?:\d{1,3}(?:st|nd|rd|th) )?(?:birthday )?(?:party|birthday|class|session|workshop|group)(?!\p{L})/iu;
/** When it is: a day with its month and the year or the day of the week, or from one hour to another. */
const WHEN =
  /\d{1,2}[:.]\d{2} ?(?:[ap]m)? ?(?:-|–|—|to|until|till) ?\d{1,2}[:.]\d{2}|(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*\.?,? (?:the )?\d{1,2}(?:st|nd|rd|th)? (?:of )?(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)/iu;
/** People of the session who take no seat of it. */
const CREW =
  /^(?:helpers?|volunteers?|staff|assistants?|tutors?|teachers?|instructors?|leaders?|organi[sz]ers?|hosts?)\s*[:–—-]/iu;
export const isTitle = (text: string): boolean => TITLE.test(text) || WHEN.test(text);
export const isCrew = (text: string): boolean => CREW.test(text);

/** A name set off by a mark, “Xan - will bring wrist size”, or by a number and few words more, “Quill 16 snug please”. */
const SET_OFF = /^([\p{L}\p{M}'’ -]{2,40}?)\s*(?: [–—-] |[,:(])/u;
const BY_NUMBER = /^([\p{L}\p{M}'’ -]{2,40}?) \d{1,2}(?![\d:/]) ?(.*)$/u;

/** Whether a line begins with somebody’s name and goes on to say something of them. */
export function namesFirst(text: string): boolean {
  const [, numbered = '', after = ''] = BY_NUMBER.exec(text) ?? [];
  const name = SET_OFF.exec(text)?.[1] ?? (isSentence(after) ? '' : numbered);
  const words = name.trim().split(/\s+/);
  return (
    words.length <= 3 &&
    words.every(
      (word) =>
        /^\p{Lu}\p{Ll}/u.test(word) &&
        !SENTENCE.has(word.toLowerCase()) &&
        !HEADING.has(word.toLowerCase()) &&
        !NOISE.has(word.toLowerCase()) &&
        !SAYING.has(word.toLowerCase()),
    )
  );
}

/** Whether words name an organisation: “the Venn Trust”. */
export function isOrganisation(text: string): boolean {
  const words = wordsIn(text);
  return words.length >= 3 && words.some((word) => ORGANISATION.has(word));
}

/** Whether a line without measures heads what comes, by its words. */
export function isHeading(text: string): boolean {
  const words = wordsIn(text);
  const heading = words.filter((word) => HEADING.has(word) && !(ALSO_NAMES.has(word) && words.length <= 2));
  if (/:\s*$/.test(text)) return true;
  if (heading.length > 0 && (words.length <= 2 || heading.length >= words.length / 3)) return true;
  if (isOrganisation(text)) return true;
  // Capitals throughout, of more words than a name has.
  return words.length >= 4 && text === text.toUpperCase();
}

/** A list's own marks before what is written on a line: bullets, numbers, ticks, a key, signs of a quoted mail. */
export function leadingMarks(text: string, from: number, to: number): number {
  let at = from;
  for (;;) {
    const rest = text.slice(at, Math.min(to, at + 24));
    const mark =
      /^[\s>•*·▪◦●○■□☐☑☒✓✔✗✘✅❌❎_–—-]+(?=[^\d\s]|\s|\d)/u.exec(rest) ??
      /^\[[ xX✓✗]?\]\s*/u.exec(rest) ??
      /^#?\(?\d{1,3}[.)](?!\d)\s*/.exec(rest) ??
      /^#\d{1,3}\s+/.exec(rest) ??
      /^(?:seat|place|chair|spot|bag|no|nr)\.? ?#?\d{1,3}\s?[:.)–—-]\s+/i.exec(rest) ??
      /^\+\s+(?=\p{Lu})/u.exec(rest) ??
      /^(?:name|who|participant)\s*[:=]\s*/i.exec(rest) ??
      /^(?:and|also|then|plus)\s+(?=\p{Lu})/u.exec(rest);
    if (!mark || mark[0].length === 0) return at;
    // A minus before a number, or a dash alone, is no bullet of a text that goes on without a space.
    at += mark[0].length;
  }
}

export const CANCELLED =
  /(?:^|[^\p{L}])(?:cancel(?:led|ed|s|lation)?|(?:can[’']?t|cannot|can not|not able to|unable to) (?:make (?:it|this|that)|come|attend|manage it|do (?:it|this|that)(?: one)?(?=\s*(?:$|[,;.!)]|x$)))|not (?:coming|attending)|(?:absent|declined|no[- ]show)(?=\s*(?:$|[,;.!)|]))|no longer coming|dropped out|has to drop out|won[’']?t be coming|withdrawn|won[’']?t make it)(?!\p{L})/iu;
/** Whether a line says of somebody by name that they are not coming. */
export function cancelsSomebody(text: string): boolean {
  if (!CANCELLED.test(text)) return false;
  const others = text.replace(CANCELLED, ' ').match(/[\p{L}\p{M}'’]+/gu) ?? [];
  return others.some((word) => /^\p{Lu}/u.test(word) && !isHeadingWord(word));
}
export const MAYBE =
  /(?:^|[^\p{L}])(?:reserves?|waiting list|wait list|waitlist|waiting(?=\))|standby|stand-by|if there is (?:room|space)|provisional(?:ly)?|(?:maybe|perhaps|possibles?)(?=\s*:)|a maybe|(?:maybe|possibly|perhaps) coming|tentative(?:ly)?|(?:might|may) (?:come|make it|be able)|not sure if)(?!\p{L})/iu;
export const PLUS_ONE =
  /(?<=\p{L} )[x×] ?[2-9](?![\d.,]|\p{L})|\+ ?(?:1|one|2|two|guest|friend|sister|brother|mum|dad)(?!\p{L})(?: (?:friend|guest|more))?|(?:^|[^\p{L}])(?:plus (?:one|1|a friend|guest|friend)|and (?:a |one )?(?:friend|guest)|brings? a friend|with a friend)(?!\p{L})/iu;

/** Several who are called by what they are together: “the Breck twins”. */
export const TOGETHER =
  /(?:^|[^\p{L}])(?:twins|triplets|siblings|brothers|sisters|cousins|couple|family|famille|familie)(?!\p{L})/iu;

/** Said where a wrist is not known yet. */
export const UNKNOWN =
  /(?:wrist )?(?:tbc|tba|n\/k|t\.b\.c\.?|to be (?:confirmed|measured)|not (?:yet )?measured(?: yet)?|unmeasured|unknown|not known|no idea|(?:will |to )?measure (?:on the day|there|at the session|later)|will measure(?: on the day)?|same as last time|as last time|as before|same as before|to follow|later|don[’']?t know|dont know|ask (?:her|him|them|mum|dad)|pending|\?{1,3})(?!\p{L})/iuy;
/** Said where there is nothing. */
export const NOTHING =
  /^(?:[-–—/.]*|no|none|nil|n\/?a|nothing|no allergies|none known|no known allergies|not that (?:i|we) know(?: of)?|x)$/iu;
