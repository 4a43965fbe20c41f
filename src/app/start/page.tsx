import type { Metadata } from 'next';
import { StartForm } from '@/ui/forms/StartForm';

export const metadata: Metadata = { title: 'Begin' };

export default function Page() {
  return <StartForm />;
}
