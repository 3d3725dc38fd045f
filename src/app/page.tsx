import { Suspense } from 'react';
import { YardLoading, YardView } from '@/features/yard';

export default function Page() {
  return (
    <Suspense fallback={<YardLoading />}>
      <YardView />
    </Suspense>
  );
}
