import { matchAt, type Token } from './tokens';

const LOOP = /(neck|wrist|finger)[ -](?:loop|lanyard)s?(?!\p{L})/iuy;
const WRAPS = /(?:(\d)|(single|double|triple|two|three|four))[ -]?(?:x )?wraps?(?!\p{L})|wraps?[ :]{1,2}(\d)(?!\d)/iuy;
const WRAP_WORDS: Readonly<Record<string, number>> = { single: 1, double: 2, two: 2, triple: 3, three: 3, four: 4 };

/** What a seat may choose, as it stands in a line: which loop, perhaps of a lanyard, or how often round. */
export interface OptionFound {
  readonly to: number;
  readonly options: { readonly loop?: 'finger' | 'wrist' | 'neck'; readonly wraps?: number };
  readonly isLanyard: boolean;
}

export function optionAt(line: string, { from, kind }: Token): OptionFound | null {
  const loop = kind === 'word' ? matchAt(LOOP, line, from) : null;
  if (loop)
    return {
      to: from + loop[0].length,
      options: { loop: loop[1]!.toLowerCase() as 'finger' | 'wrist' | 'neck' },
      isLanyard: /lanyard/i.test(loop[0]),
    };
  const wraps = matchAt(WRAPS, line, from);
  return (
    wraps && {
      to: from + wraps[0].length,
      options: { wraps: Number(wraps[1] ?? wraps[3] ?? WRAP_WORDS[wraps[2]!.toLowerCase()]) },
      isLanyard: false,
    }
  );
}
