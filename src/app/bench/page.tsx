import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { BenchView } from '@/features/bench';

export const metadata: Metadata = { title: 'Bench' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <BenchView />
    </Suspense>
  );
}
