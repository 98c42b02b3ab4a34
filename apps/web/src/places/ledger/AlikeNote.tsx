import { Box, Flex } from '@chakra-ui/react';
import { useStore } from 'zustand';
import { wordBytes, wordSize } from '@able-frame/core';
import type { Picture } from '../../database/schemas.ts';
import { Button } from '../../parts/controls.tsx';
import { PictureThumb } from '../../parts/PictureThumb.tsx';
import { sizeOf } from '../../store/picture-facts.ts';
import { changePicture, removePictures } from '../../store/submission-actions.ts';
import { submissionStore } from '../../store/submission-store.ts';

/** The same picture in another size or quality, side by side; the person chooses. */
export function AlikeNote({ picture }: { picture: Picture }) {
  const other = useStore(submissionStore, s =>
    picture.looksLike && s.submission?.order.includes(picture.looksLike)
      ? s.pictures.get(picture.looksLike)
      : undefined,
  );
  if (!other) return null;
  const both = () => void changePicture(picture.id, { looksLike: undefined });
  return (
    <Box background="needsYouWash" padding="6px 8px" marginTop="6px" fontSize="cell">
      <strong>Looks the same as {other.title || other.fileName}</strong>
      <Flex gap="10px" marginBlock="4px">
        {[picture, other].map(p => (
          <Box key={p.id}>
            <PictureThumb blob={p.thumbnail} alt={`${p.fileName} beside the other`} />
            <Box lineHeight="1.2">{wordMeasures(p)}</Box>
          </Box>
        ))}
      </Flex>
      <Flex gap="4px 12px" wrap="wrap">
        <Button look="text" fontSize="cell" onClick={() => void removePictures([picture.id])}>
          Take this one out
        </Button>
        <Button look="text" fontSize="cell" onClick={() => void removePictures([other.id]).then(both)}>
          Take the other out
        </Button>
        <Button look="text" fontSize="cell" onClick={both}>
          Both stay
        </Button>
      </Flex>
    </Box>
  );
}

function wordMeasures(picture: Picture): string {
  const size = sizeOf(picture);
  return `${size ? wordSize(size.widthPx, size.heightPx) : ''}, ${wordBytes(picture.facts.sizeBytes)}`;
}
