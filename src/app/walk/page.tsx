import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { WalkView } from '@/features/road/walk';

export const metadata: Metadata = { title: 'Road' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <WalkView />
    </Suspense>
  );
}
