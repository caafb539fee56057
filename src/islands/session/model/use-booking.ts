import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { problemOf, book } from '../../../ui/api';
import { knownStudio, shownView, viewKey, wholeView, type SentView } from './session-view';

/**
 * What is asked of the ledger for a session: reserved, issued, put back. It goes to the server at once, under a key, and its answer
 * is the session's new view; what speaks against it is kept to be read.
 */
export function useBooking(session: string) {
  const client = useQueryClient();
  const [sending, setSending] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);

  /** Sends it; true when it is booked. */
  const send = async (method: 'POST' | 'DELETE', what: 'reserve' | 'kits' | 'leftovers', content: object) => {
    setSending(true);
    setRefused(null);
    try {
      const before = shownView(client, session);
      const sent = await book<SentView>(method, `/api/sessions/${session}/${what}`, content, knownStudio(before));
      client.setQueryData(viewKey(session), wholeView(sent, before));
      return true;
    } catch (failed) {
      const problem = problemOf(failed);
      setRefused(problem.away ? `${problem.message} Nothing is lost: ask again when it is back.` : problem.message);
      // Somebody else changed it: look at it as it is now.
      if (problem.status === 409) await client.invalidateQueries({ queryKey: viewKey(session) });
      return false;
    } finally {
      setSending(false);
      await client.invalidateQueries({ queryKey: ['stock', session] });
    }
  };
  return { sending, refused, setRefused, send };
}
