import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/common';
import { WalkView } from '@/features/walk';

export const metadata: Metadata = { title: 'Walk' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <WalkView />
    </Suspense>
  );
}
