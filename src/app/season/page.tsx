import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/common';
import { SeasonView } from '@/features/season';

export const metadata: Metadata = { title: 'Season' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <SeasonView />
    </Suspense>
  );
}
