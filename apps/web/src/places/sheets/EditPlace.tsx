import { useEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { BUILT_IN_SHEETS, type RuleSheet } from '@able-frame/core';
import { readText } from '../../database/database.ts';
import { Heading } from '../../parts/Heading.tsx';
import { allSheets, loadSheets } from '../../store/sheets-store.ts';
import { layOut } from '../../store/sheet-desk-store.ts';
import { SheetDesk } from './desk/SheetDesk.tsx';

/** A sheet that is kept, on the desk again. One that came with the program is changed as a copy. */
export function EditPlace() {
  const { id = '' } = useParams();
  const navigate = useNavigate();
  const [state, setState] = useState<'loading' | 'open' | 'missing'>('loading');
  useEffect(() => {
    let isCurrent = true;
    void open(id).then(found => {
      if (isCurrent) setState(found ? 'open' : 'missing');
    });
    return () => {
      isCurrent = false;
    };
  }, [id]);
  if (state === 'open') return <SheetDesk onBack={() => void navigate('/sheets')} />;
  return (
    <Heading
      sentence={state === 'loading' ? 'Looking for the rule sheet …' : 'This rule sheet is not here.'}
    />
  );
}

async function open(id: string): Promise<RuleSheet | undefined> {
  await loadSheets();
  const sheet = allSheets().find(s => s.id === id);
  if (!sheet) return undefined;
  const kept = await readText(id);
  const isOwn = !BUILT_IN_SHEETS.includes(sheet);
  layOut({
    sheet: isOwn ? sheet : { ...sheet, title: `${sheet.title}, my copy` },
    text: kept?.text ?? '',
    lines: kept?.lines ?? [],
    questions: [],
    notHeld: [],
    replaces: isOwn ? id : undefined,
  });
  return sheet;
}
