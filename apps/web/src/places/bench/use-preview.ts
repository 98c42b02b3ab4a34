import { useEffect, useState } from 'react';
import { previewOf, type Preview } from '../../workers/previews.ts';

export type PreviewState =
  { state: 'there'; preview: Preview } | { state: 'coming' | 'failed'; sentence: string };

/** The picture's preview, and those of its neighbours ahead of time. */
export function usePreview(
  pictureId: string,
  evenPaper: boolean,
  neighbours: readonly (string | undefined)[],
): PreviewState {
  const [state, setState] = useState<PreviewState>({ state: 'coming', sentence: 'Opening the picture …' });
  const ahead = neighbours.filter(id => id !== undefined && id !== pictureId).join(' ');
  useEffect(() => {
    let isCurrent = true;
    previewOf(pictureId, evenPaper).then(
      preview => {
        if (!isCurrent) return;
        setState({ state: 'there', preview });
        for (const id of ahead ? ahead.split(' ') : []) void previewOf(id).catch(() => undefined);
      },
      (error: Error) => {
        if (isCurrent)
          setState({ state: 'failed', sentence: `The picture cannot be shown. ${error.message}` });
      },
    );
    return () => {
      isCurrent = false;
    };
  }, [pictureId, evenPaper, ahead]);
  return state;
}
