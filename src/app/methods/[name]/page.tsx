import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { METHODS } from '@/core/methods/methods';
import { FRAME_SIZES } from '@/core/space/frame-size';
import { database } from '@/db/open';
import { loadSettings } from '@/db/repositories/settings';
import { unitTitle } from '@/ui/board/unit-title';
import { MethodPage } from '@/ui/methods/MethodPage';
import { EXAMPLE_QUEEN, exampleOf } from '@/views/example-hive';
import { weighsOf } from '@/views/frames-view';
import { handbookPage } from '@/views/handbook';

interface Props {
  params: Promise<{ name: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { name: wanted } = await params;
  return { title: METHODS.find(({ name }) => name === wanted)?.title ?? 'Methods' };
}

export default async function Page({ params }: Props) {
  const { name: wanted } = await params;
  const method = METHODS.find(({ name }) => name === wanted);
  if (!method) notFound();
  const settings = loadSettings(database().db);
  const example = exampleOf(method.name, settings);
  const shown = (title: string, hive: Parameters<typeof weighsOf>[0]) => ({
    title,
    hive,
    weighs: weighsOf(hive, null, FRAME_SIZES),
  });
  const isOne = example?.after.length === 1;
  return (
    <MethodPage
      page={handbookPage(method, settings)}
      before={example ? [shown('Before', example.before)] : []}
      after={example?.after.map(({ name, hive }) => shown(isOne ? 'After' : `After: ${unitTitle(name)}`, hive)) ?? []}
      queenFrameId={EXAMPLE_QUEEN}
      sizes={FRAME_SIZES}
    />
  );
}
