import { COLOURS } from '../theme/tokens.ts';
import type { RowState } from '../store/rows.ts';

/** A file's state, or the verdict that only the person can give. */
type Shown = RowState | 'yours';

/** A state is always a shape, a word and a colour together. */
export const STATE_WORDS: Readonly<Record<RowState, string>> = {
  proven: 'Proven',
  ready: 'Ready',
  'needs-you': 'Needs you',
  broken: 'Broken',
  making: 'Making',
};

const STATE_COLOURS: Readonly<Record<Shown, keyof typeof COLOURS>> = {
  proven: 'proven',
  ready: 'ink',
  'needs-you': 'needsYou',
  broken: 'broken',
  making: 'accent',
  yours: 'ink',
};

function StateShape({ state }: { state: Shown }) {
  const colour = COLOURS[STATE_COLOURS[state]];
  return (
    <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true">
      {state === 'proven' && (
        <>
          <circle cx="8" cy="8" r="8" fill={colour} />
          <path d="M4 8.2l2.8 2.8L12 5.4" fill="none" stroke="#fff" strokeWidth="2" />
        </>
      )}
      {state === 'ready' && <circle cx="8" cy="8" r="6.8" fill="none" stroke={colour} strokeWidth="2.2" />}
      {state === 'yours' && (
        <path d="M1.4 1.4h13.2v13.2H1.4z" fill="none" stroke={colour} strokeWidth="2.2" />
      )}
      {state === 'needs-you' && <path d="M8 0l8 8-8 8-8-8z" fill={colour} />}
      {state === 'broken' && (
        <>
          <path d="M4.7 0h6.6L16 4.7v6.6L11.3 16H4.7L0 11.3V4.7z" fill={colour} />
          <path d="M5 5l6 6M11 5l-6 6" stroke="#fff" strokeWidth="2" />
        </>
      )}
      {state === 'making' && (
        <path
          d="M8 1.2a6.8 6.8 0 0 1 0 13.6"
          fill="none"
          stroke={colour}
          strokeWidth="2.4"
          strokeDasharray="3 2"
        />
      )}
    </svg>
  );
}

export function StateMark({ state, word }: { state: Shown; word?: string }) {
  return (
    <span className="state-mark" style={{ color: COLOURS[STATE_COLOURS[state]] }}>
      <StateShape state={state} />
      {word ?? (state === 'yours' ? 'Yours to declare' : STATE_WORDS[state])}
    </span>
  );
}
