import { temperatureWords } from '../measures';
/** A method as it is read beforehand. */
export const handbookPhrases = {
  againstSwarming: 'Against swarming',
  forRoom: 'For room',
  forAColonyWithout: 'For a colony without a laying queen',
  forAnotherColony: 'For another colony',
  theQueenToBeFound: 'the queen to be found',
  broodFrames: (least: number) => `at least ${least} frames of brood`,
  seams: (least: number) => `at least ${least} seams of bees`,
  eggsOrVeryYoungLarvae: 'eggs or very young larvae',
  aLiveCellToKeep: 'a live cell to keep',
  noLiveCell: 'no live cell',
  noCellSealedYet: 'no cell sealed yet',
  dronesFlying: 'drones flying, or soon',
  theMainFlow: 'the main flow on or near',
  warmNights: (leastC: number) => `nights of ${temperatureWords(leastC)} or more`,
  aSecondStand: 'a second stand, floor and roof',
  day: (from: number) => `day ${from}`,
  dayTo: (from: number, to: number, best: number) => `day ${from} to ${to}, best day ${best}`,
};
