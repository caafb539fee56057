import type { ClientDirective } from 'astro';
import { hold } from './hold';
import { whenTouched } from './when-touched';

/**
 * `client:touched`: a page is read before it is worked on. It is taken over when somebody touches it, or when it has been there for a
 * while, for what others do is seen on it; until then it costs a phone nothing but to be drawn. What is pressed meanwhile is done then.
 */
const onTouch: ClientDirective = async (load, _, island) => {
  const release = hold(island);
  await whenTouched();
  try {
    const takeOver = await load();
    await takeOver();
  } finally {
    await release();
  }
};
export default onTouch;
