import { useState } from 'react';
import { rememberedGuide, rememberGuide, type Guide } from './Guides.tsx';
import type { Tool } from './use-stage-gestures.ts';

/** What the large half of the bench shows: the frame, the finished pixels, or the corners of an artwork. */
export type View = 'frame' | 'actual' | 'square';

/** How the bench is looked at; nothing of it changes the frame. */
export interface BenchView {
  view: View;
  setView: (view: View) => void;
  /** Shows something else, or the frame again. */
  toggle: (view: View) => void;
  tool: Tool;
  setTool: (tool: Tool) => void;
  /** Over the frame; remembered for every picture. */
  guide: Guide;
  setGuide: (guide: Guide) => void;
  hasHelp: boolean;
  toggleHelp: () => void;
}

export function useBenchView(): BenchView {
  const [view, setView] = useState<View>('frame');
  const [tool, setTool] = useState<Tool>('move');
  const [guide, setGuide] = useState<Guide>(rememberedGuide);
  const [hasHelp, setHelp] = useState(false);
  return {
    view,
    setView,
    toggle: wanted => setView(now => (now === wanted ? 'frame' : wanted)),
    tool,
    setTool,
    guide,
    setGuide: next => {
      rememberGuide(next);
      setGuide(next);
    },
    hasHelp,
    toggleHelp: () => setHelp(v => !v),
  };
}
