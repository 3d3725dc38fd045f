import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { RoadView } from '@/features/road/way';

export const metadata: Metadata = { title: 'Road' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <RoadView />
    </Suspense>
  );
}
