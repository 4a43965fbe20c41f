/** How much a single field may hold. Longer input is refused whole, never cut. */
export const LIMITS = {
  name: 60,
  place: 80,
  note: 4000,
  cellsPerInspection: 200,
  boxes: 10,
  frames: 24,
  layingRoomDays: 99,
  broodFrames: 60,
  seams: 60,
  code: 40,
  key: 120,
  steps: 40,
  photoCharacters: 250_000,
} as const;
