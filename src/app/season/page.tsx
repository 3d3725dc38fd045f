import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { SeasonView } from '@/features/plan/season';

export const metadata: Metadata = { title: 'Plan' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <SeasonView />
    </Suspense>
  );
}
