import Button from '@mui/material/Button';
import { useRef } from 'react';

/** A button that asks for a file. */
export function FileButton(props: {
  /** what the button says */
  says: string;
  /** what file it is, for those who do not see the button */
  label: string;
  /** endings and types that are offered */
  accept: string;
  /** called with the file that was chosen */
  onFile: (file: File) => void;
}) {
  const chooser = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button onClick={() => chooser.current?.click()}>{props.says}</Button>
      <input
        ref={chooser}
        type="file"
        accept={props.accept}
        aria-label={props.label}
        hidden
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) props.onFile(file);
        }}
      />
    </>
  );
}
