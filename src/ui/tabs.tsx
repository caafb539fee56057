/** Views of one thing, one shown at a time. */
export function Tabs<View extends string>({
  label,
  views,
  shown,
  onShow,
}: {
  label: string;
  /** What each is called, in their order. */
  views: Readonly<Record<View, string>>;
  shown: View;
  onShow: (view: View) => void;
}) {
  return (
    <div role="tablist" aria-label={label} className="flex flex-wrap gap-1 px-4 pt-2">
      {(Object.keys(views) as View[]).map((one) => (
        <button
          key={one}
          type="button"
          role="tab"
          aria-selected={shown === one}
          className={`btn btn-sm ${shown === one ? 'btn-neutral' : 'btn-ghost'}`}
          onClick={() => onShow(one)}
        >
          {views[one]}
        </button>
      ))}
    </div>
  );
}
