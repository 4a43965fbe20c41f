import Link from 'next/link';
import { type AlsoToday as Also, isShort } from '../../views/also-today';
import type { FoodNote } from '../../views/food-view';
import type { ShortageLine } from '../../views/kit-view';
import type { MeantNow } from '../../views/season-plan-view';
import type { YardToday } from '../../views/today-view';
import { alsoPhrases } from '../../words/pages/also';
import { Row } from '../controls/Row';
import { FoodAskedList } from '../food/FoodAskedList';
import { Shortages } from '../kit/Shortages';
import { LossQuestion } from '../scale/LossQuestion';
import { MeantList } from '../season-plan/MeantList';
import { DailyTick } from './DailyTick';
import { InTheYard } from './InTheYard';

interface Props {
  readonly also: Also;
  readonly yard: YardToday;
  readonly meant: readonly MeantNow[];
  readonly foodAsked: readonly FoodNote[];
  readonly shortages: readonly ShortageLine[];
  readonly swarmRisks: readonly string[];
  readonly minute: string;
}

/** What else the day asks, folded into one line: swarm weather, scales, kit, hives that are moved or turned, food, the season's plan. */
export function AlsoToday({ also, yard, meant, foodAsked, shortages, swarmRisks, minute }: Props) {
  const { brief, daily, losses } = also;
  if (brief.length === 0) return null;
  return (
    <section aria-label={alsoPhrases.title}>
      <Row title={alsoPhrases.title} brief={brief.join(' · ')} aside={alsoPhrases.count(brief.length)}>
        {swarmRisks.map((words) => (
          <p key={words} className="text-propolis max-w-prose border-l-4 border-propolis pl-3 font-semibold">
            {words}
          </p>
        ))}
        {losses.map(({ colony, loss }) => (
          <div key={`${colony.id} ${loss.at}`} className="mt-2">
            <b>{colony.name}</b>
            <LossQuestion loss={loss} colonyName={colony.name} />
          </div>
        ))}
        <Shortages lines={shortages.filter(isShort)} title="Kit: short" />
        <InTheYard yard={yard} minute={minute} />
        {daily.map(({ colony, task }) => (
          <div key={`${colony.id} ${task.key}`} className="mt-2 text-sm">
            <p>
              <b>{colony.name}</b> {task.words}
            </p>
            <DailyTick task={task} colony={colony} minute={minute} />
          </div>
        ))}
        <FoodAskedList notes={foodAsked} />
        <MeantList meant={meant} isOpen />
        <Shortages lines={shortages.filter((line) => !isShort(line))} title="Kit to bring" />
        {shortages.length > 0 && (
          <Link prefetch={false} href="/apiaries/kit" className="inline-block min-h-6 text-sm">
            All of the kit
          </Link>
        )}
      </Row>
    </section>
  );
}
