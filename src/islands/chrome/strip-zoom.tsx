import { Zoom } from '../../ui/strip/zoom';

/** A strip’s file on a page, to be looked at closer. */
export const StripZoom = ({ src, title, words }: { src: string; title: string; words: string }) => (
  <Zoom title={title}>
    <img src={src} alt={words} className="block w-full max-w-none" />
  </Zoom>
);
