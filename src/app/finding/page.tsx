import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { FindingView } from '@/features/logbook/findings';

export const metadata: Metadata = { title: 'Finding' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <FindingView />
    </Suspense>
  );
}
