type Place = readonly [x: number, y: number];

/** How far a place is from the line through two others; from the first, where they are one. */
function off([x, y]: Place, [ax, ay]: Place, [bx, by]: Place): number {
  const span = Math.hypot(bx - ax, by - ay);
  return span === 0 ? Math.hypot(x - ax, y - ay) : Math.abs((bx - ax) * (y - ay) - (by - ay) * (x - ax)) / span;
}

/** A line without the places that nobody sees: none left out was further than `within` from what is drawn. Its ends stay. */
export function thinned(line: readonly Place[], within: number): readonly Place[] {
  const [first, last] = [line[0], line.at(-1)];
  if (line.length < 3 || !first || !last) return line;
  let [widest, most] = [0, 0];
  for (let i = 1; i < line.length - 1; i++) {
    const far = off(line[i]!, first, last);
    if (far > most) [widest, most] = [i, far];
  }
  if (most <= within) return [first, last];
  return [...thinned(line.slice(0, widest + 1), within).slice(0, -1), ...thinned(line.slice(widest), within)];
}
