import { z } from 'zod';
import { takeEntry } from '@/server/http/handle';
import { putBackProgramme, takeBackProgramme } from '@/server/programmes/change-programme';
import { correctProgramme, programmeCorrection } from '@/server/programmes/correct-programme';

interface Context {
  params: Promise<{ id: string }>;
}

const nothing = z.strictObject({});

/** Puts a start that was taken back into the book again. */
export async function POST(request: Request, { params }: Context) {
  const { id } = await params;
  return takeEntry(request, nothing, ({ db }, _, now) => putBackProgramme(db, id, now));
}

/** Takes the start back, as if it had not been made. */
export async function DELETE(request: Request, { params }: Context) {
  const { id } = await params;
  return takeEntry(request, nothing, ({ db }, _, now) => takeBackProgramme(db, id, now));
}

/** Corrects the day on which it was done. */
export async function PUT(request: Request, { params }: Context) {
  const { id } = await params;
  return takeEntry(request, programmeCorrection.omit({ id: true }), ({ db }, correction, now) =>
    correctProgramme(db, { ...correction, id }, now),
  );
}
