import { HtmlValidate } from 'html-validate';
import { describe, expect, it } from 'vitest';

const base = process.env.SERVED_URL!;

/** What makes a page no HTML, or says what is not so; how it is written down is the framework's. */
const validate = new HtmlValidate({
  root: true,
  extends: ['html-validate:document', 'html-validate:standard'],
  rules: {
    'attribute-boolean-style': 'off',
    'attribute-empty-style': 'off',
    'doctype-style': 'off',
    // A dialog that comes before the page’s own heading begins with its own; their order is axe’s to look at.
    'heading-level': 'off',
    'long-title': 'off',
    'no-implicit-button-type': 'off',
    'no-inline-style': 'off',
    'no-raw-characters': 'off',
    'no-self-closing': 'off',
    'no-trailing-whitespace': 'off',
    'prefer-native-element': 'off',
    'require-sri': 'off',
    'script-type': 'off',
    'void-style': 'off',
  },
  elements: ['html5', { 'astro-island': { flow: true, phrasing: true, permittedContent: ['@flow'] } }],
});

/** What is the framework’s: its style stands at the first island, and what a list to be dragged says of itself is put in by the browser. */
const FRAMEWORK = [/<style> element is not permitted/, /missing id "band"/];

async function faults(path: string): Promise<string[]> {
  const answer = await fetch(base + path);
  expect(answer.ok, path).toBe(true);
  const { results } = await validate.validateString(await answer.text());
  return results.flatMap(({ messages }) =>
    messages
      .filter(({ message }) => !FRAMEWORK.some((own) => own.test(message)))
      .map(({ ruleId, message, selector }) => `${ruleId}: ${message} (${selector})`),
  );
}

describe('every page is HTML as it should be: no id twice, tabs with their panels, nothing where it may not stand', async () => {
  const { lines } = (await (await fetch(`${base}/api/sessions?find=Tide%20club%20evening`)).json()) as {
    lines: { id: string }[];
  };
  const session = `/sessions/${lines[0]!.id}`;
  const stages = ['seats', 'fit', 'cut', 'kit', 'wrap-up', 'room', 'bench', 'print', 'packing', 'cards', 'room-sheet'];
  it.each([
    '/',
    '/sessions',
    '/people',
    '/projects',
    '/projects/petal-arms',
    '/shelf',
    '/shelf?view=outlook',
    '/order-list',
    '/records',
    '/settings',
    '/composer/band-buckle',
    '/pair',
    ...stages.map((stage) => `${session}/${stage}`),
  ])('%s', async (path) => expect(await faults(path)).toEqual([]));
});
