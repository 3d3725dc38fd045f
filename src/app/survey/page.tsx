import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { SurveyView } from '@/features/rig/survey';

export const metadata: Metadata = { title: 'First inspection' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <SurveyView />
    </Suspense>
  );
}
