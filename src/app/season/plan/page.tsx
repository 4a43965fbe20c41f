import type { Metadata } from 'next';
import { FIRST_YEAR, LAST_YEAR } from '@/core/calendar/day';
import { database } from '@/db/open';
import { loadApiaries } from '@/server/all-apiaries';
import { now } from '@/server/clock';
import { oneParam } from '@/server/one-param';
import { plannedYear, seasonPlanNow } from '@/server/season-plan/season-plan-now';
import { PlanPage } from '@/ui/season-plan/PlanPage';

export const metadata: Metadata = { title: 'Plan of the season' };

interface Props {
  readonly searchParams: Promise<{ readonly year?: string | string[] }>;
}

export default async function Page({ searchParams }: Props) {
  const { today } = await now();
  const opened = database();
  const all = loadApiaries(opened, today);
  const asked = Number(oneParam((await searchParams).year) ?? Number.NaN);
  const isYear = Number.isInteger(asked) && asked > FIRST_YEAR && asked < LAST_YEAR;
  const year = isYear ? asked : plannedYear(all, today);
  return <PlanPage key={year} view={seasonPlanNow(opened, all, today, year)} today={today} />;
}
