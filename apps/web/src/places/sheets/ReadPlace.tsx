import { Box, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../../parts/controls.tsx';
import { DropPage } from '../../parts/DropPage.tsx';
import { Heading } from '../../parts/Heading.tsx';
import { today } from '../../parts/today.ts';
import { SheetDesk } from './desk/SheetDesk.tsx';
import { readIntoDesk } from './read-into-desk.ts';
import { textFromFile } from './text-from-file.ts';

/** Where an organiser's text is pasted or dropped. Once it is read, the desk takes over. */
export function ReadPlace() {
  const [text, setText] = useState('');
  const [isRead, setIsRead] = useState(false);
  const [trouble, setTrouble] = useState('');
  const read = () => {
    try {
      readIntoDesk(text, today());
      setTrouble('');
      setIsRead(true);
    } catch (error) {
      setTrouble((error as Error).message);
    }
  };
  const open = async ([file]: File[]) => {
    if (!file) return;
    try {
      setText(await textFromFile(file));
      setTrouble('');
    } catch (error) {
      setTrouble((error as Error).message);
    }
  };
  if (isRead) return <SheetDesk onBack={() => setIsRead(false)} />;
  return (
    <DropPage label="File with the organiser’s text" onFiles={files => void open(files)}>
      {drop => (
        <>
          <Heading
            sentence={drop.isDragActive ? 'Let go to open the text.' : 'Paste what the organiser wrote.'}
            next={
              <>
                The rules about files are read out of it. You see which words gave which rule, and what was
                not understood. No text? <Link to="/sheets/new">Begin without one</Link>.
              </>
            }
          >
            <Button onClick={drop.open}>Open a file</Button>
            <Button look="main" disabled={!text.trim()} onClick={read}>
              Read the rules
            </Button>
          </Heading>
          <Box role="alert">{trouble && <chakra.p color="broken">{trouble}</chakra.p>}</Box>
          <chakra.label htmlFor="organiser-text" fontWeight="600" color="inkSoft">
            The organiser’s text
          </chakra.label>
          <chakra.textarea
            id="organiser-text"
            value={text}
            onChange={event => setText(event.target.value)}
            display="block"
            width="100%"
            minHeight="420px"
            marginTop="6px"
            padding="18px 24px"
            background="sheet"
            borderWidth="1.5px"
            borderColor="inkSoft"
            placeholder="Competition rules, a prospectus, a help page, a letter: anything that says how the files are to be. A .txt, .html, .docx or .pdf file can be dropped here."
          />
        </>
      )}
    </DropPage>
  );
}
