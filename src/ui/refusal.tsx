/** Why something could not be done, said at once and aloud; nothing where there is no reason. */
export function Refusal({ why, className = '' }: { why: string | null | undefined; className?: string }) {
  if (!why) return null;
  return (
    <p role="alert" className={`border border-error bg-base-100 px-3 py-1.5 text-sm text-error ${className}`}>
      {why}
    </p>
  );
}
