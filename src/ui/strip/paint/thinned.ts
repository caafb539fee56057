type Place = readonly [x: number, y: number];

/** How far a place is from the straight stretch between two others. */
function off([x, y]: Place, [ax, ay]: Place, [bx, by]: Place): number {
  const [dx, dy] = [bx - ax, by - ay];
  const along = ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy || 1);
  const share = Math.min(1, Math.max(0, along));
  return Math.hypot(x - ax - share * dx, y - ay - share * dy);
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
