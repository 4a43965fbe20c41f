import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { METHODS } from '@/core/methods/methods';
import { FRAME_SIZES } from '@/core/space/frame-size';
import { database } from '@/db/open';
import { loadSettings } from '@/db/repositories/settings';
import { MethodPage } from '@/ui/methods/MethodPage';
import { EXAMPLE_QUEEN, exampleOf } from '@/views/example-hive';
import { handbookPage } from '@/views/handbook';
import { methodTitle } from '@/words/methods/methods';
import { unitTitle } from '../../../words/units';

interface Props {
  params: Promise<{ name: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { name: wanted } = await params;
  const method = METHODS.find(({ name }) => name === wanted);
  return { title: method ? methodTitle(method.name) : 'Methods' };
}

export default async function Page({ params }: Props) {
  const { name: wanted } = await params;
  const method = METHODS.find(({ name }) => name === wanted);
  if (!method) notFound();
  const settings = loadSettings(database().db);
  const example = exampleOf(method.name, settings);
  const isOne = example?.after.length === 1;
  return (
    <MethodPage
      page={handbookPage(method, settings)}
      before={example ? [{ title: 'Before', hive: example.before }] : []}
      after={
        example?.after.map(({ name, hive }) => ({ title: isOne ? 'After' : `After: ${unitTitle(name)}`, hive })) ?? []
      }
      queenFrameId={EXAMPLE_QUEEN}
      sizes={FRAME_SIZES}
    />
  );
}
