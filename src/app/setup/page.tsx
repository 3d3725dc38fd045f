import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/common';
import { SetupView } from '@/features/setup';

export const metadata: Metadata = { title: 'Set-up' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <SetupView />
    </Suspense>
  );
}
