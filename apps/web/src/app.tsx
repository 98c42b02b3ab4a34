import { createBrowserRouter, Navigate } from 'react-router';
import { Frame } from './parts/Frame.tsx';
import { ErrorPage } from './parts/ErrorPage.tsx';

/** Places are loaded when first visited; the frame round them stays. */
export const router = createBrowserRouter([
  {
    path: '/',
    Component: Frame,
    ErrorBoundary: ErrorPage,
    HydrateFallback: () => null,
    children: [
      {
        index: true,
        lazy: async () => ({ Component: (await import('./places/home/HomePlace.tsx')).HomePlace }),
      },
      {
        path: 'sheets',
        lazy: async () => ({ Component: (await import('./places/sheets/SheetsPlace.tsx')).SheetsPlace }),
      },
      {
        path: 'sheets/read',
        lazy: async () => ({ Component: (await import('./places/sheets/ReadPlace.tsx')).ReadPlace }),
      },
      {
        path: 'sheets/new',
        lazy: async () => ({ Component: (await import('./places/sheets/NewPlace.tsx')).NewPlace }),
      },
      {
        path: 'sheets/edit/:id',
        lazy: async () => ({ Component: (await import('./places/sheets/EditPlace.tsx')).EditPlace }),
      },
      {
        path: 'check',
        lazy: async () => ({ Component: (await import('./places/check/CheckPlace.tsx')).CheckPlace }),
      },
      {
        path: 'submission/:id',
        lazy: async () => ({ Component: (await import('./parts/SubmissionFrame.tsx')).SubmissionFrame }),
        children: [
          { index: true, element: <Navigate to="pictures" replace /> },
          {
            path: 'rules',
            lazy: async () => ({
              Component: (await import('./places/sheets/SubmissionRules.tsx')).SubmissionRules,
            }),
          },
          {
            path: 'pictures',
            lazy: async () => ({ Component: (await import('./places/ledger/LedgerPlace.tsx')).LedgerPlace }),
          },
          {
            path: 'bench/:pictureId/:deliverableId',
            lazy: async () => ({ Component: (await import('./places/bench/BenchPlace.tsx')).BenchPlace }),
          },
          {
            path: 'proof',
            lazy: async () => ({ Component: (await import('./places/proof/ProofPlace.tsx')).ProofPlace }),
          },
          {
            path: 'hand-in',
            lazy: async () => ({ Component: (await import('./places/hand-in/HandInPlace.tsx')).HandInPlace }),
          },
        ],
      },
      { path: '*', Component: ErrorPage },
    ],
  },
]);
