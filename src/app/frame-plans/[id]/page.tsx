import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { methodNamed } from '@/core/methods/methods';
import { database } from '@/db/open';
import { findFramePlan } from '@/db/repositories/frame-plans';
import { now } from '@/server/clock';
import { awaitsStart, runsAlready } from '@/server/frames/frame-plans';
import { loadNames } from '@/server/names';
import { PlanPage } from '@/ui/frames/PlanPage';
import { cautionWords } from '@/words/cautions';
import { methodTitle } from '@/words/methods/methods';

export const metadata: Metadata = { title: 'Moving frames' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { db } = database();
  const plan = findFramePlan(db, (await params).id);
  if (!plan) notFound();
  const { cautions } = methodNamed(plan.method);
  const title = methodTitle(plan.method);
  const name = loadNames(db).colonies.find(({ id }) => id === plan.colonyId)?.name ?? '';
  // A list that neither begins a method nor is of one that runs is of none.
  const belongs = plan.begins !== null || runsAlready(db, plan);
  return (
    <PlanPage
      plan={plan}
      colony={{ id: plan.colonyId, name }}
      title={belongs ? title : 'Moving frames'}
      begins={plan.begins && plan.finishedAt === null ? title : null}
      minute={(await now()).minute}
      cautions={cautions.map(cautionWords)}
      startPath={awaitsStart(db, plan) ? `/colonies/${plan.colonyId}/start/${plan.method}` : null}
    />
  );
}
