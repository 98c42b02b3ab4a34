import { Box, chakra, Flex, Progress } from '@chakra-ui/react';
import { useState } from 'react';
import { useStore } from 'zustand';
import { wordPlural } from '@able-frame/core';
import { bringIn, stopBringingIn } from '../../bring-in.ts';
import { DropPage } from '../../parts/DropPage.tsx';
import { Heading } from '../../parts/Heading.tsx';
import { PlaceLine } from '../../parts/PlaceLine.tsx';
import { STATE_WORDS } from '../../parts/StateMark.tsx';
import { useRows } from '../../parts/use-rows.ts';
import { runBatch } from '../../run-batch.ts';
import { countStates, type Row, type RowState } from '../../store/rows.ts';
import { submissionStore } from '../../store/submission-store.ts';
import { DetailFields } from './DetailFields.tsx';
import { ledgerSentence } from './ledger-sentence.ts';
import { LedgerTable } from './LedgerTable.tsx';
import { NextStep } from './NextStep.tsx';
import { Button, Input, Select } from '../../parts/controls.tsx';
import { BulkBar } from './BulkBar.tsx';
import { isNamed, sorted, type Order } from './list-order.ts';
import { OrderByDrag } from './OrderByDrag.tsx';
import { SectionDrops, sectionUnder } from './SectionDrops.tsx';
import { FolderButton, usePaste } from './ways-in.tsx';

const FILTERS: readonly (RowState | 'all')[] = ['all', 'needs-you', 'ready', 'proven', 'broken'];

/** The main view of a submission: a row for each picture, a column for each group of rules. */
export function LedgerPlace() {
  const submission = useStore(submissionStore, s => s.submission);
  const incoming = useStore(submissionStore, s => s.incoming);
  const rows = useRows();
  const [filter, setFilter] = useState<RowState | 'all'>('all');
  const [sought, setSought] = useState('');
  const [order, setOrder] = useState<Order>('number');
  usePaste(files => void bringIn(files));
  if (!submission) return null;
  const counts = countStates(rows);
  const shown = sorted(
    rows.filter(row => (filter === 'all' || row.state === filter) && isNamed(row, sought)),
    order,
  );
  return (
    <DropPage label="Picture files" onFiles={(files, target) => void bringIn(files, sectionUnder(target))}>
      {({ open, isDragActive }) => (
        <>
          <Heading
            sentence={isDragActive ? 'Let go to add the pictures.' : ledgerSentence(rows)}
            next={<NextStep rows={rows} sheet={submission.sheet} />}
          >
            <Button onClick={open}>Add pictures</Button>
            <FolderButton />
            <MakeButton rows={rows} />
          </Heading>
          <PlaceLine id={submission.id} />
          <Progresses incoming={incoming} />
          <DetailFields submission={submission} />
          {rows.length > 0 ? (
            <>
              <Flex justify="space-between" gap="6px 24px" wrap="wrap" marginBottom="10px">
                <Flex role="group" aria-label="Show" gap="18px" wrap="wrap">
                  {FILTERS.map(f => (
                    <chakra.button
                      key={f}
                      aria-pressed={filter === f}
                      onClick={() => setFilter(f)}
                      minHeight="28px"
                      cursor="pointer"
                      color={filter === f ? 'ink' : 'inkSoft'}
                      fontWeight={filter === f ? '700' : '400'}
                      borderBottomWidth="2px"
                      borderColor={filter === f ? 'ink' : 'transparent'}
                    >
                      {f === 'all' ? 'All' : STATE_WORDS[f]} {f === 'all' ? rows.length : counts[f]}
                    </chakra.button>
                  ))}
                </Flex>
                <Flex gap="6px 14px" wrap="wrap" align="center">
                  <Input
                    aria-label="Find a picture"
                    placeholder="find a picture"
                    width="150px"
                    value={sought}
                    onChange={event => setSought(event.target.value)}
                  />
                  <Select
                    aria-label="Order of the list"
                    value={order}
                    onChange={event => setOrder(event.target.value as Order)}
                  >
                    <option value="number">in running-number order</option>
                    <option value="state">those that need you first</option>
                    <option value="title">by title</option>
                  </Select>
                </Flex>
              </Flex>
              <BulkBar rows={rows} submission={submission} />
              <OrderByDrag rows={shown} sheet={submission.sheet} isNumbered={order === 'number'}>
                <LedgerTable rows={shown} submission={submission} />
              </OrderByDrag>
            </>
          ) : (
            <EmptyLedger onAdd={open} busy={incoming !== undefined} />
          )}
          {isDragActive && <SectionDrops sheet={submission.sheet} what="these files" />}
        </>
      )}
    </DropPage>
  );
}

function MakeButton({ rows }: { rows: readonly Row[] }) {
  const run = useStore(submissionStore, s => s.run);
  const ready = rows.filter(row => row.state === 'ready' || (row.made && row.state === 'broken'));
  if (run) return <Button onClick={run.cancel}>Stop making</Button>;
  return (
    <Button look="main" disabled={!ready.length} onClick={() => void runBatch(ready)}>
      Make and prove{ready.length ? ` ${ready.length}` : ''}
    </Button>
  );
}

function Progresses({ incoming }: { incoming: { total: number; done: number } | undefined }) {
  const run = useStore(submissionStore, s => s.run);
  return (
    <Box aria-live="polite">
      {incoming && (
        <Button look="quiet" marginBottom="6px" onClick={stopBringingIn}>
          Stop adding
        </Button>
      )}
      {incoming && (
        <Bar
          label={`Looking at ${incoming.total} ${wordPlural(incoming.total, 'file')}: ${incoming.done} done`}
          done={incoming.done}
          total={incoming.total}
        />
      )}
      {run && (
        <Bar
          label={`Making and proving ${run.total} ${wordPlural(run.total, 'file')}: ${run.done} done`}
          done={run.done}
          total={run.total}
        />
      )}
    </Box>
  );
}

function Bar({ label, done, total }: { label: string; done: number; total: number }) {
  return (
    <Progress.Root value={done} max={total} marginBottom="12px">
      <Progress.Label>{label}</Progress.Label>
      <Progress.Track height="8px" borderWidth="1px" borderColor="ink" background="sheet">
        <Progress.Range height="100%" background="accent" />
      </Progress.Track>
    </Progress.Root>
  );
}

function EmptyLedger({ onAdd, busy }: { onAdd: () => void; busy: boolean }) {
  return (
    <Flex
      direction="column"
      align="center"
      gap="14px"
      borderWidth="1px"
      borderColor="line"
      background="sheet"
      padding="56px 20px"
      textAlign="center"
    >
      <svg width="150" height="96" viewBox="0 0 150 96" aria-hidden="true">
        <rect
          x="24"
          y="8"
          width="118"
          height="68"
          fill="#e3eef0"
          stroke="#0b5160"
          strokeWidth="1.5"
          strokeDasharray="4 3"
        />
        <path d="M24 88h118M24 83v10M142 83v10M8 8v68M3 8h10M3 76h10" stroke="#14191c" fill="none" />
      </svg>
      <chakra.p maxWidth="46ch">
        {busy
          ? 'The first pictures are on their way in.'
          : 'Drop JPEG, PNG, TIFF, WebP or HEIC pictures, or whole folders, anywhere on this page. They are copied into this browser; the files on your disk are never changed and nothing is sent anywhere.'}
      </chakra.p>
      {!busy && (
        <Button look="main" onClick={onAdd}>
          Choose pictures
        </Button>
      )}
    </Flex>
  );
}
