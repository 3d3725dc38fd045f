import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { PartsView } from '@/features/parts';

export const metadata: Metadata = { title: 'Parts' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <PartsView />
    </Suspense>
  );
}
