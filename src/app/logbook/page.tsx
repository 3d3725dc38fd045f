import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { LogbookView } from '@/features/logbook/log';

export const metadata: Metadata = { title: 'Logbook' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <LogbookView />
    </Suspense>
  );
}
