import { chakra, Flex } from '@chakra-ui/react';
import { Button } from '../../parts/controls.tsx';

const KEYS = [
  ['arrows', 'move by one source pixel, with Shift by ten'],
  ['+ −', 'show less or more of the picture'],
  ['t', 'turn by a quarter'],
  ['m', 'mirror'],
  ['g', 'next guides'],
  ['a', 'actual pixels, and back'],
  ['n p', 'next and previous file'],
  ['Ctrl z', 'undo, with Shift redo'],
  ['?', 'this list'],
] as const;

export function KeyHelp({ onClose }: { onClose: () => void }) {
  return (
    <chakra.section
      aria-label="Keys"
      background="sheet"
      borderWidth="1px"
      borderColor="ink"
      padding="12px 16px"
      marginBottom="12px"
    >
      <Flex justify="space-between" gap="16px">
        <chakra.dl
          css={{
            columns: '260px 3',
            '& dt': { display: 'inline-block', minWidth: '8ch', fontFamily: 'measure' },
            '& dd': { display: 'inline', margin: 0 },
          }}
        >
          {KEYS.map(([key, words]) => (
            <div key={key}>
              <dt>{key}</dt> <dd>{words}</dd>
            </div>
          ))}
        </chakra.dl>
        <Button look="quiet" onClick={onClose}>
          Close
        </Button>
      </Flex>
    </chakra.section>
  );
}
