import { Flex } from '@chakra-ui/react';
import type { RuleSheet } from '@able-frame/core';
import { Input } from '../../../parts/controls.tsx';
import { TextField } from '../../../parts/fields.tsx';
import { Button } from '../../../parts/controls.tsx';
import { today } from '../../../parts/today.ts';
import { changeSheet } from '../../../store/sheet-desk-store.ts';
import { LineGroup, LitLine, type Lighting } from './LitLine.tsx';

/** Who asks, and until when. */
export function AboutSheet({ sheet, ...lighting }: { sheet: RuleSheet } & Lighting) {
  return (
    <>
      <Flex gap="10px 18px" wrap="wrap">
        <TextField
          label="Title"
          hint="What you will look for next month."
          value={sheet.title}
          maxLength={100}
          onChange={title => changeSheet({ title })}
        />
        <TextField
          label="Organiser"
          hint="Who asks."
          value={sheet.organiser}
          maxLength={100}
          onChange={organiser => changeSheet({ organiser })}
        />
        <TextField
          label="In a sentence"
          hint="For choosing among sheets."
          width="340px"
          value={sheet.summary}
          maxLength={300}
          onChange={summary => changeSheet({ summary })}
        />
      </Flex>
      <LineGroup title="Dates">
        <LitLine
          {...lighting}
          id="closes"
          name="closing date"
          title={
            sheet.closes
              ? `Closes ${sheet.closes.at.replace('T', ', ')}${sheet.closes.zone ? ` ${sheet.closes.zone}` : ''}`
              : 'No closing date'
          }
          below={`Rules last checked on ${sheet.checkedOn ?? 'no day that is known'}.`}
        >
          <Dates sheet={sheet} />
        </LitLine>
      </LineGroup>
    </>
  );
}

function Dates({ sheet }: { sheet: RuleSheet }) {
  const { closes } = sheet;
  return (
    <Flex gap="10px 18px" wrap="wrap" align="flex-end" paddingTop="8px">
      <span>
        <label htmlFor="closes-at">Closes </label>
        <Input
          id="closes-at"
          type="datetime-local"
          value={closes?.at ?? ''}
          onChange={event => {
            const at = event.target.value;
            changeSheet(at ? { closes: { ...closes, at } } : { closes: undefined });
          }}
        />
      </span>
      <TextField
        label="Whose clock"
        hint="“UTC+1”, or the place. Empty: your own."
        width="160px"
        value={closes?.zone ?? ''}
        maxLength={60}
        onChange={zone =>
          closes && changeSheet({ closes: zone ? { at: closes.at, zone } : { at: closes.at } })
        }
      />
      <Button look="quiet" onClick={() => changeSheet({ checkedOn: today() })}>
        I compared it today
      </Button>
    </Flex>
  );
}
