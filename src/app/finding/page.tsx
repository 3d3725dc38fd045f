import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/common';
import { FindingView } from '@/features/findings';

export const metadata: Metadata = { title: 'Finding' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <FindingView />
    </Suspense>
  );
}
