import { Lost } from '@/features/shell';

export default function Page() {
  return <Lost />;
}
