import type { Metadata } from 'next';
import { Suspense } from 'react';
import { ToOrderView } from '@/features/to-order';
import { Loading } from '@/features/rigs';

export const metadata: Metadata = { title: 'What to order' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <ToOrderView />
    </Suspense>
  );
}
