import { origin, type FigureName } from '../studio';
import { n1, noClash, nothingAlong, straightOn, type Part } from './part';

/** What every end has that is trimmed to a stub, as long as a figure of the studio says. */
export const stub = (
  figure: FigureName,
  code: string,
  words: string,
): Pick<Part, 'stretch' | 'use' | 'ways' | 'along' | 'check' | 'end'> => ({
  stretch: 'end',
  use: ({ figures }) => ({
    mm: figures[figure],
    because: origin(code, { stub_mm: figures[figure] }, words.replace('#', n1(figures[figure]))),
  }),
  ways: straightOn(({ figures }) => figures[figure]),
  along: nothingAlong,
  check: noClash,
  end: 'drawn',
});
