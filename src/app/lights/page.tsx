import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/common';
import { LightsView } from '@/features/lights';

export const metadata: Metadata = { title: 'Lamps' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <LightsView />
    </Suspense>
  );
}
