import { Zoom } from '../../ui/strip/zoom';

/** A strip’s file on a page, to be looked at closer. */
export const StripZoom = ({
  src,
  title,
  words,
  size,
}: {
  src: string;
  title: string;
  words: string;
  size: { width: number; height: number };
}) => (
  <Zoom title={title}>
    <img src={src} alt={words} {...size} className="block w-full max-w-none" />
  </Zoom>
);
