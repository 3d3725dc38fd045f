import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/common';
import { KeepView } from '@/features/keep';

export const metadata: Metadata = { title: 'Keep' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <KeepView />
    </Suspense>
  );
}
