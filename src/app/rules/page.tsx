import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { RulesView } from '@/features/rig/rules';

export const metadata: Metadata = { title: 'House rules' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <RulesView />
    </Suspense>
  );
}
