import { Upload } from 'lucide-react';
import { type ReactNode, useRef } from 'react';
import { Button } from './button';

interface Props {
  /** What the file is, for whoever hears the page. */
  label: string;
  /** Endings and types that are offered. */
  accept: string;
  onFile: (file: File) => void;
  children: ReactNode;
  /** Taken with the camera at the back, where there is one. */
  camera?: boolean;
  className?: string;
}

/** A press that asks for a file; the browser's own field for it is never seen. */
export function FileButton({ label, accept, onFile, children, camera, className = '' }: Props) {
  const chosen = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button look="quiet" className={className} onClick={() => chosen.current?.click()}>
        <Upload size={17} aria-hidden /> {children}
      </Button>
      <input
        ref={chosen}
        type="file"
        accept={accept}
        aria-label={label}
        {...(camera ? { capture: 'environment' as const } : {})}
        // The press before it is what keys reach; this one would be a stop that nobody sees.
        tabIndex={-1}
        className="sr-only"
        onChange={(e) => {
          const file = e.currentTarget.files?.[0];
          e.currentTarget.value = '';
          if (file) {
            onFile(file);
          }
        }}
      />
    </>
  );
}
