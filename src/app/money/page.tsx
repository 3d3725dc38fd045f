import type { Metadata } from 'next';
import { Suspense } from 'react';
import { MoneyView } from '@/features/money';
import { Loading } from '@/features/rigs';

export const metadata: Metadata = { title: 'Money and time' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <MoneyView />
    </Suspense>
  );
}
