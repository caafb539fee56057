import { StripFile, type StripFileProps } from '../../ui/strip/strip-file';
import { Zoom } from '../../ui/strip/zoom';

/** A strip’s file on a page, to be looked at closer. */
export const StripZoom = ({ title, ...file }: StripFileProps & { title: string }) => (
  <Zoom title={title}>{(wider) => <StripFile {...file} wider={wider} />}</Zoom>
);
