import { Lost } from '@/features/shell';

export default function NotFound() {
  return <Lost />;
}
