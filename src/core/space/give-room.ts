import type { MethodName } from '../methods/method';
import type { Said } from '../says/said';
import { openOrInterleave } from './open-or-interleave';
import { asIs, type ProposalFrom } from './proposals/proposal';
import { propose } from './proposals/propose';
import type { Room } from './room';
import { say } from './says';
import type { Triggers } from './triggers';
import { movedFrames } from './work-list/order';

/** What would give a queen room, and why that. */
export interface RoomHelp {
  readonly method: MethodName;
  readonly why: Said;
}

/** What is known of a hive whose queen wants room. */
export interface WantsRoom {
  readonly room: Room;
  readonly triggers: Triggers;
  readonly nest: Parameters<typeof openOrInterleave>[0];
  readonly limits: Parameters<typeof openOrInterleave>[1];
  /** The swarm season is over: nobody gives a second box or a super any more. */
  readonly isSeasonOver: boolean;
}

/**
 * What would help first: what hems her in is freed, then room is given in the nest, then on top. Nothing is recommended that would come
 * to nothing with these frames.
 *
 * @param canBeLaidOut whether the frames can be moved so for a method
 */
export function waysToGiveRoom(wants: WantsRoom, canBeLaidOut: (method: MethodName) => boolean): readonly RoomHelp[] {
  const { room, triggers, nest, limits, isSeasonOver } = wants;
  const { bound, out, isShortNow } = room;
  const isShort = !bound && (out !== null || isShortNow);
  const inNest = openOrInterleave(nest, limits);
  const ways: readonly (RoomHelp | false)[] = [
    bound?.by === 'pollen' && { method: 'pollen-bound', why: say('pollen-takes-her-comb') },
    bound !== null &&
      bound.by !== 'pollen' && { method: 'honey-bound', why: say('stores-take-her-comb', { by: bound.by }) },
    isShort && inNest,
    // The sides are opened where interleaving cannot be laid out.
    isShort &&
      inNest.method === 'interleave' &&
      !canBeLaidOut('interleave') && { method: 'open-sides', why: say('gaps-would-part-young-brood') },
    triggers.addBox && !isSeasonOver && { method: 'add-box', why: say('bees-cover-the-top-box') },
    triggers.addSuper && !isSeasonOver && { method: 'add-super', why: say('supers-nearly-full') },
  ];
  return ways.filter((way) => way !== false).filter(({ method }) => canBeLaidOut(method));
}

/** Whether a method has anything to move or to add with these frames. */
export function comesToSomething(method: MethodName, from: Omit<ProposalFrom, 'newId'>): boolean {
  let made = 0;
  const newId = () => {
    made += 1;
    return `new-${made}`;
  };
  const { arrangement } = propose(method, { ...from, newId });
  return made > 0 || movedFrames(asIs(from.hive), arrangement).length > 0;
}
