import type { Metadata } from 'next';
import { MethodList } from '@/ui/methods/MethodList';
import { handbookLists } from '@/views/handbook';

export const metadata: Metadata = { title: 'Methods' };

export default function Page() {
  return <MethodList lists={handbookLists()} />;
}
