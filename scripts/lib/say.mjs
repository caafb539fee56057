/** One line for the person at the terminal; standard error, so that standard output stays for answers. */
export const say = (line) => process.stderr.write(`${line}\n`);

/** Ends with a message that says what to do. */
export function fail(line) {
  say(line);
  process.exit(1);
}
