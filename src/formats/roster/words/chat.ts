/** A chat's time and sender before what was written. */
const CHAT =
  /^\s{0,3}(?:\[?(?:\d{1,4}[./-]\d{1,2}[./-]\d{1,4},?\s{1,2})?\d{1,2}[:.]\d{2}(?::\d{2})?(?:\s?[ap]\.?m\.?)?(?:,?\s{1,2}\d{1,4}[./-]\d{1,2}[./-]\d{1,4})?\]?\s{0,2}[-–]?\s{0,2}[^:\d\n]{1,40}|[^:\d\n]{1,40}\s\(?\d{1,2}[:.]\d{2}\)?):\s{1,3}/iu;
/** Who wrote, at the end of what stands before it. */
const SENDER = /([\p{L}\p{M}'’. -]{1,40}?)(?:\s\(?\d{1,2}[:.]\d{2}\)?)?:\s*$/u;
/** Somebody who takes a place. */
const COMING =
  /(?:^|[^\p{L}])(?:i(?:['’]ll| will) (?:come|be there|join)|count me in|i(?:['’]m| am) (?:in|coming)|put me down|sign me up|(?:can|may) i (?:come|join)|me too|i['’]d (?:like|love) to (?:come|join)|a place for me)(?!\p{L})/iu;
/** The writer and one more: “can me and Hugo come?”, “a place for Hugo and me”. */
const WITH_ME =
  /(?:^|[^\p{L}])(?:(?:me|i) and (\p{Lu}[\p{L}'’-]{1,30})|(\p{Lu}[\p{L}'’-]{1,30}) and (?:me|i))(?!\p{L})/u;

const isMessage = (text: string): boolean => CHAT.test(text.slice(0, 120));
/** Whether lines are a chat: most of them begin with who wrote when. */
export const isChat = (texts: readonly string[]): boolean =>
  texts.length > 1 && texts.filter(isMessage).length >= texts.length / 2;

/** Who wrote a message, and where what was written begins. */
export function messageOf(text: string): { sender: string; from: number } {
  const from = CHAT.exec(text.slice(0, 120))?.[0].length ?? 0;
  return { sender: SENDER.exec(text.slice(0, from))?.[1]?.trim() ?? '', from };
}

/** The writer’s words by which they take a place; null where they do not. */
export const takesPlace = (written: string): string | null => COMING.exec(written)?.[0].trim() ?? null;

/** Whom a message is for where it does not say so by a name alone: the writer, or the writer and one more. */
export function writesFor(written: string, sender: string): string {
  const other = WITH_ME.exec(written);
  return other ? `${sender} and ${other[1] ?? other[2]}` : sender;
}
