import { useEffect, useRef } from 'react';
import { bringIn } from '../../bring-in.ts';
import { Button } from '../../parts/controls.tsx';

/** A whole folder with its subfolders. */
export function FolderButton() {
  const picker = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button onClick={() => picker.current?.click()}>Add a folder</Button>
      <input
        ref={picker}
        type="file"
        aria-label="Picture folder"
        hidden
        multiple
        {...{ webkitdirectory: '' }}
        onChange={event => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          // What systems put beside pictures is no picture of anybody's.
          void bringIn(files.filter(file => !/^(?:\.|Thumbs\.db$|desktop\.ini$)/i.test(file.name)));
        }}
      />
    </>
  );
}

/** Pictures from the clipboard, except while somebody is typing. */
export function usePaste(onFiles: (files: File[]) => void): void {
  const latest = useRef(onFiles);
  useEffect(() => {
    latest.current = onFiles;
  });
  useEffect(() => {
    const paste = (event: ClipboardEvent) => {
      const isTyping = event.target instanceof HTMLElement && event.target.matches('input, textarea');
      const files = [...(event.clipboardData?.files ?? [])];
      if (isTyping || !files.length) return;
      event.preventDefault();
      latest.current(files);
    };
    window.addEventListener('paste', paste);
    return () => window.removeEventListener('paste', paste);
  }, []);
}
