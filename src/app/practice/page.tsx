import type { Metadata } from 'next';
import { Suspense } from 'react';
import { PracticeView } from '@/features/practice';
import { Loading } from '@/features/rigs';

export const metadata: Metadata = { title: 'Practice' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <PracticeView />
    </Suspense>
  );
}
