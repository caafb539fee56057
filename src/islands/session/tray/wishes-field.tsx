import type { Colour } from '../../../core/cord';
import { TextCell } from '../../../ui/fields/text-cell';

const plain = (text: string): string => text.trim().toLowerCase();

/** The colour that a word means: its name, or the one whose name begins so. */
function meant(text: string, colours: readonly Colour[]): Colour | null {
  const exact = colours.find((one) => plain(one.name) === plain(text) || one.slug === plain(text));
  const starting = colours.filter((one) => plain(one.name).startsWith(plain(text)));
  return exact ?? (starting.length === 1 ? starting[0]! : null);
}

const split = (text: string): string[] => text.split(/[,;>]/).filter((part) => part.trim());

/** The colours somebody wishes for, dearest first, as words apart by commas. */
export function WishesField({
  name,
  wishes,
  colours,
  onChange,
}: {
  name: string;
  wishes: readonly string[];
  colours: readonly Colour[];
  onChange: (wishes: string[]) => void;
}) {
  const check = (text: string): string | null => {
    const parts = split(text);
    const unknown = parts.find((part) => !meant(part, colours));
    if (unknown) return `“${unknown.trim()}” is none of: ${colours.map((one) => one.name).join(', ')}`;
    if (new Set(parts.map((part) => meant(part, colours)!.slug)).size < parts.length) return 'A colour is there twice';
    return parts.length > 6 ? 'At most six colours' : null;
  };
  return (
    <label className="mt-2 block text-sm">
      Colours wished for, dearest first
      <TextCell
        label={`Colours ${name} wishes for`}
        value={wishes.map((slug) => colours.find((one) => one.slug === slug)?.name ?? slug).join(', ')}
        placeholder="Race blue, Samphire"
        check={check}
        onChange={(text) => onChange(split(text).map((part) => meant(part, colours)!.slug))}
      />
    </label>
  );
}
