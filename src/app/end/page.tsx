import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/common';
import { EndView } from '@/features/end';

export const metadata: Metadata = { title: 'Wheel end' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <EndView />
    </Suspense>
  );
}
