import * as checks from '../../src/http/checks';
import type { TSchema } from '@sinclair/typebox';

type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';

/** Every endpoint: its address with the parts that stand for something, and what it takes; a GET takes its address alone. */
export const ENDPOINTS: readonly (readonly [Method, path: string, body?: TSchema])[] = [
  ['PUT', '/api/cords/:slug', checks.checkCord.schema],
  ['PUT', '/api/hardware/:slug', checks.checkHardware.schema],
  ['GET', '/api/export/:file'],
  ['GET', '/api/health'],
  ['POST', '/api/import'],
  ['POST', '/api/orders', checks.checkOrder.schema],
  ['POST', '/api/orders/:id', checks.checkDelivery.schema],
  ['DELETE', '/api/orders/:id', checks.checkVersion.schema],
  ['GET', '/api/outlook'],
  ['GET', '/api/people?find=:text'],
  ['GET', '/api/people?named=:text'],
  ['GET', '/api/people/:id'],
  ['PATCH', '/api/people/:id', checks.checkPersonEdit.schema],
  ['DELETE', '/api/people/:id', checks.checkVersion.schema],
  ['GET', '/api/printer'],
  ['POST', '/api/printer', checks.checkNothing.schema],
  ['DELETE', '/api/printer/:text', checks.checkNothing.schema],
  ['GET', '/api/projects/:slug'],
  ['POST', '/api/projects', checks.checkProjectSave.schema],
  ['POST', '/api/projects/check', checks.checkProjectRead.schema],
  ['POST', '/api/roster', checks.checkList.schema],
  ['GET', '/api/scale?lot=:id&since=:text'],
  ['PATCH', '/api/seats/:id', checks.checkSeatEdit.schema],
  ['DELETE', '/api/seats/:id', checks.checkSeatRemoval.schema],
  ['GET', '/api/sessions?page=:text&find=:text'],
  ['POST', '/api/sessions', checks.checkNewSession.schema],
  ['GET', '/api/sessions/:id'],
  ['PATCH', '/api/sessions/:id', checks.checkSessionEdit.schema],
  ['DELETE', '/api/sessions/:id', checks.checkVersion.schema],
  ['GET', '/api/sessions/:id/:file?paper=:text'],
  ['POST', '/api/sessions/:id/cut', checks.checkCutNote.schema],
  ['GET', '/api/sessions/:id/instead?item=:text'],
  ['POST', '/api/sessions/:id/kits', checks.checkIssue.schema],
  ['PATCH', '/api/sessions/:id/kits', checks.checkTicks.schema],
  ['DELETE', '/api/sessions/:id/kits', checks.checkIssue.schema],
  ['GET', '/api/sessions/:id/labels?kind=:text'],
  ['POST', '/api/sessions/:id/labels', checks.checkLabels.schema],
  ['POST', '/api/sessions/:id/leftovers', checks.checkLeftovers.schema],
  ['POST', '/api/sessions/:id/noted', checks.checkNoted.schema],
  ['GET', '/api/sessions/:id/pieces?cord=:text'],
  ['POST', '/api/sessions/:id/reserve', checks.checkReserve.schema],
  ['DELETE', '/api/sessions/:id/reserve', checks.checkIssue.schema],
  ['POST', '/api/sessions/:id/restore', checks.checkNothing.schema],
  ['POST', '/api/sessions/:id/seats', checks.checkNewSeats.schema],
  ['PATCH', '/api/sessions/:id/seats', checks.checkSeatEdits.schema],
  ['GET', '/api/sessions/:id/stock'],
  ['PUT', '/api/settings', checks.checkSettings.schema],
  ['GET', '/api/shelf'],
  ['GET', '/api/shelf/items/:item'],
  ['PUT', '/api/shelf/items/:item', checks.checkItemEdit.schema],
  ['GET', '/api/shelf/ledger?lot=:id&session=:id&before=:text'],
  ['POST', '/api/shelf/lots/:id', checks.checkLotMove.schema],
  ['PATCH', '/api/shelf/lots/:id', checks.checkLotLabel.schema],
  ['GET', '/api/shelf/lots/:id/uses'],
  ['POST', '/api/shelf/movements/:number', checks.checkKey.schema],
  ['POST', '/api/shelf/read', checks.checkStockList.schema],
  ['POST', '/api/shelf/receive', checks.checkReceipts.schema],
  ['POST', '/api/words', checks.checkWord.schema],
  ['PUT', '/api/words', checks.checkWords.schema],
  ['GET', '/sessions/:id/:file'],
  ['GET', '/projects/:slug'],
  ['GET', '/strips/:slug/:file'],
  ['GET', '/composer/:slug?edit=:text'],
  ['GET', '/:text'],
];

/** The addresses of the endpoints that a file of `src/pages/api` answers, as they are written above. */
export const patternOf = (file: string): string =>
  `/api/${file
    .replace(/\.ts$/, '')
    .replace(/(^|\/)index$/, '')
    .replace(/\/$/, '')
    .replace(/\[(?:\.\.\.)?\w+\]/g, '*')}`;
export const templateOf = (path: string): string => path.split('?')[0]!.replace(/:\w+/g, '*');
