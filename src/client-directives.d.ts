import 'astro';

declare module 'astro' {
  interface AstroClientDirectives {
    /** Taken over when somebody works on the page (`ui/touched/`). */
    'client:touched'?: boolean;
  }
}
