import { Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Picture } from '../../database/schemas.ts';
import { Button } from '../../parts/controls.tsx';
import { redoFrame, setFrame, undoFrame } from '../../store/frame-actions.ts';

interface Props {
  picture: Picture;
  deliverableId: string;
  children: ReactNode;
}

/** Taking steps back and bringing them again; everything that was done stays known. */
export function StepButtons({ picture, deliverableId, children }: Props) {
  const history = picture.frameHistory?.[deliverableId];
  return (
    <Flex gap="8px" wrap="wrap">
      <Button
        look="quiet"
        disabled={!history?.past.length}
        onClick={() => void undoFrame(picture.id, deliverableId)}
      >
        Undo
      </Button>
      <Button
        look="quiet"
        disabled={!history?.future.length}
        onClick={() => void redoFrame(picture.id, deliverableId)}
      >
        Redo
      </Button>
      <Button
        look="quiet"
        disabled={!picture.frames?.[deliverableId]}
        onClick={() => void setFrame(picture.id, deliverableId, undefined)}
      >
        Start again
      </Button>
      {children}
    </Flex>
  );
}
