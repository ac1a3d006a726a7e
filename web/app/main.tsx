import { QueryClientProvider } from '@tanstack/react-query';
import { StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { queryClient } from '../data/queries.ts';
import { Coming } from '../ui/message.tsx';
import { Router } from './router.tsx';
import './styles.css';

const root = document.getElementById('root');
if (!root) throw new RangeError('the page has no root');
createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queryClient}>
      <Suspense fallback={<Coming />}>
        <Router />
      </Suspense>
    </QueryClientProvider>
  </StrictMode>,
);
