import { CircleAlert, Info, TriangleAlert } from 'lucide-react';
import { sayLengths, type Units } from '../core/measure';
import type { Message } from '../core/studio';

const LOOK = {
  error: { Icon: CircleAlert, word: 'Put right', tone: 'text-error' },
  warning: { Icon: TriangleAlert, word: 'Look', tone: 'text-base-content' },
  info: { Icon: Info, word: 'Note', tone: 'text-info' },
} as const;

/** What the instructor should know, worst first; each with a shape and a word, never colour alone. */
export function Messages({ messages, units }: { messages: readonly Message[]; units: Units }) {
  if (messages.length === 0) return null;
  const order = ['error', 'warning', 'info'];
  const sorted = [...messages].sort((a, b) => order.indexOf(a.level) - order.indexOf(b.level));
  return (
    <ul className="space-y-2">
      {sorted.map((message) => {
        const { Icon, word, tone } = LOOK[message.level];
        return (
          <li key={message.code + message.text} className="flex gap-2">
            <Icon className={`mt-0.5 shrink-0 ${tone}`} size={17} aria-hidden="true" />
            <span>
              <strong className={tone}>{word}:</strong> {sayLengths(message.text, message.values, units)}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
