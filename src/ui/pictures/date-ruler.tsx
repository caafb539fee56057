import { daysAfter, daysBetween } from '../../core/region';
import { day as dayWords } from '../words/region';

/** The days ahead as a ruler, a mark at each session's day. The list under it says the same in words. */
export function DateRuler({
  from,
  days,
  sessions,
}: {
  from: string;
  days: number;
  sessions: readonly { readonly title: string; readonly held_on: string }[];
}) {
  const at = (iso: string): number => daysBetween(from, iso);
  const marked = [...new Set(sessions.map((s) => s.held_on))].filter((day) => at(day) < days);
  const unit = 1000 / days;
  return (
    <svg viewBox="-6 0 1012 58" className="block w-full" aria-hidden="true">
      <path d="M 0 32 H 1000" className="stroke-base-content" strokeWidth={1.2} />
      {Array.from({ length: days }, (_, i) => {
        const day = daysAfter(from, i);
        const monday = new Date(day).getUTCDay() === 1;
        return (
          <g key={i} className="fill-base-content">
            <path
              d={`M ${i * unit} 32 v ${monday || i === 0 ? 10 : 5}`}
              className="stroke-base-content"
              strokeWidth={1}
            />
            {(monday || i === 0) && (
              <text x={i * unit} y={54} fontSize={12.5} textAnchor={i === 0 ? 'start' : 'middle'}>
                {i === 0 ? 'today' : i < 3 ? '' : dayWords(day, 'short')}
              </text>
            )}
          </g>
        );
      })}
      {marked.map((day) => (
        <g key={day}>
          <path d={`M ${at(day) * unit} 32 v -12`} className="stroke-primary" strokeWidth={2.5} />
          <circle cx={at(day) * unit} cy={14} r={6.5} className="fill-primary" />
        </g>
      ))}
    </svg>
  );
}
