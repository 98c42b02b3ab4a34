import { useState } from 'react';
import { rememberedGuide, rememberGuide, type Guide } from './Guides.tsx';

/** The guide over the frame, remembered for every picture. */
export function useGuide(): [Guide, (guide: Guide) => void] {
  const [guide, setGuide] = useState<Guide>(rememberedGuide);
  return [
    guide,
    next => {
      rememberGuide(next);
      setGuide(next);
    },
  ];
}
