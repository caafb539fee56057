import { editSettings } from '../../app/studio/settings';
import { checkSettings } from '../../http/checks';
import { writes } from '../../http/endpoint';

export const PUT = writes(checkSettings, ({ version, settings }) => editSettings(version, settings));
