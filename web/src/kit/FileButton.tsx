import UploadIcon from '@mui/icons-material/FileUploadOutlined';
import { Button } from '@mui/material';
import { useRef, type ReactNode } from 'react';

interface Props {
  /** of the file that is chosen, for who cannot see the button beside it */
  label: string;
  accept: string;
  variant?: 'contained' | 'outlined';
  disabled?: boolean;
  onFile: (file: File) => void;
  children: ReactNode;
}

/** A button that asks for a file. */
export function FileButton({ label, accept, variant = 'outlined', disabled = false, onFile, children }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button variant={variant} startIcon={<UploadIcon />} disabled={disabled} onClick={() => input.current?.click()}>
        {children}
      </Button>
      <input
        ref={input}
        hidden
        type="file"
        accept={accept}
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file !== undefined) {
            onFile(file);
          }
          event.target.value = '';
        }}
      />
    </>
  );
}
