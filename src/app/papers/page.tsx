import type { Metadata } from 'next';
import { Suspense } from 'react';
import { PapersView } from '@/features/logbook/papers';
import { Loading } from '@/features/rigs';

export const metadata: Metadata = { title: 'Papers' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <PapersView />
    </Suspense>
  );
}
