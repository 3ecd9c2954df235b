import { ToggleGroup } from 'radix-ui';

interface Props<T extends string> {
  label: string;
  value: T;
  options: readonly { name: T; label: string }[];
  onChoice: (name: T) => void;
  hideLabel?: boolean;
  stacked?: boolean;
}

/** One of a few schools, all in sight. */
export function Choice<T extends string>({ label, value, options, onChoice, hideLabel, stacked }: Props<T>) {
  return (
    <div>
      {hideLabel ? null : <div className="mb-0.5 text-[0.92rem] text-soft">{label}</div>}
      <ToggleGroup.Root
        type="single"
        aria-label={label}
        value={value}
        onValueChange={(name) => {
          if (name !== '') {
            onChoice(name as T);
          }
        }}
        className={`${stacked ? 'flex flex-col' : 'inline-flex flex-wrap'} rounded-md border border-ink/45`}
      >
        {options.map((o) => (
          <ToggleGroup.Item
            key={o.name}
            value={o.name}
            className="min-h-11 border-ink/20 px-3 first:rounded-l-[5px] last:rounded-r-[5px] focus-visible:z-10 text-left text-[0.98rem] not-first:border-l data-[state=off]:bg-sheet data-[state=on]:bg-ink data-[state=on]:text-sheet data-[state=off]:hover:bg-wash"
          >
            {o.label}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </div>
  );
}
