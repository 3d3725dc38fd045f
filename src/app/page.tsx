import { Suspense } from 'react';
import { Loading } from '@/features/common';
import { YardView } from '@/features/yard';

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <YardView />
    </Suspense>
  );
}
