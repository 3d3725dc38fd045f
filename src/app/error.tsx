'use client';

import { Broken } from '@/features/shell';

export default function Page({ error, reset }: { error: Error; reset: () => void }) {
  return <Broken what={error.message} again={reset} />;
}
