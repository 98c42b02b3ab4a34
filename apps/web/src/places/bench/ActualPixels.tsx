import { Box, chakra, Flex } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import { finishedSize, valueOf, wordBytes, type ConformJob, type PixelSize } from '@able-frame/core';
import { readOriginal } from '../../database/database.ts';
import type { Picture } from '../../database/schemas.ts';
import { Button } from '../../parts/controls.tsx';
import { spaceOf } from '../../store/picture-facts.ts';
import { imagingPool } from '../../workers/imaging-pool.ts';
import type { Preview } from '../../workers/previews.ts';
import { PreviewImage } from './PreviewImage.tsx';
import { pictureBox } from './stage-geometry.ts';

interface Props {
  picture: Picture;
  source: PixelSize;
  preview: Preview;
  job: ConformJob;
  onClose: () => void;
}

/** The result as it will be made, pixel for pixel, really computed; panned by drag, and held against the picture before. */
export function ActualPixels({ picture, source, preview, job, onClose }: Props) {
  const made = useMade(picture, job);
  const [isBefore, setBefore] = useState(false);
  const view = useRef<HTMLDivElement>(null);
  const size = finishedSize(job);
  const file = { left: 0, top: 0, width: size.widthPx, height: size.heightPx };
  const pan = usePan(view);
  useEffect(() => {
    // The middle is what a person looks at first.
    const { current } = view;
    current?.scrollTo(
      (current.scrollWidth - current.clientWidth) / 2,
      (current.scrollHeight - current.clientHeight) / 2,
    );
  }, []);
  return (
    <Box role="region" aria-label="Actual pixels" display="flex" flexDirection="column" height="100%">
      <Flex gap="10px" align="center" wrap="wrap" padding="8px 0">
        <Button look="main" onClick={onClose}>
          Back to the frame
        </Button>
        <Button aria-pressed={isBefore} onClick={() => setBefore(!isBefore)}>
          {isBefore ? 'Showing before' : 'Showing after'}
        </Button>
        <span role="status">
          {made.state === 'making' && 'Making it at its own pixels …'}
          {made.state === 'failed' && made.why}
          {made.state === 'made' &&
            `One pixel here is one pixel of the file: ${size.widthPx} × ${size.heightPx}, ${wordBytes(made.bytes)}`}
        </span>
      </Flex>
      <Box
        ref={view}
        {...pan}
        flex="1"
        overflow="auto"
        background="surround"
        cursor="grab"
        tabIndex={0}
        aria-label="Drag to look round"
      >
        <Box position="relative" overflow="hidden" style={{ width: size.widthPx, height: size.heightPx }}>
          {made.state === 'made' && !isBefore && (
            <chakra.img
              src={made.url}
              alt={`${picture.title} as it will be made`}
              draggable={false}
              maxWidth="none"
            />
          )}
          {(isBefore || made.state !== 'made') && (
            <PreviewImage
              source={source}
              preview={preview}
              job={job}
              box={pictureBox(file, job)}
              alt={`${picture.title} before`}
            />
          )}
        </Box>
      </Box>
    </Box>
  );
}

type Made =
  { state: 'making' } | { state: 'failed'; why: string } | { state: 'made'; url: string; bytes: number };

/** Makes the file as the batch would, and forgets it again. */
function useMade(picture: Picture, job: ConformJob): Made {
  const [made, setMade] = useState<Made>({ state: 'making' });
  useEffect(() => {
    const stop = new AbortController();
    let url: string | undefined;
    make(picture, job, stop.signal).then(
      blob => {
        if (stop.signal.aborted) return;
        url = URL.createObjectURL(blob);
        setMade({ state: 'made', url, bytes: blob.size });
      },
      (error: Error) => {
        if (!stop.signal.aborted)
          setMade({ state: 'failed', why: `It could not be made: ${error.message}.` });
      },
    );
    return () => {
      stop.abort();
      if (url) URL.revokeObjectURL(url);
    };
  }, [picture, job]);
  return made;
}

async function make(picture: Picture, job: ConformJob, signal: AbortSignal): Promise<Blob> {
  const original = await readOriginal(picture.id);
  if (!original) throw new Error('the original is not in the browser’s store any more');
  // Browsers cannot show a TIFF; a PNG holds the same pixels.
  const output = job.output.format === 'tiff' ? { ...job.output, format: 'png' as const } : job.output;
  const result = await imagingPool().conform(
    {
      bytes: new Uint8Array(await original.arrayBuffer()),
      orientation: valueOf(picture.facts.orientation) ?? 1,
      space: spaceOf(picture),
      job: { ...job, output },
    },
    () => undefined,
    signal,
  );
  if (result.outcome !== 'made') throw new Error('it weighs too much even at the lowest quality');
  return new Blob([result.file.bytes as BlobPart], { type: `image/${output.format}` });
}

/** Scrolls by drag. */
function usePan(view: React.RefObject<HTMLDivElement | null>) {
  const from = useRef<{ x: number; y: number; left: number; top: number }>(undefined);
  return {
    onPointerDown: (event: React.PointerEvent) => {
      const { current } = view;
      if (!current) return;
      current.setPointerCapture(event.pointerId);
      from.current = { x: event.clientX, y: event.clientY, left: current.scrollLeft, top: current.scrollTop };
    },
    onPointerMove: (event: React.PointerEvent) => {
      if (!from.current) return;
      view.current?.scrollTo(
        from.current.left - (event.clientX - from.current.x),
        from.current.top - (event.clientY - from.current.y),
      );
    },
    onPointerUp: () => {
      from.current = undefined;
    },
  };
}
