import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { PlanView } from '@/features/plan/days';

export const metadata: Metadata = { title: 'Plan' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <PlanView />
    </Suspense>
  );
}
