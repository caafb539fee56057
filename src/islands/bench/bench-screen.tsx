import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { BenchView } from '../../app/bench/open-bench';
import type { Told } from '../../app/session/making';
import type { Units } from '../../core/measure';
import { fromTablet, STAGES } from '../../core/session';
import { borrow } from '../../ui/page-data';
import { WhenPlanned } from '../session/model/when-planned';
import { Bench } from './bench';
import type { OpenBench } from './model/use-bench';
import { Pairing } from './tablet/pairing';

/** The bench's island: at the desk with the session's cord over it, on a tablet of the room alone. */
export function BenchScreen({
  bench,
  studio,
  told,
  units,
  isDesk,
  links,
}: {
  /** As JSON text; the studio is lent under its id. */
  bench: string;
  studio: string;
  /** The words of its seats' makings, as JSON text. */
  told: string;
  units: Units;
  isDesk: boolean;
  links?: Readonly<Record<string, string>>;
}) {
  const [client] = useState(() => new QueryClient());
  const initial = useMemo((): OpenBench => {
    const { view, ...rest } = JSON.parse(bench) as BenchView;
    return { ...rest, view: fromTablet({ ...view, studio: borrow<BenchView['view']['studio']>(studio) }) };
  }, [bench, studio]);
  const words = useMemo(() => JSON.parse(told) as Told, [told]);
  const { session } = initial.view;
  useHotkeys(
    STAGES.map((_, i) => String(i + 1)),
    (_, { keys }) => window.location.assign(`/sessions/${session.id}/${STAGES[Number(keys?.[0]) - 1]!.slug}`),
    { enabled: isDesk },
  );
  return (
    <QueryClientProvider client={client}>
      <div className="flex min-h-screen flex-col">
        <header className="bg-neutral px-3 py-1 text-neutral-content">
          <h1 className="truncate text-xl">{session.title}</h1>
        </header>
        <WhenPlanned view={initial.view}>
          <Bench
            initial={initial}
            told={words}
            units={units}
            isDesk={isDesk}
            links={links}
            pairing={isDesk ? <Pairing /> : undefined}
          />
        </WhenPlanned>
      </div>
    </QueryClientProvider>
  );
}
