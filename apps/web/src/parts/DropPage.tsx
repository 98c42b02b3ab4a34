import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { useDropzone } from 'react-dropzone';

interface Props {
  /** What the hidden file field is called for those who cannot see it. */
  label: string;
  onFiles: (files: File[]) => void;
  children: (drop: { open: () => void; isDragActive: boolean }) => ReactNode;
}

/** A page that takes files dropped anywhere on it, or chosen. */
export function DropPage({ label, onFiles, children }: Props) {
  const { getRootProps, getInputProps, open, isDragActive } = useDropzone({
    onDrop: onFiles,
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
