import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { LightsView } from '@/features/road/lights';

export const metadata: Metadata = { title: 'Lamps' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <LightsView />
    </Suspense>
  );
}
