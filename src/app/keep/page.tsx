import type { Metadata } from 'next';
import { Suspense } from 'react';
import { Loading } from '@/features/rigs';
import { SettingsView } from '@/features/settings';

export const metadata: Metadata = { title: 'Backup & settings' };

export default function Page() {
  return (
    <Suspense fallback={<Loading />}>
      <SettingsView />
    </Suspense>
  );
}
