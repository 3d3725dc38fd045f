import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { KitView } from '@/features/road/kit';

export const metadata: Metadata = { title: 'Kit' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <KitView />
    </Suspense>
  );
}
