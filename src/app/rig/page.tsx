import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/common';
import { RigFactsView } from '@/features/rig';

export const metadata: Metadata = { title: 'Rig' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <RigFactsView />
    </Suspense>
  );
}
