import type { QueryClient } from '@tanstack/react-query';
import type { SessionView } from '../../../core/session';

/** Where the server's last word on a session is kept. */
export const viewKey = (id: string) => ['session', id] as const;

/** A view as it is sent: without the studio where this page has it. */
export type SentView = Omit<SessionView, 'studio'> & Partial<Pick<SessionView, 'studio'>>;

/** The server's last word on a session that is on screen. */
export const shownView = (client: QueryClient, id: string): SessionView =>
  client.getQueryData<SessionView>(viewKey(id))!;

/** Says with a request which studio is here. */
export const knownStudio = (view: SessionView) => ({ 'lapboard-studio': view.studio.mark });

/** A sent view made whole with the studio that is here. */
export const wholeView = (sent: SentView, { studio }: SessionView): SessionView => ({ studio, ...sent });
