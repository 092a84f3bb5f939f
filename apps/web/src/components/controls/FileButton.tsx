import { type ReactNode, useRef } from 'react';
import { Button } from './controls';

interface FileButtonProps {
  readonly label: string;
  readonly accept: string;
  /** Opens the camera where there is one. */
  readonly capture?: 'environment';
  readonly disabled?: boolean;
  readonly onFile: (file: File) => void;
  readonly children: ReactNode;
}

/** A button that asks for one file; the same file may be chosen again. */
export function FileButton({ label, accept, capture, disabled, onFile, children }: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button onClick={() => input.current?.click()} disabled={disabled}>
        {children}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        capture={capture}
        aria-label={label}
        style={{ display: 'none' }}
        onChange={(event) => {
          const file = event.currentTarget.files?.[0];
          if (file) onFile(file);
          event.currentTarget.value = '';
        }}
      />
    </>
  );
}
