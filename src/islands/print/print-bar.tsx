import { ArrowLeft, FileText, Printer } from 'lucide-react';

/** What is above the sheet on screen and not on paper. */
export function PrintBar({
  back,
  paper,
  both,
  asked,
  pdf,
}: {
  back: string;
  paper: 'a4' | 'letter';
  /** Left out where there are no lengths to cut by. */
  both?: boolean | undefined;
  /** What else its address asks for. */
  asked: string;
  /** Where the same is had as a PDF. */
  pdf?: string | undefined;
}) {
  const link = (next: { paper?: string; both?: boolean }) => {
    const query = new URLSearchParams(asked);
    query.set('paper', next.paper ?? paper);
    if (next.both ?? both) query.set('both', 'yes');
    else query.delete('both');
    return `?${query}`;
  };
  return (
    <div className="no-print flex flex-wrap items-center gap-3 border-b hair px-6 py-3">
      <a className="btn btn-sm" href={back}>
        <ArrowLeft size={16} aria-hidden="true" /> Back
      </a>
      <button type="button" className="btn btn-primary btn-sm" onClick={() => window.print()}>
        <Printer size={16} aria-hidden="true" /> Print
      </button>
      <span className="join" role="group" aria-label="Paper">
        <a
          className={`btn btn-sm join-item ${paper === 'a4' ? 'btn-active' : ''}`}
          aria-current={paper === 'a4' || undefined}
          href={link({ paper: 'a4' })}
        >
          A4
        </a>
        <a
          className={`btn btn-sm join-item ${paper === 'letter' ? 'btn-active' : ''}`}
          aria-current={paper === 'letter' || undefined}
          href={link({ paper: 'letter' })}
        >
          US Letter
        </a>
      </span>
      {both !== undefined && (
        <a
          className={`btn btn-sm ${both ? 'btn-active' : ''}`}
          aria-current={both || undefined}
          href={link({ both: !both })}
        >
          Both units
        </a>
      )}
      {pdf && (
        <a className="btn btn-sm" href={`${pdf}${link({})}`}>
          <FileText size={16} aria-hidden="true" /> As PDF
        </a>
      )}
    </div>
  );
}
