import { useQuery } from '@tanstack/react-query';
import type { Units } from '../../../core/measure';
import type { KnownPerson } from '../../../core/person';
import type { SeatRecord } from '../../../core/seat';
import { request } from '../../../ui/api';
import { knownWords } from '../seats/known-words';
import type { SessionModel } from '../model/use-session';

/** Others of a seat's name who are known: for somebody who was seated as new and is not. */
export function Namesakes({ record, model, units }: { record: SeatRecord; model: SessionModel; units: Units }) {
  const { data = [] } = useQuery({
    queryKey: ['named', record.name],
    queryFn: () => request<KnownPerson[]>('GET', `/api/people?named=${encodeURIComponent(record.name)}`),
    retry: false,
  });
  const seated = new Set(model.seats.map((seat) => seat.record.person_id));
  const others = data.filter(({ id }) => !seated.has(id));
  if (others.length === 0) return null;
  return (
    <div className="mx-4 mb-3 border-l-4 border-info bg-base-200 px-3 py-2 text-sm">
      {others.map((person) => (
        <p key={person.id} className="my-1">
          Another {person.name} is known: {knownWords(person, units, model.view.studio.catalogue)}.
          <button
            type="button"
            className="btn btn-xs ml-2"
            onClick={() => model.act({ kind: 'seat', id: record.id, changes: { person_id: person.id } })}
          >
            It is the same person
          </button>
        </p>
      ))}
    </div>
  );
}
