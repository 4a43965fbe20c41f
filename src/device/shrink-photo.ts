/** The longest side of a stored photo: a frame fills a screen, and an egg is still a dot. */
const LONGEST_PX = 1280;
const QUALITIES = [0.72, 0.55, 0.4] as const;
/** As base64 it must stay within what an entry may hold. */
export const PHOTO_BYTES = 180_000;

/** A picture made small enough to keep: a JPEG of at most {@link PHOTO_BYTES} bytes as base64 text; null where it is no picture. */
export async function shrinkPhoto(file: Blob): Promise<string | null> {
  const picture = await createImageBitmap(file).catch(() => null);
  if (!picture) return null;
  for (const side of [LONGEST_PX, LONGEST_PX / 2]) {
    const scale = Math.min(1, side / Math.max(picture.width, picture.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(picture.width * scale);
    canvas.height = Math.round(picture.height * scale);
    canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
    for (const quality of QUALITIES) {
      const base64 = canvas.toDataURL('image/jpeg', quality).split(',')[1] ?? '';
      if (base64.length * 0.75 <= PHOTO_BYTES) return base64;
    }
  }
  return null;
}
