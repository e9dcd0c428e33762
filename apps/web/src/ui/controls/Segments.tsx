import { ToggleGroup } from 'radix-ui';

export interface SegmentsProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly (readonly [T, string])[];
  readonly onChange: (value: T) => void;
}

/** A few choices side by side, one of them on. */
export function Segments<T extends string>({ label, value, options, onChange }: SegmentsProps<T>) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value}
      onValueChange={(next) => {
        if (next !== '') onChange(next as T);
      }}
      className="inline-flex flex-wrap border-2 border-ink"
    >
      {options.map(([key, words]) => (
        <ToggleGroup.Item
          key={key}
          value={key}
          className="min-h-12 min-w-12 px-3.5 data-[state=on]:bg-ink data-[state=on]:font-bold data-[state=on]:text-ground"
        >
          {words}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
