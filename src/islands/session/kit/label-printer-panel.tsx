import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Printer, TriangleAlert } from 'lucide-react';
import type { PrinterState } from '../../../core/device';
import { request, type RequestProblem } from '../../../ui/api';

const WORDS = {
  ready: 'Ready.',
  printing: 'Printing…',
  'out-of-paper': 'The roll is empty. Put a new one in; it goes on where it stopped.',
  jam: 'A label is jammed. Open the lid, take it out and close it; it goes on where it stopped.',
} as const;

/** The label printer: what it prints, and what it needs of you. */
export function LabelPrinterPanel({ session }: { session: string }) {
  const client = useQueryClient();
  const key = ['printer'];
  const { data, error } = useQuery<PrinterState, RequestProblem>({
    queryKey: key,
    queryFn: () => request('GET', '/api/printer'),
    refetchInterval: (query) => (query.state.data?.state === 'printing' ? 700 : 5000),
  });
  const { mutate, error: failed } = useMutation<PrinterState, RequestProblem, () => Promise<PrinterState>>({
    mutationFn: (work) => work(),
    onSuccess: (state) => client.setQueryData(key, state),
  });
  const print = (kind: 'bags' | 'cuts') => mutate(() => request('POST', `/api/sessions/${session}/labels`, { kind }));
  const stuck = data?.state === 'jam' || data?.state === 'out-of-paper';
  return (
    <section>
      <h2 className="text-lg">Label printer</h2>
      <div className="flex gap-2 py-1">
        <button type="button" className="btn btn-sm" onClick={() => print('bags')}>
          <Printer size={14} aria-hidden="true" /> Bag labels
        </button>
        <button type="button" className="btn btn-sm" onClick={() => print('cuts')}>
          <Printer size={14} aria-hidden="true" /> Cut labels
        </button>
      </div>
      <p role="status" className={`text-sm ${stuck ? 'border border-error px-2 py-1 text-error' : 'quiet'}`}>
        {stuck && <TriangleAlert size={14} className="mr-1 inline" aria-hidden="true" />}
        {(failed ?? error)?.message ??
          (data ? `${WORDS[data.state]} ${data.paper} labels on the roll.` : 'Looking for it…')}
      </p>
      {stuck && (
        <button type="button" className="btn btn-sm mt-1" onClick={() => mutate(() => request('POST', '/api/printer'))}>
          {data.state === 'jam' ? 'It is clear' : 'A new roll is in'}
        </button>
      )}
      <ul className="text-sm">
        {data?.queue.map((job) => (
          <li key={job.id} className="flex items-center justify-between gap-2 border-b hair py-1">
            <span>
              {job.title}: {job.done} of {job.labels}
            </span>
            <button
              type="button"
              className="btn btn-ghost btn-xs"
              onClick={() => mutate(() => request('DELETE', `/api/printer/${job.id}`))}
            >
              Cancel
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
