import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { WheelEndView } from '@/features/logbook/wheel-end';

export const metadata: Metadata = { title: 'Wheel end' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <WheelEndView />
    </Suspense>
  );
}
