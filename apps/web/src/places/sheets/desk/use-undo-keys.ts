import { useEffect } from 'react';

/** Undo and redo by key, except while somebody is typing: a field has its own. */
export function useUndoKeys({ undo, redo }: { undo: () => void; redo: () => void }): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const isTyping = event.target instanceof HTMLElement && event.target.matches('input, textarea, select');
      if (isTyping || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      event.preventDefault();
      if (event.shiftKey) redo();
      else undo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo, redo]);
}
