import { editSettings } from '../../app/settings';
import { checkSettings } from '../../http/checks';
import { writes } from '../../http/endpoint';

export const PUT = writes(checkSettings, ({ version, settings }) => editSettings(version, settings));
