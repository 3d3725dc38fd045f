import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/common';
import { IdentifyView } from '@/features/identify';

export const metadata: Metadata = { title: 'Identify' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <IdentifyView />
    </Suspense>
  );
}
