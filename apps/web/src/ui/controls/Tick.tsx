/** A yes or no with its words, as large as a thumb. */
export const Tick = ({
  words,
  on,
  onChange,
}: {
  readonly words: string;
  readonly on: boolean | undefined;
  readonly onChange: (on: boolean) => void;
}) => (
  <label className="flex min-h-12 items-center gap-2">
    <input
      type="checkbox"
      className="size-6 accent-(--ink)"
      checked={on ?? false}
      onChange={(e) => onChange(e.currentTarget.checked)}
    />
    {words}
  </label>
);
