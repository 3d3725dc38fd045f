import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { SheetView } from '@/features/bench';

export const metadata: Metadata = { title: 'Job sheet' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <SheetView />
    </Suspense>
  );
}
