import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Navigate, Route, Routes, useLocation } from 'react-router';
import { base } from './api/base';
import { hashOnce } from './api/hashOnce';
import { Frame } from './frame/Frame';
import { PlanProvider } from './plan/PlanContext';
import { PeekProvider } from './plan/PeekContext';
import { ProblemNote } from './shared/ProblemNote';
import './styles/rimrock.scss';
import { UnitProvider } from './units/UnitContext';

const scripts = {
  bench: () => import('./rooms/bench/BenchRoom'),
  choose: () => import('./rooms/choose/ChooseRoom'),
  ready: () => import('./rooms/ready/ReadyRoom'),
  log: () => import('./rooms/log/LogRoom'),
  shelf: () => import('./rooms/shelf/ShelfRoom'),
  start: () => import('./rooms/start/NewCarRoom'),
};
const BenchRoom = lazy(scripts.bench);
const ChooseRoom = lazy(scripts.choose);
const LogRoom = lazy(scripts.log);
const ReadyRoom = lazy(scripts.ready);
const ShelfRoom = lazy(scripts.shelf);
const NewCarRoom = lazy(scripts.start);

// The other rooms' scripts are fetched once the first room stands, so that a room opens at once.
const settledMs = 4000;
const later = { ...scripts, finder: () => import('./frame/Finder'), help: () => import('./frame/Help') };
setTimeout(() => Object.values(later).forEach((script) => void script().catch(() => undefined)), settledMs);
const queries = new QueryClient({ defaultOptions: { queries: { refetchOnWindowFocus: false, retry: 1, queryKeyHashFn: hashOnce } } });

function ToBench() {
  const { search } = useLocation();
  return <Navigate to={`/bench${search}`} replace />;
}

const loading = <p className="loading">Opening the shelf…</p>;

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <UnitProvider>
        <BrowserRouter basename={base || undefined}>
          <PlanProvider loading={loading} failed={(error, retry) => <ProblemNote error={error} retry={retry} />}>
            <PeekProvider>
              <Suspense fallback={loading}>
                <Routes>
                  <Route element={<Frame />}>
                    <Route path="/bench" element={<BenchRoom />} />
                    <Route path="/choose" element={<ChooseRoom />} />
                    <Route path="/ready" element={<ReadyRoom />} />
                    <Route path="/log" element={<LogRoom />} />
                    <Route path="/shelf" element={<ShelfRoom />} />
                    <Route path="/new" element={<NewCarRoom />} />
                    <Route path="*" element={<ToBench />} />
                  </Route>
                </Routes>
              </Suspense>
            </PeekProvider>
          </PlanProvider>
        </BrowserRouter>
      </UnitProvider>
    </QueryClientProvider>
  </StrictMode>,
);
