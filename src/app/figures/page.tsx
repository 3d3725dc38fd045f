import type { Metadata } from 'next';
import { Suspense } from 'react';
import { FiguresView } from '@/features/figures';
import { Loading } from '@/features/rigs';

export const metadata: Metadata = { title: 'Figures' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <FiguresView />
    </Suspense>
  );
}
