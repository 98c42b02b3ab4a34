import { useEffect, useMemo } from 'react';
import { useStore } from 'zustand';
import { BUILT_IN_SHEETS, type RuleSheet } from '@able-frame/core';
import { loadSheets, sheetsStore } from '../store/sheets-store.ts';

/** All rule sheets, the person's own first. */
export function useSheets(): readonly RuleSheet[] {
  const own = useStore(sheetsStore, s => s.own);
  useEffect(() => {
    void loadSheets();
  }, []);
  return useMemo(() => [...own, ...BUILT_IN_SHEETS], [own]);
}
