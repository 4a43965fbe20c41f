import { photoFact } from '@/core/facts/photo';
import { savePhoto } from '@/server/entries/save-photo';
import { takeEntry } from '@/server/http/handle';

export const POST = (request: Request) => takeEntry(request, photoFact, ({ db }, photo) => savePhoto(db, photo));
