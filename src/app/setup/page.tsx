import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { SetupView } from '@/features/rig/setup';

export const metadata: Metadata = { title: 'Set-up' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <SetupView />
    </Suspense>
  );
}
