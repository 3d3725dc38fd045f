import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { IdentifyView } from '@/features/rig/identify';

export const metadata: Metadata = { title: 'Identify' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <IdentifyView />
    </Suspense>
  );
}
