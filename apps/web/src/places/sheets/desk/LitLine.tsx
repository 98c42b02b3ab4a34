import { chakra } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import { Button } from '../../../parts/controls.tsx';

export interface Lighting {
  lit: string | undefined;
  onLight: (id: string | undefined) => void;
}

interface Props extends Lighting {
  id: string;
  title: ReactNode;
  /** What the line is called where its title alone would not be read. */
  name: string;
  isAdvice?: boolean;
  below: ReactNode;
  /** The fields, shown when a person wants to put the line right. */
  children?: ReactNode;
}

/** A line of the sheet that lights the words it was read from, and can be opened to be changed. */
export function LitLine({ id, lit, onLight, title, name, isAdvice, below, children }: Props) {
  const [isOpen, setOpen] = useState(false);
  return (
    <chakra.li
      tabIndex={0}
      aria-label={name}
      padding="9px 14px"
      borderBottomWidth="1px"
      borderColor="hair"
      borderLeftWidth="3px"
      borderLeftColor={lit === id ? 'accent' : 'transparent'}
      background={lit === id ? 'accentWash' : undefined}
      onMouseEnter={() => onLight(id)}
      onMouseLeave={() => onLight(undefined)}
      onFocus={() => onLight(id)}
      onBlur={() => onLight(undefined)}
    >
      <strong>{title}</strong>
      {isAdvice && <chakra.span color="inkSoft"> (advice)</chakra.span>}
      <chakra.div color="inkSoft" fontSize="cell">
        {below}
      </chakra.div>
      {children && (
        <Button
          look="text"
          fontSize="cell"
          aria-expanded={isOpen}
          aria-label={`Change ${name}`}
          onClick={() => setOpen(!isOpen)}
        >
          {isOpen ? 'Done' : 'Change'}
        </Button>
      )}
      {isOpen && children}
    </chakra.li>
  );
}

/** A list of such lines under a small title. */
export function LineGroup({ title, children }: { title: string; children: ReactNode }) {
  return (
    <>
      <chakra.h3 fontWeight="600" color="inkSoft" marginTop="12px" marginBottom="4px">
        {title}
      </chakra.h3>
      <chakra.ul listStyleType="none" background="sheet" borderWidth="1px" borderColor="line">
        {children}
      </chakra.ul>
    </>
  );
}
