import { chakra } from '@chakra-ui/react';
import type { ConformJob, PixelSize } from '@able-frame/core';
import type { Preview } from '../../workers/previews.ts';
import { cssMatrix, previewMap, type StageBox } from './stage-geometry.ts';

interface Props {
  source: PixelSize;
  preview: Preview;
  job: Pick<ConformJob, 'geometry' | 'crop'>;
  /** Where the cut falls. */
  box: StageBox;
  alt: string;
}

/** A preview laid so that the cut falls on its box. */
export function PreviewImage({ source, preview, job, box, alt }: Props) {
  return (
    <chakra.img
      src={preview.url}
      alt={alt}
      draggable={false}
      position="absolute"
      left="0"
      top="0"
      maxWidth="none"
      style={{
        width: preview.widthPx,
        height: preview.heightPx,
        transformOrigin: '0 0',
        transform: cssMatrix(previewMap(source, preview, job, box)),
        willChange: 'transform',
      }}
    />
  );
}
