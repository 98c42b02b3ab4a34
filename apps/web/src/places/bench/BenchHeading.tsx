import { Link } from 'react-router';
import { capitalised, sizeRules, wordRule } from '@able-frame/core';
import { Button } from '../../parts/controls.tsx';
import { Heading } from '../../parts/Heading.tsx';
import type { Row } from '../../store/rows.ts';

interface Props {
  row: Row;
  /** Address of the submission. */
  address: string;
  index: number;
  count: number;
  onGo: (index: number) => void;
}

/** Whose frame this is, what its shape has to be, and the way to the next one. */
export function BenchHeading({ row: { picture, deliverable }, address, index, count, onGo }: Props) {
  return (
    <Heading
      sentence={`${picture.title || picture.fileName}: ${capitalised(deliverable.label)}`}
      next={
        <>
          {capitalised(sizeRules(deliverable).map(wordRule).join(', ') || 'any size')}.{' '}
          <Link to={`${address}/pictures`}>Back to the pictures</Link>
        </>
      }
    >
      <Button disabled={index === 0} onClick={() => onGo(index - 1)}>
        Previous
      </Button>
      <Button disabled={index === count - 1} onClick={() => onGo(index + 1)}>
        Next
      </Button>
    </Heading>
  );
}
