/**
 * The usual cautions for a room, as said on screen and on paper, by what the session's pieces involve.
 *
 * @example
 * cautions({ flame: true, glue: false, neckLoop: false, children: false }).length > cautions({ flame: false, glue: false, neckLoop: false, children: false }).length // true
 */
export function cautions(session: {
  readonly flame: boolean;
  readonly glue: boolean;
  readonly neckLoop: boolean;
  readonly children: boolean;
}): string[] {
  return [
    session.flame &&
      'Molten cord sticks and burns: a small lighter, table clear, window open, hair and sleeves back, water at hand, standing cord away from the flame, and let it cool. The lighter gets hot too.',
    session.flame && 'Venue fire rules and local codes come first: check them before anything is lit.',
    session.glue && 'Glue: window open, gloves where the label asks, none on a part that must slide.',
    session.neckLoop &&
      'Neck loops: breakaway connector where the sheet says so. Never round the neck near machines or on a climbing frame.',
    session.children &&
      'Children: scissors and needles supervised, needles counted out and counted in, small parts kept from the smallest, no heat.',
    'A finished band is decoration: never for climbing, lifting, towing or holding a person’s weight, whatever the cord’s rating.',
    'These are the usual cautions; they do not replace the tool’s maker, the venue or a licensed authority.',
  ].filter((line) => line !== false);
}
