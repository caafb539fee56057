import type { Stage, StageState } from '../../core/session';

const STATE_WORDS = { tied: 'done', open: 'now', bare: 'to come' } as const;
/** A room may begin before every bag is ticked off: it is not to come, though its knot is bare. */
const stateWords = ({ state, code }: Pick<StageState, 'state' | 'code'>): string =>
  state === 'bare' && code === 'at-work' ? 'under way' : STATE_WORDS[state];

/** The cord where a stage is tied: one strand round the other, drawn tight. Every stage’s cord is longer than any screen has room for. */
function Tied() {
  return (
    <>
      <path d="M -600 20 H 42 M 78 20 H 720" className="stroke-neutral" strokeWidth={5} fill="none" />
      <g className="fill-none stroke-base-100" strokeWidth={8}>
        <path d="M 42 20 C 50 20 52 10 60 10 C 70 10 72 30 62 30 C 53 30 50 20 60 18 C 68 16 70 20 78 20" />
      </g>
      <path
        d="M 42 20 C 50 20 52 10 60 10 C 70 10 72 30 62 30 C 53 30 50 20 60 18 C 68 16 70 20 78 20"
        className="fill-none stroke-primary"
        strokeWidth={5.5}
      />
      <path d="M 50 14.5 C 54 10 60 9 64 11.5" className="fill-none stroke-base-100" strokeWidth={0.9} />
      <path d="M 53 26 C 56 30.5 62 32 66 28.5" className="fill-none stroke-base-100" strokeWidth={0.9} />
    </>
  );
}

/** The cord where the work is now: an open loop, not yet drawn up. */
function Open() {
  return (
    <>
      <path
        d="M -600 20 H 40 C 62 20 78 8 66 4 C 54 0 44 8 52 17"
        className="fill-none stroke-neutral"
        strokeWidth={5}
      />
      <path d="M 58 23 C 64 24 70 20 80 20 H 720" className="fill-none stroke-neutral" strokeWidth={5} />
    </>
  );
}

const Bare = () => <path d="M -600 20 H 720" className="stroke-neutral" strokeWidth={5} fill="none" />;
const DRAWN = { tied: Tied, open: Open, bare: Bare };

/** The cord under the clip: a knot a stage, navigation and state at once. */
export function StageCord({
  stages,
  current,
  href,
  onGo,
}: {
  stages: readonly Pick<StageState, 'stage' | 'name' | 'state' | 'line' | 'code'>[];
  /** The stage that is shown; another where none is. */
  current: string;
  href: (stage: Stage) => string;
  onGo: (stage: Stage) => void;
}) {
  return (
    <nav aria-label="Stages of the session">
      <ol className="flex">
        {stages.map(({ stage, name, state, line, code }, i) => {
          const Cord = DRAWN[state];
          return (
            <li key={stage} className="min-w-0 flex-1">
              <a
                href={href(stage)}
                aria-current={stage === current ? 'page' : undefined}
                onClick={(event) => {
                  event.preventDefault();
                  onGo(stage);
                }}
                className={`block h-full px-0 pb-2 ${stage === current ? 'bg-base-100' : 'hover:bg-base-100/60'}`}
              >
                {/* Its line ends where the next stage begins, so that it does not run over a knot beside it. */}
                <span className="block overflow-x-clip">
                  <svg
                    viewBox="0 0 120 36"
                    className="block h-9 w-full"
                    aria-hidden="true"
                    preserveAspectRatio="xMidYMid meet"
                    overflow="visible"
                  >
                    <Cord />
                  </svg>
                </span>
                <span className="relative block truncate px-3 max-sm:px-0 max-sm:text-center max-sm:text-[12.5px] max-sm:tracking-tight">
                  <span className="font-display font-semibold">
                    {i + 1} {name}
                  </span>
                  <span className="quiet text-sm narrow:sr-only"> · {stateWords({ state, code })}</span>
                </span>
                <span
                  className={`line-clamp-2 px-3 text-sm leading-snug max-sm:hidden ${code === 'came-undone' ? 'font-semibold text-accent' : 'quiet'}`}
                  title={line}
                >
                  {line}
                </span>
              </a>
            </li>
          );
        })}
      </ol>
      <p className="quiet px-3 py-1 text-sm sm:hidden">{stages.find(({ stage }) => stage === current)?.line}</p>
    </nav>
  );
}
