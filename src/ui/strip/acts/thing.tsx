import type { SceneThing } from './scene';

const HARD = { className: 'hard', strokeWidth: 0.8 };
const LINE = { className: 'stroke-base-content', fill: 'none', strokeWidth: 1 };

/** A curved arrow from one place to another, bent to its right by so much. */
function Arrow({ from: [x, y], to: [u, v], bend }: { from: [number, number]; to: [number, number]; bend: number }) {
  const [mx, my] = [(x + u) / 2, (y + v) / 2];
  const span = Math.hypot(u - x, v - y) || 1;
  const [cx, cy] = [mx - ((v - y) / span) * bend, my + ((u - x) / span) * bend];
  const [dx, dy] = [(u - cx) / Math.hypot(u - cx, v - cy), (v - cy) / Math.hypot(u - cx, v - cy)];
  const at = (back: number, out: number): string =>
    `${(u - dx * back - dy * out).toFixed(1)} ${(v - dy * back + dx * out).toFixed(1)}`;
  return (
    <g>
      <path d={`M${x} ${y}Q${cx.toFixed(1)} ${cy.toFixed(1)} ${at(3, 0)}`} {...LINE} strokeWidth={1.6} />
      <path d={`M${u} ${v}L${at(5.5, 2.8)}L${at(5.5, -2.8)}Z`} className="fill-base-content" />
    </g>
  );
}

/** A hand's outline: a closed fist with its thumb laid across. */
const Fist = () => (
  <g {...HARD}>
    <path d="M-13 30V14C-19 8-19-8-14-13C-8-18 8-18 14-13C18-8 18 8 13 14V30" />
    <path d="M-5-16V-2M4-16.5V-2M11-14V-1" fill="none" />
    <path d="M-15 2C-8-3 6-3 8 3C9 8 0 9-8 8" />
  </g>
);

/** Something beside cord in the picture of an act. */
export function Thing({ thing }: { thing: SceneThing }) {
  if (thing[0] === 'arrow') {
    const [, x, y, u, v, bend = 0] = thing;
    return <Arrow from={[x, y]} to={[u, v]} bend={bend} />;
  }
  const [what, x, y, size = 0, other] = thing;
  return <g transform={`translate(${x} ${y})`}>{draw(what, size, other ?? size)}</g>;
}

function draw(what: Exclude<SceneThing[0], 'arrow'>, a: number, b: number) {
  const box = { x: -a / 2, y: -b / 2, width: a, height: b };
  switch (what) {
    case 'bead':
      return <rect {...box} rx={Math.min(a, b) * 0.42} className="bead" strokeWidth={0.8} />;
    case 'tube':
      return <rect {...box} rx={2} className="bead" strokeWidth={0.8} />;
    case 'board':
      return <rect {...box} rx={2} {...HARD} />;
    case 'tape':
      return <rect {...box} fill="#e9dfc4" fillOpacity={0.85} stroke="#6b5f49" strokeWidth={0.7} />;
    case 'button':
      return (
        <g>
          <circle r={a / 2} {...HARD} />
          <circle cx={-a / 6} r={a / 12} className="hole" />
          <circle cx={a / 6} r={a / 12} className="hole" />
        </g>
      );
    case 'ring':
      return (
        <g fill="none">
          <circle r={a / 2} className="wire-edge" strokeWidth={4.6} />
          <circle r={a / 2} className="wire" strokeWidth={3} />
        </g>
      );
    case 'knots':
      return (
        <g>
          <rect {...box} rx={3} {...HARD} />
          {Array.from({ length: Math.max(1, Math.round(b / 6)) }, (_, i, all = Math.max(1, Math.round(b / 6))) => {
            const y = -b / 2 + ((i + 0.5) * b) / all;
            const lean = i % 2 === 0 ? 1.5 : -1.5;
            return <path key={i} d={`M${-a / 2 + 1} ${y - lean}L${a / 2 - 1} ${y + lean}`} {...LINE} />;
          })}
        </g>
      );
    case 'ruler':
      return (
        <g>
          <rect {...box} {...HARD} />
          {Array.from({ length: Math.floor(b / 4) + 1 }, (_, i) => (
            <path key={i} d={`M${a / 2} ${-b / 2 + i * 4}h${i % 5 === 0 ? -a * 0.6 : -a * 0.3}`} {...LINE} />
          ))}
        </g>
      );
    case 'hook':
      return <path d="M0-12V-3M0-3a5 5 0 1 1-5 5" {...LINE} strokeWidth={2.4} transform={`rotate(${a})`} />;
    case 'pin':
      return (
        <g transform={`rotate(${a})`}>
          <path d="M0 0V12" {...LINE} strokeWidth={1.4} />
          <circle r={3.2} className="fill-base-content" />
        </g>
      );
    case 'clip':
      return (
        <g transform={`rotate(${a})`}>
          <path d="M-12-3H12L9 4H-9Z" {...HARD} />
          <path d="M-5-3C-5-11 5-11 5-3" {...LINE} />
        </g>
      );
    case 'drop':
      return (
        <path
          d="M0-6C4 0 4.5 2 4.5 4a4.5 4.5 0 0 1-9 0C-4.5 2-4 0 0-6Z"
          fill="#e7b84b"
          stroke="#6b4e0f"
          strokeWidth={0.8}
        />
      );
    case 'dot':
      return <circle r={2.2} className="fill-base-content" />;
    case 'fist':
      return (
        <g transform={`rotate(${a})`}>
          <Fist />
        </g>
      );
    case 'wrist':
      return (
        <g {...HARD} transform={`rotate(${a})`}>
          <path d="M-16-40V40H16V-40Z" />
        </g>
      );
    case 'tip':
      return <path d="M-6 34V0A6 6 0 0 1 6 0V34ZM-4 3A4 3.500 0 0 1 4 3" {...HARD} transform={`rotate(${a})`} />;
    case 'buckle':
      return (
        <g transform={`rotate(${a})`} {...HARD} fillRule="evenodd">
          <path d="M-12-9H12V9H-12ZM-9 3V6H9V3Z" />
        </g>
      );
    case 'scissors':
      return (
        <g transform={`rotate(${a})`} {...LINE} strokeWidth={1.6}>
          <path d="M0 0L-24 8M0 8L-24 0" />
          <circle cx={-28} cy={-2} r={4} />
          <circle cx={-28} cy={10} r={4} />
        </g>
      );
    case 'flame':
      return (
        <g>
          <path
            d="M0-12C7-3 7 2 5 6A5.5 5.5 0 0 1-5 6C-7 2-4-3 0-12Z"
            fill="#f0a03c"
            stroke="#7a3d08"
            strokeWidth={0.8}
          />
          <path d="M-4 12H4V28H-4Z" {...HARD} />
        </g>
      );
    case 'needle':
      return (
        <g transform={`rotate(${a})`}>
          <path d="M-22 0H16A3 1.5 0 0 1 16 2.5H-22A1.2 1.2 0 0 1-22 0Z" {...HARD} />
        </g>
      );
  }
}
