/** Whether the acts on a side of a card run past it. */
const isOver = (acts: HTMLElement): boolean =>
  acts.scrollWidth > acts.clientWidth + 1 || acts.scrollHeight > acts.clientHeight + 1;

/** The next side of a card: its head again, and what did not fit. */
function nextSide(side: HTMLElement): HTMLElement {
  const next = document.createElement('div');
  next.className = 'side';
  next.append(side.querySelector('header')!.cloneNode(true));
  const acts = document.createElement('ol');
  acts.className = 'acts';
  next.append(acts);
  side.after(next);
  return next;
}

/**
 * Moves acts that do not fit on a side to the next one. At least one stays, however large it is; where the first side is full of what is
 * in the bag, as in large print, none.
 */
function split(side: HTMLElement): void {
  const acts = side.querySelector<HTMLElement>('.acts')!;
  const least = side.querySelector('.card-facts') ? 0 : 1;
  if (!isOver(acts) || acts.children.length <= least) return;
  const next = nextSide(side);
  // The line that says so takes its room too.
  side.dataset.goesOn = '';
  const rest = next.querySelector<HTMLElement>('.acts')!;
  while (isOver(acts) && acts.children.length > least) rest.prepend(acts.lastElementChild!);
  split(next);
}

/**
 * Lays kit cards on sheets: acts that do not fit on a card go on on its next side, two cards a sheet, so that the sheet printed on both
 * sides and cut across has each card's back behind its front.
 */
export async function layCards(): Promise<void> {
  // Pictures take their room once they have come; one that does not come takes none.
  await Promise.all([
    document.fonts.ready,
    ...[...document.images].map((image) => image.decode().catch(() => undefined)),
  ]);
  const cards = [...document.querySelectorAll<HTMLElement>('.kit-card')];
  for (const card of cards) split(card.querySelector<HTMLElement>('.side')!);
  for (let i = 0; i < cards.length; i += 2) {
    const pair = cards.slice(i, i + 2).map((card) => [...card.querySelectorAll<HTMLElement>('.side')]);
    const sides = Math.max(...pair.map((own) => own.length));
    for (let k = 0; k < sides; k++) {
      const sheet = document.createElement('div');
      sheet.className = 'card-sheet';
      for (const own of pair) {
        const blank = document.createElement('div');
        blank.className = 'side blank';
        sheet.append(own[k] ?? blank);
      }
      cards[i]!.before(sheet);
    }
  }
  for (const card of cards) card.remove();
}
