import { X } from 'lucide-react';
import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

interface Props {
  title: string;
  open: boolean;
  /** Left out where something has to be chosen first. */
  onOpenChange?: (open: boolean) => void;
  children: ReactNode;
  wide?: boolean;
}

export function Dialog({ title, open, onOpenChange, children, wide }: Props) {
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange ?? (() => undefined)}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-ink/35" />
        <Radix.Content
          aria-describedby={undefined}
          className={`fixed top-1/2 left-1/2 z-50 max-h-[90dvh] -translate-x-1/2 -translate-y-1/2 overflow-auto rounded-lg border border-ink/40 bg-sheet p-6 shadow-[0_14px_50px_rgb(28_42_54/0.3)] ${wide ? 'max-w-4xl' : 'max-w-lg'} w-[94vw]`}
        >
          <Radix.Title className="heading mb-3 pr-10">{title}</Radix.Title>
          {children}
          {onOpenChange ? (
            <Radix.Close
              aria-label="Close"
              className="absolute top-3 right-3 grid size-11 place-items-center rounded-md hover:bg-wash"
            >
              <X size={20} aria-hidden />
            </Radix.Close>
          ) : null}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
