import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { RigFactsView } from '@/features/rig/sheet';

export const metadata: Metadata = { title: 'Rig' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <RigFactsView />
    </Suspense>
  );
}
