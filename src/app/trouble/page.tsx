import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { TroubleView } from '@/features/road/trouble';

export const metadata: Metadata = { title: 'Trouble' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <TroubleView />
    </Suspense>
  );
}
