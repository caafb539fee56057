import { Zoom } from '../../ui/strip/zoom';

/** A strip’s file on a page, to be looked at closer; a coarse one where it is so small that nobody sees the difference. */
export const StripZoom = ({
  src,
  coarse,
  title,
  words,
  size,
}: {
  src: string;
  coarse: string;
  title: string;
  words: string;
  size: { width: number; height: number };
}) => (
  <Zoom title={title}>
    {(wider) => (
      <img
        src={src}
        srcSet={`${coarse} 800w, ${src} 1600w`}
        sizes={`${100 * wider}vw`}
        alt={words}
        {...size}
        className="block w-full max-w-none"
      />
    )}
  </Zoom>
);
