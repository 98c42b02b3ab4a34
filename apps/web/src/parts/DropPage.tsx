import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { useDropzone } from 'react-dropzone';

interface Props {
  /** What the hidden file field is called for those who cannot see it. */
  label: string;
  /** @param target what the files were let go on; null where they were chosen */
  onFiles: (files: File[], target: EventTarget | null) => void;
  children: (drop: { open: () => void; isDragActive: boolean }) => ReactNode;
}

/** A page that takes files dropped anywhere on it, or chosen. */
export function DropPage({ label, onFiles, children }: Props) {
  const { getRootProps, getInputProps, open, isDragActive } = useDropzone({
    onDrop: (files, _, event) => onFiles(files, 'dataTransfer' in event ? event.target : null),
    noClick: true,
    noKeyboard: true,
    multiple: true,
  });
  return (
    <Box
      {...getRootProps()}
      minHeight="calc(100dvh - 100px)"
      outline={isDragActive ? '2px dashed' : undefined}
      outlineColor="accent"
      outlineOffset="8px"
    >
      <input {...getInputProps({ 'aria-label': label })} />
      {children({ open, isDragActive })}
    </Box>
  );
}
