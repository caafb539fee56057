/** A small square of a cord's colour; its name stands beside it. */
export function Swatch({ hex, size = 14 }: { hex: string; size?: number }) {
  return (
    <svg
      viewBox="0 0 14 14"
      width={size}
      height={size}
      aria-hidden="true"
      className="inline-block shrink-0 align-[-2px]"
    >
      <rect x={0.5} y={0.5} width={13} height={13} fill={hex} stroke="var(--color-base-content)" strokeWidth={1} />
    </svg>
  );
}
