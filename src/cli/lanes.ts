import { messageOf } from '../core/result';
import { parseArgs } from 'node:util';
import load from 'highs';
import { faultIn, LanesProblemSchema, solveLanes } from '../core/lanes';
import { modelsOf } from '../solver/highs';
import { answer, readInput, refuse } from './input';

const USAGE = 'npm run --silent lanes -- FILE [--seconds S]';

/** The file and the seconds of the command line, or the refusal. */
function readArguments(): { file: string | undefined; seconds: number } {
  try {
    const { values, positionals } = parseArgs({
      args: process.argv.slice(2),
      allowPositionals: true,
      options: { seconds: { type: 'string', default: '5' } },
    });
    const seconds = Number(values.seconds);
    if (!(seconds > 0 && seconds <= 3600))
      refuse({ error: `--seconds takes a number over 0, at most 3600: ${USAGE}`, at: '' });
    return { file: positionals[0], seconds };
  } catch (error) {
    refuse({ error: `${messageOf(error)} ${USAGE}`, at: '' });
  }
}

const { file, seconds } = readArguments();
const problem = readInput(file, LanesProblemSchema, USAGE);
const fault = faultIn(problem);
if (fault) refuse(fault);
answer(solveLanes(problem, { seconds, now: () => performance.now(), makeModel: modelsOf(await load()) }));
