/** What a page shows of a strip’s file: where it is, as fine as it is drawn and coarsely, and what it shows in words. */
export interface StripFileProps {
  readonly src: string;
  readonly coarse: string;
  readonly words: string;
  readonly size: { readonly width: number; readonly height: number };
}

/** A strip that the server draws, as wide as the page or so many times wider; a coarse one where nobody sees the difference. */
export const StripFile = ({ src, coarse, words, size, wider }: StripFileProps & { wider: number }) => (
  <img
    src={src}
    srcSet={`${coarse} 800w, ${src} 1600w`}
    sizes={`${100 * wider}vw`}
    alt={words}
    {...size}
    className="block w-full max-w-none"
  />
);
