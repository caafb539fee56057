import type { Figures, Loop, Message } from '../studio';
import type { Options } from './options';
import type { Project, When } from './project';

/** Every choice of a piece made: the seat's where the project offers it, else what the project starts as. */
export interface Choices {
  readonly loop: Loop | null;
  readonly colours: number;
  readonly wraps: number;
  readonly swap: boolean | null;
  readonly beads: number | null;
}

const within = (value: number, most: number): number => Math.min(Math.max(1, value), most);

/** Settles the options of a seat; `chosen` colours count as a wish for so many. */
export function settle(project: Project, options: Options, chosen: number): Choices {
  const { loop, colours, wraps, swap, beads } = project.options;
  return {
    loop: loop ? (options.loop ?? loop) : null,
    colours: colours ? within(options.colours ?? (chosen || colours.start), colours.most) : 1,
    wraps: wraps ? within(options.wraps ?? wraps.start, wraps.most) : 1,
    swap: swap === undefined ? null : (options.swap ?? swap),
    beads: beads ? (options.beads ?? null) : null,
  };
}

/** Whether something of a project is there under these choices. */
export function present(when: When | undefined, choices: Pick<Choices, 'colours' | 'swap' | 'beads'>): boolean {
  if (!when) return true;
  return (
    (when.colours === undefined || when.colours === choices.colours) &&
    (when.swap === undefined || when.swap === (choices.swap ?? false)) &&
    (when.beads === undefined || when.beads === (choices.beads !== null))
  );
}

/** Options the project does not offer: said, not silently dropped. */
export function notOffered(project: Project, options: Options, figures: Figures): Message[] {
  const name = project.name.toLowerCase();
  const offers = project.options;
  const warning = (code: string, text: string, values: Message['values'] = {}): Message => ({
    level: 'warning',
    code,
    text,
    values: { project: project.slug, ...values },
  });
  const messages: Message[] = [];
  if (options.loop && !offers.loop)
    messages.push(
      warning('no-loop', `A ${name} has no carry loop; the choice of a ${options.loop} loop has no effect.`, {
        loop: options.loop,
      }),
    );
  const most = offers.colours?.most ?? 1;
  if ((options.colours ?? 1) > most)
    messages.push(
      warning('too-many-colours', `A ${name} is made in ${most === 1 ? 'one colour' : `at most ${most} colours`}.`, {
        most,
      }),
    );
  if ((options.wraps ?? 1) > (offers.wraps?.most ?? 1))
    messages.push(
      warning(
        'wraps',
        `A ${name} goes ${(offers.wraps?.most ?? 1) === 1 ? 'once' : `at most ${offers.wraps!.most} times`} round.`,
        { most: offers.wraps?.most ?? 1 },
      ),
    );
  const unused: [string, unknown, unknown, string][] = [
    ['swap', options.swap, offers.swap, 'its legs do not change places'],
    ['bead_mm', options.bead_mm, offers.bead, 'it has no bead to size'],
    ['beads', options.beads, offers.beads, 'its beads are not counted'],
    ['sequence', options.sequence, offers.sequence, 'its beads are of one kind'],
    ['button_mm', options.button_mm, offers.button, 'it has no button'],
    ['stopper', options.stopper, offers.stopper, 'its end knot is part of it'],
    ['tied', options.tied, offers.stopper, 'who ties its knots is part of it'],
    ['slider', options.slider, offers.slider, 'its slider is not counted'],
    ['turns', options.turns, offers.turns, 'it has no wrapped knot'],
  ];
  for (const [option, wish, offer, why] of unused) {
    if (wish !== undefined && offer === undefined)
      messages.push(warning('no-such-option', `That choice has no effect on a ${name}: ${why}.`, { option }));
  }
  if (options.loop === 'neck' && offers.loop && figures.loop_neck < 600)
    messages.push(warning('neck-loop', 'The neck loop does not pass a head.', { loop_mm: figures.loop_neck }));
  return messages;
}
