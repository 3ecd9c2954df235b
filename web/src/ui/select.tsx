import { Check, ChevronDown } from 'lucide-react';
import { Select } from 'radix-ui';
import { styleNonce } from './nonce';

interface Props {
  label: string;
  value: string;
  options: readonly { name: string; label: string }[];
  onChoice: (name: string) => void;
  hideLabel?: boolean;
}

/** One of many, opened when asked for. */
export function Pick({ label, value, options, onChoice, hideLabel }: Props) {
  return (
    <div>
      {hideLabel ? null : <div className="mb-0.5 text-[0.92rem] text-soft">{label}</div>}
      <Select.Root value={value} onValueChange={onChoice}>
        <Select.Trigger
          aria-label={label}
          className="inline-flex min-h-11 min-w-32 items-center justify-between gap-2 rounded-md border border-ink/45 bg-sheet px-3 text-[1rem]"
        >
          <Select.Value />
          <Select.Icon>
            <ChevronDown size={17} aria-hidden />
          </Select.Icon>
        </Select.Trigger>
        <Select.Portal>
          <Select.Content
            position="popper"
            sideOffset={4}
            className="z-40 max-h-96 min-w-40 overflow-auto rounded-md border border-ink/40 bg-sheet shadow-[0_6px_24px_rgb(28_42_54/0.18)]"
          >
            <Select.Viewport nonce={styleNonce()}>
              {options.map((o) => (
                <Select.Item
                  key={o.name}
                  value={o.name}
                  className="flex min-h-11 cursor-pointer items-center justify-between gap-4 px-3 outline-none data-[highlighted]:bg-wash"
                >
                  <Select.ItemText>{o.label}</Select.ItemText>
                  <Select.ItemIndicator>
                    <Check size={16} aria-hidden />
                  </Select.ItemIndicator>
                </Select.Item>
              ))}
            </Select.Viewport>
          </Select.Content>
        </Select.Portal>
      </Select.Root>
    </div>
  );
}
