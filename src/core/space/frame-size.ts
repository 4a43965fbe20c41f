import {
  CELLS_COMMERCIAL,
  CELLS_DADANT_DEEP,
  CELLS_LANGSTROTH_DEEP,
  CELLS_LANGSTROTH_MEDIUM,
  CELLS_NATIONAL_14X12,
  CELLS_NATIONAL_DEEP,
  CELLS_NATIONAL_SUPER,
  CELLS_SMITH,
  CELLS_WBC_DEEP,
} from '../biology/comb';

/** A size of frame: boxes take frames of one size. */
export interface FrameSize {
  readonly id: string;
  readonly name: string;
  /** Worker cells on both sides, fully drawn. */
  readonly cells: number;
  /** Frames that a box of it usually holds. */
  readonly places: number;
}

const size = (id: string, name: string, { value: cells }: { readonly value: number }, places: number): FrameSize => ({
  id,
  name,
  cells,
  places,
});

/** The sizes that are always there; a keeper's own are added to them. */
export const FRAME_SIZES: readonly FrameSize[] = [
  size('national-deep', 'British National deep', CELLS_NATIONAL_DEEP, 11),
  size('national-14x12', 'National 14x12', CELLS_NATIONAL_14X12, 11),
  size('national-super', 'National super', CELLS_NATIONAL_SUPER, 11),
  size('langstroth-deep', 'Langstroth deep', CELLS_LANGSTROTH_DEEP, 10),
  size('langstroth-medium', 'Langstroth medium', CELLS_LANGSTROTH_MEDIUM, 10),
  size('dadant-deep', 'Dadant deep', CELLS_DADANT_DEEP, 11),
  size('commercial', 'Commercial', CELLS_COMMERCIAL, 11),
  size('wbc-deep', 'WBC deep', CELLS_WBC_DEEP, 10),
  size('smith', 'Smith', CELLS_SMITH, 11),
];

/** The size of that id. Throws when there is none: a hive is never stored with a size that is not known. */
export function sizeOf(id: string, sizes: readonly FrameSize[] = FRAME_SIZES): FrameSize {
  const found = sizes.find((one) => one.id === id);
  if (!found) throw new Error(`No frame size ${id}`);
  return found;
}
