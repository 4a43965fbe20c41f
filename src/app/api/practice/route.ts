import { practiceSent } from '@/core/facts/practised';
import { takeEntry } from '@/server/http/handle';
import { keepPractised } from '@/server/practice/keep-practised';

export const POST = (request: Request) => takeEntry(request, practiceSent, ({ db }, sent) => keepPractised(db, sent));
