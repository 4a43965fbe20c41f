import type { Day } from '../core/calendar/day';
import { SWARM_SIGNS, type SwarmSign, swarmSign } from '../core/colony/may-swarm';
import { lays } from '../core/queens/queen-questions';
import { shutOn } from '../core/schedule/leave-shut-wins';
import { massWords } from '../words/measures';
import { swarmOutPhrases } from '../words/pages/swarm-out';
import { notBeforeWords } from '../words/shut';
import type { AllApiaries, StandingColony } from './all-apiaries';

export interface SwarmSuspect {
  readonly colonyId: string;
  readonly name: string;
  readonly stand: string;
  readonly why: readonly string[];
  readonly isLikely: boolean;
  /** With its queen, or with a virgin. */
  readonly kind: 'swarmed' | 'cast-left';
}

export interface SwarmOutView {
  readonly apiaries: readonly {
    readonly id: string;
    readonly name: string;
    /** It is swarm weather there today. */
    readonly weather: string | null;
    /** From whom it is likeliest first. */
    readonly hives: readonly SwarmSuspect[];
  }[];
}

/** A swarm is out: at each apiary whose it may be, the likeliest first. The apiary where it is likeliest comes first. */
export function swarmOutView({ apiaries, colonies, measured }: AllApiaries, today: Day): SwarmOutView {
  const there = apiaries.map(({ id, name }) => {
    const isFine = measured?.weather.get(id)?.swarmWeather.includes(today) ?? false;
    const hives = colonies
      .filter(({ colony }) => colony.apiaryId === id)
      .map((one) => suspect(one, today, measured?.scales.get(one.colony.id)?.losses ?? []))
      .sort((a, b) => a.rank - b.rank);
    const weather = isFine ? swarmOutPhrases.swarmWeather : null;
    return { id, name, weather, rank: (hives[0]?.rank ?? SWARM_SIGNS.length) - (isFine ? 1 / 2 : 0), hives };
  });
  return {
    apiaries: there
      .sort((a, b) => a.rank - b.rank)
      .map(({ rank: _, hives, ...apiary }) => ({ ...apiary, hives: hives.map(({ rank: __, ...hive }) => hive) })),
  };
}

/** What speaks for it at all. */
const LIKELY: ReadonlySet<SwarmSign> = new Set(['sealed-cells', 'open-cells', 'unseen-since']);

function suspect(
  { colony, state }: StandingColony,
  today: Day,
  losses: readonly { readonly at: string; readonly kg: number }[],
): SwarmSuspect & { readonly rank: number } {
  const sign = swarmSign(state);
  // As long as it is asked about: who stands before a swarm today may have lost it two days ago.
  const loss = losses.at(-1);
  const shut = shutOn(state.schedule.leaveShut, today);
  return {
    colonyId: colony.id,
    name: colony.name,
    stand: colony.stand,
    why: [
      ...(loss ? [swarmOutPhrases.loss(massWords(Math.abs(loss.kg)), loss.at, today)] : []),
      swarmOutPhrases.sign[sign],
      ...(shut ? [`${notBeforeWords(shut)}.`] : []),
    ],
    isLikely: loss !== undefined || LIKELY.has(sign),
    kind: lays(state.queen) ? 'swarmed' : 'cast-left',
    rank: loss ? -1 : SWARM_SIGNS.indexOf(sign),
  };
}
